<?php

declare(strict_types=1);

namespace Sundial\Stock;

/** How certain it should be that a part is there when it is asked for, in percent, where nobody said otherwise. */
final readonly class ServiceLevel
{
    /** @param  string|null  $criticality  A, B, C, or not said */
    public static function usual(?string $criticality): int
    {
        return match ($criticality) {
            'A' => 99,
            'B' => 95,
            default => 90,
        };
    }
}
