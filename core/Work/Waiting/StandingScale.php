<?php

declare(strict_types=1);

namespace Sundial\Work\Waiting;

/**
 * Where so long a stay is drawn: days that have just passed lie apart, those of last month close together. Straight
 * between named days, so that a place can be read off.
 */
final readonly class StandingScale
{
    private const DAY = 24 * 60;

    /** Thousandths of the width, by whole days. */
    public const KNOTS = [0 => 0, 1 => 190, 3 => 340, 7 => 520, 14 => 720, 30 => 900, 365 => 1000];

    /** @param  int  $minutes  of the stay; beyond a year it stands at the end */
    public static function place(int $minutes): int
    {
        $days = array_keys(self::KNOTS);
        for ($i = 1; $i < count($days); $i++) {
            [$from, $to] = [$days[$i - 1] * self::DAY, $days[$i] * self::DAY];
            if ($minutes <= $to) {
                [$left, $right] = [self::KNOTS[$days[$i - 1]], self::KNOTS[$days[$i]]];

                return $left + intdiv(($right - $left) * (max(0, $minutes) - $from), $to - $from);
            }
        }

        return 1000;
    }
}
