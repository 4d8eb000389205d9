<?php

declare(strict_types=1);

namespace App\Platform\Frame;

/** How much time the horizon shows: days back from today, days ahead, and how it is written along the band. */
enum HorizonSpan: string
{
    case Week = 'week';
    case Months = '2 months';
    case Quarter = 'quarter';
    case Year = 'year';

    /** @return array{int, int} days back and ahead */
    public function days(): array
    {
        return match ($this) {
            self::Week => [2, 12],
            self::Months => [7, 56],
            self::Quarter => [14, 91],
            self::Year => [30, 365],
        };
    }

    /** Days that share a bundle when they are crowded. */
    public function bundle(): int
    {
        return match ($this) {
            self::Week, self::Months => 1,
            self::Quarter => 3,
            self::Year => 7,
        };
    }

    /** The one that this person chose last. */
    public static function chosen(): self
    {
        return self::tryFrom((string) session('horizon.span')) ?? self::Months;
    }
}
