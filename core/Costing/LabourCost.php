<?php

declare(strict_types=1);

namespace Sundial\Costing;

use Sundial\Support\Rounding;

/**
 * Labour cost: the sum of minutes / 60 x rate x factor (1, 1.5, 2), rounded once per booking, half away from zero.
 * Source: design page 2, section 2 (definition).
 */
final readonly class LabourCost
{
    /** A booking in cents: all its minutes together, whatever they are paid. */
    public static function of(WorkedMinutes $minutes, HourlyRate $rate): int
    {
        // Half minutes x ten-thousandths an hour: 120 half minutes an hour, 100 ten-thousandths a cent.
        return Rounding::divideHalfAwayFromZero($minutes->paidHalves() * $rate->tenThousandths, 120 * 100);
    }

    /** Minutes of normal time that are planned, in cents. */
    public static function planned(int $minutes, HourlyRate $rate): int
    {
        return self::of(WorkedMinutes::of(max(0, $minutes)), $rate);
    }
}
