<?php

declare(strict_types=1);

namespace App\Stops\Queries;

use Closure;
use DateTimeImmutable;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;

/**
 * What stood at some time between two instants, found without reading what stood years before: those that last a day or
 * longer, and those that go on, are marked in an index of their own; the others began within the day before at the
 * earliest.
 */
final readonly class StoodIn
{
    /**
     * Narrows stops, named s, to those that stood then.
     *
     * @param  string|null  $to  null: up to now
     * @param  Closure(Builder): mixed  $of  of which assets or site, said of the columns of stops
     */
    public static function between(Builder $stops, string $from, ?string $to, Closure $of): Builder
    {
        return $stops->joinSub(self::ids($from, $to, $of), 'stood', 'stood.id', '=', 's.id');
    }

    /**
     * @param  Closure(Builder): mixed  $of
     * @return Builder the ids of those that stood then
     */
    public static function ids(string $from, ?string $to, Closure $of): Builder
    {
        return self::stops(['id'], $from, $to, $of);
    }

    /**
     * @param  list<string>  $columns
     * @param  Closure(Builder): mixed  $of
     * @param  list<int>|null  $assetIds  all assets of it that stood then, where that is known of those that are over
     * @return Builder those that stood then
     */
    public static function stops(
        array $columns,
        string $from,
        ?string $to,
        Closure $of,
        ?array $assetIds = null,
    ): Builder {
        $dayBefore = (new DateTimeImmutable($from))->modify('-1 day')->format('Y-m-d H:i:s.u');
        $named = static fn (Builder $some) => $some->whereIn('asset_id', $assetIds ?? []);
        $short = self::rows($columns, $to, $assetIds === null ? $of : $named)
            ->whereNull('is_long')
            ->where('from_at', '>=', $dayBefore)
            ->where('to_at', '>', $from);
        $long = self::rows($columns, $to, $of)
            ->where('is_long', 1)
            ->where(static fn (Builder $any) => $any->whereNull('to_at')->orWhere('to_at', '>', $from));

        return $short->unionAll($long);
    }

    /** A column of instants as whole epoch seconds, in SQL. */
    public static function epoch(string $column): string
    {
        return "TO_SECONDS({$column}) - TO_SECONDS('1970-01-01')";
    }

    /**
     * @param  list<string>  $columns
     * @param  Closure(Builder): mixed  $of
     */
    private static function rows(array $columns, ?string $to, Closure $of): Builder
    {
        $rows = DB::table('stops')
            ->whereNull('struck_at')
            ->when($to !== null, static fn (Builder $some) => $some->where('from_at', '<', $to))
            ->select($columns);
        $of($rows);

        return $rows;
    }
}
