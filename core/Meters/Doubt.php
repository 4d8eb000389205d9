<?php

declare(strict_types=1);

namespace Sundial\Meters;

use Closure;
use Sundial\Support\InvalidInput;

/**
 * Why a reading is questioned before it is taken.
 *
 * It is below the last total; or the rate since the last reading is above 3 x the 90th percentile of earlier rates
 * (above 5 x the expected
 * use while there are fewer than four); or it is above 24 h a day for an hour meter. One step of what the meter
 * shows is never questioned.
 */
enum Doubt: string
{
    case Falls = 'falls';
    case TooFast = 'too fast';
    case MoreThanADayHolds = 'more than a day holds';

    /**
     * What is doubtful about a reading, seen beside those that stand; null when nothing is.
     *
     * @param  Totals  $before  the readings that stand already
     */
    public static function about(Counter $counter, Totals $before, CounterReading $reading): ?self
    {
        return self::beside($counter, $before, $reading, static function (CounterReading $last) use ($before): ?Rate {
            $rates = $before->rates($last->at, $last->day);

            return count($rates) >= 4 ? Rate::percentile($rates, 9) : null;
        });
    }

    /**
     * The same where the counter stands on the day of its last reading, and another of that day comes: how fast it
     * rose before is known then.
     *
     * @param  Totals  $last  of which only the last reading is asked
     */
    public static function sameDay(Counter $counter, Totals $last, CounterReading $reading, ?Rate $fast): ?self
    {
        return self::beside($counter, $last, $reading, static fn (): ?Rate => $fast);
    }

    /** @param  Closure(CounterReading): ?Rate  $fast  90th percentile of the rates before a reading; null: too few */
    private static function beside(Counter $counter, Totals $before, CounterReading $reading, Closure $fast): ?self
    {
        try {
            $fits = $before->fits($reading);
        } catch (InvalidInput) {
            return self::Falls;
        }
        if ($fits === null) {
            return null;
        }
        [$rise, $last] = $fits;
        $seconds = max(1, $reading->at - $last->at);
        if ($rise <= $counter->step()) {
            return null;
        }
        $perDay = intdiv(($rise - $counter->step()) * 86400, $seconds);
        $above = static fn (Rate $limit): bool => $perDay * $limit->days > $limit->thousandths;
        if ($counter->mostPerDay !== null && $above(Rate::of($counter->mostPerDay, 1))) {
            return self::MoreThanADayHolds;
        }
        $limit =
            $fast($last)?->times(3) ??
            ($counter->expectedPerYear === null ? null : Rate::perYear($counter->expectedPerYear)->times(5));

        return $limit !== null && $limit->thousandths > 0 && $above($limit) ? self::TooFast : null;
    }
}
