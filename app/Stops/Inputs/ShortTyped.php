<?php

declare(strict_types=1);

namespace App\Stops\Inputs;

use DateTimeImmutable;

/** Many short stops, entered in one: within which hour, how many, how long in all, why. */
final readonly class ShortTyped
{
    public function __construct(
        public DateTimeImmutable $hour,
        public int $stops,
        public int $seconds,
        public string $reason,
        public ?int $assetId = null,
    ) {
    }
}
