<?php

declare(strict_types=1);

namespace Sundial\Planning\Levelling;

use Sundial\Calendar\LocalDate;
use Sundial\Calendar\WorkingDays;
use Sundial\Support\Rounding;

/** How much planned work people can do in a stretch of time: their minutes of a week, by its working days. */
final readonly class Capacity
{
    /**
     * 2 250 minutes a week, Monday to Friday: a week with one holiday holds 1 800, half away from zero.
     *
     * @param  int  $weekMinutes  of all people together, in a week without holidays
     * @param  LocalDate  $to  the day after the last
     */
    public static function within(int $weekMinutes, WorkingDays $days, LocalDate $from, LocalDate $to): int
    {
        return Rounding::divideHalfAwayFromZero($weekMinutes * $days->count($from, $to), $days->inAWeek());
    }

    /**
     * Where a load exceeds its capacity; a trade whose capacity is not known exceeds nothing.
     *
     * @param  array<string, list<int>>  $minutes  by trade, stretch by stretch
     * @param  array<string, list<int>>  $capacity  likewise
     * @return list<array{string, int, int, int}> trade, stretch, minutes, capacity
     */
    public static function exceeded(array $minutes, array $capacity): array
    {
        $over = [];
        foreach ($minutes as $trade => $loads) {
            foreach ($loads as $i => $load) {
                if (isset($capacity[$trade][$i]) && $load > $capacity[$trade][$i]) {
                    $over[] = [$trade, $i, $load, $capacity[$trade][$i]];
                }
            }
        }

        return $over;
    }

    /** Load in per cent of a capacity, half away from zero; null without any. */
    public static function percent(int $minutes, int $capacity): ?int
    {
        return $capacity === 0 ? null : Rounding::divideHalfAwayFromZero(100 * $minutes, $capacity);
    }
}
