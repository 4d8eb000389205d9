<?php

declare(strict_types=1);

namespace Sundial\Support;

/** Whole-number arithmetic with its rounding named; never passes through a float. */
final readonly class Rounding
{
    /**
     * numerator / denominator to the nearest whole number, halves away from zero. Denominator above 0.
     */
    public static function divideHalfAwayFromZero(int $numerator, int $denominator): int
    {
        $magnitude = intdiv(2 * abs($numerator) + $denominator, 2 * $denominator);

        return $numerator < 0 ? -$magnitude : $magnitude;
    }

    /** numerator / denominator rounded up. Denominator above 0. */
    public static function divideUp(int $numerator, int $denominator): int
    {
        return -self::divideDown(-$numerator, $denominator);
    }

    /** numerator / denominator rounded down (towards minus infinity). Denominator above 0. */
    public static function divideDown(int $numerator, int $denominator): int
    {
        $quotient = intdiv($numerator, $denominator);

        return $numerator % $denominator < 0 ? $quotient - 1 : $quotient;
    }
}
