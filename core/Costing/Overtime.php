<?php

declare(strict_types=1);

namespace Sundial\Costing;

/** At what multiple of the rate an hour is paid. */
enum Overtime: string
{
    case Normal = 'normal';
    case TimeAndHalf = 'time and a half';
    case Double = 'double';

    /** The factor in halves: 2, 3 or 4. */
    public function halves(): int
    {
        return match ($this) {
            self::Normal => 2,
            self::TimeAndHalf => 3,
            self::Double => 4,
        };
    }
}
