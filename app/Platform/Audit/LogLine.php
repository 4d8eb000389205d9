<?php

declare(strict_types=1);

namespace App\Platform\Audit;

use DateTimeImmutable;

/** One line of a log, at the site's local time. */
final readonly class LogLine
{
    /** @param  array<string, array{mixed, mixed}>  $changes */
    public function __construct(
        public int $id,
        public DateTimeImmutable $at,
        public string $who,
        public string $did,
        public array $changes,
        public ?string $note,
    ) {
    }
}
