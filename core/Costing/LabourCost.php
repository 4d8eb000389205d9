<?php

declare(strict_types=1);

namespace Sundial\Costing;

use Sundial\Support\InvalidInput;
use Sundial\Support\Rounding;

/** Labour cost: minutes / 60 x rate x factor, rounded once per booking, half away from zero. */
final readonly class LabourCost
{
    /**
     * Cost of one booking in cents.
     *
     * @param  int  $minutes  booked, from 0
     * @param  int  $centsPerHour  rate of pay, from 0
     *
     * @throws InvalidInput when either is negative
     */
    public static function ofBooking(int $minutes, int $centsPerHour, Overtime $overtime = Overtime::Normal): int
    {
        foreach (['minutes' => $minutes, 'rate' => $centsPerHour] as $field => $value) {
            if ($value < 0) {
                throw InvalidInput::outside($field, $value, 0);
            }
        }

        return Rounding::divideHalfAwayFromZero($minutes * $centsPerHour * $overtime->halves(), 120);
    }
}
