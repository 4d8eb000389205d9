<?php

declare(strict_types=1);

namespace App\Stops\Queries;

use Closure;
use DateTimeImmutable;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;

/**
 * What stood in whole days (UTC), by asset and reason, of stops that are over: whole months are read from what is kept
 * of each, the days before and after them from what is kept of days.
 */
final readonly class StopSums
{
    /** What is kept of each. */
    private const COLUMNS = ['asset_id', 'reason', 'reason_id', 'kind', 'planned', 'stops', 'seconds'];

    /**
     * @param  DateTimeImmutable  $from  a midnight
     * @param  DateTimeImmutable  $to  the midnight after the last day
     * @param  Closure(Builder): mixed  $of  of which assets or site, said of the columns of what is kept
     * @param  list<string>  $columns
     * @return Builder rows; several of one key
     */
    public static function between(
        DateTimeImmutable $from,
        DateTimeImmutable $to,
        Closure $of,
        array $columns = self::COLUMNS,
    ): Builder {
        $rows = static function (string $table, string $column, DateTimeImmutable $from, DateTimeImmutable $to) use (
            $of,
            $columns,
        ): Builder {
            $rows = DB::table($table)
                ->where($column, '>=', $from->format('Y-m-d'))
                ->where($column, '<', $to->format('Y-m-d'))
                ->select($columns);
            $of($rows);

            return $rows;
        };
        [$first, $last] = [self::monthFrom($from), $to->modify('first day of this month')];
        if ($first >= $last) {
            return $rows('stop_days', 'day', $from, $to);
        }
        $sums = $rows('stop_months', 'month', $first, $last);
        foreach ([[$from, $first], [$last, $to]] as [$begins, $ends]) {
            if ($begins < $ends) {
                $sums->unionAll($rows('stop_days', 'day', $begins, $ends));
            }
        }

        return $sums;
    }

    private static function monthFrom(DateTimeImmutable $day): DateTimeImmutable
    {
        $first = $day->modify('first day of this month');

        return $first < $day ? $first->modify('+1 month') : $first;
    }
}
