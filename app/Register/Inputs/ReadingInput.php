<?php

declare(strict_types=1);

namespace App\Register\Inputs;

use DateTimeImmutable;

/** What somebody read: what the meter showed, when, and what a questioned reading means. */
final readonly class ReadingInput
{
    /**
     * @param  DateTimeImmutable|null  $at  in UTC; null: now
     * @param  string  $turn  confirmed, rolled over or replaced, where it was questioned
     * @param  string|null  $oldFinal  what the meter last showed before it was replaced
     */
    public function __construct(
        public string $shown,
        public ?DateTimeImmutable $at = null,
        public string $turn = '',
        public ?string $oldFinal = null,
        public ?string $note = null,
    ) {
    }
}
