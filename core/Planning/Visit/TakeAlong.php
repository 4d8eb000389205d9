<?php

declare(strict_types=1);

namespace Sundial\Planning\Visit;

use Sundial\Calendar\LocalDate;
use Sundial\Support\Rounding;

/** A visit that is due near work on the same asset, and what taking it along would give away. */
final readonly class TakeAlong
{
    /** Days ahead that are looked at in any case. */
    public const LEAST_WINDOW = 14;

    /** Per cent of the interval that are looked at where that is more. */
    public const WINDOW_SHARE = 15;

    /**
     * @param  int  $early  days before its planned day; 0 on the day or late
     * @param  int  $share  per cent of its interval that is given away, half away from zero
     */
    private function __construct(public LocalDate $planned, public int $early, public int $share)
    {
    }

    /**
     * The offer to do a visit on the planned day of an order: late ones always, others when they are due within the
     * window and give away at most
     * half of their interval. The window is the greater of 14 days and 15 % of the visit's own interval.
     *
     * Planned 30 March with an interval of 30 days: an order on 20 March gives away 10 days, 33 %; one on 14 March
     * 16 days, too far.
     *
     * @param  int  $interval  days of the interval that ends in the visit
     * @return self|null null when it is not offered
     */
    public static function on(LocalDate $day, LocalDate $planned, int $interval): ?self
    {
        $early = max(0, $day->daysUntil($planned));

        return $early > self::window($interval) || 2 * $early > max(1, $interval)
            ? null
            : new self($planned, $early, Rounding::divideHalfAwayFromZero(100 * $early, max(1, $interval)));
    }

    /** How many days ahead visits with an interval are looked for. */
    public static function window(int $interval): int
    {
        return max(self::LEAST_WINDOW, Rounding::divideHalfAwayFromZero(self::WINDOW_SHARE * $interval, 100));
    }
}
