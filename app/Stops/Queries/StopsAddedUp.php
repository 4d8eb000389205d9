<?php

declare(strict_types=1);

namespace App\Stops\Queries;

use Illuminate\Database\Query\Builder;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use stdClass;

/**
 * The stops of a site in a period, added up by why, what and where. Whole days are read from what is kept of each; the
 * ends of the period, and what stands still, from the stops.
 */
final readonly class StopsAddedUp
{
    /** Those that are kept by day, and what stands for each. */
    private const BY_OF_DAYS = [
        'reason' => 's.reason',
        'group' => 'COALESCE(g.name, s.reason)',
        'kind' => "COALESCE(s.kind, 'no reason of the list')",
        'asset' => 'a.name',
        'class' => 'c.name',
    ];

    /** Those that are kept by shift and day. */
    public const BY_OF_SHIFTS = [
        'cause' => 'COALESCE(k.name, a.name)',
        'shift' => 'COALESCE(s.shift, '.StopsInPeriod::NO_SHIFT.')',
        'product' => 'COALESCE(d.name, '.StopsInPeriod::NO_PRODUCT.')',
    ];

    /** Those that short stops, entered as count and minutes, have too. */
    private const BY_OF_SHORT = self::BY_OF_DAYS + ['cause' => 'a.name'];

    /** So many assets are named at the most. */
    private const NAMED = 200;

    public function __construct(private StopsInPeriod $stops)
    {
    }

    /** @return Collection<int, stdClass> key, seconds, stops, cents; most seconds first */
    public function by(StopSlice $slice, string $by): Collection
    {
        $by = isset(StopsInPeriod::BY[$by]) ? $by : 'reason';
        $parts = [isset(self::BY_OF_SHORT[$by]) && ! $slice->without ? $this->short($slice, $by) : collect()];
        $whole = $slice->value === null && ! $slice->without ? $slice->wholeDays() : null;
        if ($whole === null) {
            $parts[] = $this->each($slice, $by);
        } else {
            $parts[] = $this->each($slice->until($whole->from), $by);
            $parts[] = isset(self::BY_OF_SHIFTS[$by]) ? $this->shifts($whole, $by) : $this->days($whole, $by);
            $parts[] = $this->each($slice->since($whole->from)->until(min($whole->to, $slice->to))->goingOn(), $by);
            $parts[] = $whole->to < $slice->to ? $this->each($slice->since($whole->to), $by) : collect();
        }

        return collect($parts)
            ->flatten(1)
            ->groupBy('key')
            ->map(static fn (Collection $same): stdClass => (object) [
                'key' => (string) $same->first()?->key,
                'stops' => (int) $same->sum('stops'),
                'seconds' => (int) $same->sum('seconds'),
                'cents' => (int) round((float) $same->sum('cents')),
            ])
            ->sortByDesc('seconds')
            ->values()
            ->toBase();
    }

    /** @return Collection<int, stdClass> one stop after the other */
    private function each(StopSlice $slice, string $by): Collection
    {
        if ($slice->value === null && ! $slice->without && ! $slice->open) {
            return isset(self::BY_OF_SHIFTS[$by]) ? $this->shiftParts($slice, $by) : $this->parts($slice, $by);
        }
        $key = StopsInPeriod::BY[$by];
        $seconds = $slice->seconds();

        return $this->stops->within($slice, $by)
            ->leftJoinSub(StopsInPeriod::lines(), 'w', 'w.asset_id', '=', 's.asset_id')
            ->groupByRaw($key)
            ->selectRaw("{$key} as `key`, SUM(s.from_at >= ?) as stops", [$slice->countedFrom])
            ->selectRaw("SUM({$seconds}) as seconds, SUM({$seconds} * COALESCE(w.hour_cents, 0)) / 3600 as cents")
            ->get()
            ->toBase();
    }

    /** @return Collection<int, stdClass> of what stood in it, as long as it stood in it */
    private function parts(StopSlice $slice, string $by): Collection
    {
        return $this->sums($this->stood($slice, 'reason_id', 'reason', 'kind')
            ->groupBy('s.asset_id', 's.reason_id', 's.reason', 's.kind')
            ->selectRaw('s.asset_id, s.reason_id, s.reason, s.kind')
            ->selectRaw('SUM(s.from_at >= ?) as stops', [$slice->countedFrom])
            ->selectRaw("SUM({$slice->seconds()}) as seconds"), $slice, $by);
    }

    /** @return Collection<int, stdClass> the same by what it began in or was caused by */
    private function shiftParts(StopSlice $slice, string $by): Collection
    {
        return $this->shiftSums(StopsInPeriod::withShift($this->stood($slice, 'cause_asset_id'), $slice)
            ->groupBy('s.asset_id', 'h.shift', 'u.product_id', 's.cause_asset_id')
            ->selectRaw('s.asset_id, h.shift, u.product_id, s.cause_asset_id')
            ->selectRaw('SUM(s.from_at >= ?) as stops', [$slice->countedFrom])
            ->selectRaw("SUM({$slice->seconds()}) as seconds"), $slice, $by);
    }

    private function stood(StopSlice $slice, string ...$columns): Builder
    {
        $stood = StoodIn::stops(
            ['asset_id', 'from_at', 'to_at', 'planned', ...array_values($columns)],
            $slice->fromAt(),
            $slice->toAt(),
            static fn (Builder $some) => $some->where('site_id', $slice->siteId),
            $this->stoodOn($slice),
        );

        return DB::query()
            ->fromSub($stood, 's')
            ->when($slice->isLost, static fn (Builder $some) => $some->where('s.planned', 0));
    }

    /**
     * Some thousand stops of a few assets are read much faster where it is said of which.
     *
     * @return list<int>|null the assets that stood on the days of a slice, and on the day before; null: too many
     */
    private function stoodOn(StopSlice $slice): ?array
    {
        $ids = DB::table('stop_days')
            ->where('site_id', $slice->siteId)
            ->where('day', '>=', $slice->from->modify('-1 day')->format('Y-m-d'))
            ->where('day', '<=', $slice->to->format('Y-m-d'))
            ->distinct()
            ->limit(self::NAMED + 1)
            ->pluck('asset_id')
            ->map(static fn (mixed $id): int => (int) $id)
            ->all();

        return count($ids) > self::NAMED ? null : array_values($ids);
    }

    /** @return Collection<int, stdClass> of whole days */
    private function days(StopSlice $whole, string $by): Collection
    {
        $days = StopSums::between(
            $whole->from,
            $whole->to,
            static fn (Builder $some) => $some->where('site_id', $whole->siteId),
        );
        $sums = DB::query()
            ->fromSub($days, 'd')
            ->when($whole->isLost, static fn (Builder $some) => $some->where('planned', 0))
            ->groupBy('asset_id', 'reason_id', 'reason', 'kind')
            ->selectRaw('asset_id, reason_id, reason, kind, SUM(stops) as stops, SUM(seconds) as seconds');

        return $this->sums($sums, $whole, $by);
    }

    /** @return Collection<int, stdClass> of whole days, by what they began in or were caused by */
    private function shifts(StopSlice $whole, string $by): Collection
    {
        return $this->shiftSums(DB::table('stop_shift_days')
            ->where('site_id', $whole->siteId)
            ->where('day', '>=', $whole->from->format('Y-m-d'))
            ->where('day', '<', $whole->to->format('Y-m-d'))
            ->when($whole->isLost, static fn (Builder $some) => $some->where('planned', 0))
            ->groupBy('asset_id', 'shift', 'product_id', 'cause_asset_id')
            ->selectRaw('asset_id, shift, product_id, cause_asset_id')
            ->selectRaw('SUM(stops) as stops, SUM(seconds) as seconds'), $whole, $by);
    }

    /** @return Collection<int, stdClass> what is added up by asset, shift, product and cause, by one of them */
    private function shiftSums(Builder $sums, StopSlice $slice, string $by): Collection
    {
        $key = self::BY_OF_SHIFTS[$by];

        return DB::query()
            ->fromSub($sums, 's')
            ->join('assets as a', 'a.id', '=', 's.asset_id')
            ->leftJoin('assets as k', 'k.id', '=', 's.cause_asset_id')
            ->leftJoin('products as d', 'd.id', '=', 's.product_id')
            ->leftJoinSub(StopsInPeriod::lines(), 'w', 'w.asset_id', '=', 's.asset_id')
            ->groupByRaw($key)
            ->selectRaw("{$key} as `key`, SUM(s.stops) as stops, SUM(s.seconds) as seconds")
            ->selectRaw('SUM(s.seconds * COALESCE(w.hour_cents, 0)) / 3600 as cents')
            ->get()
            ->toBase();
    }

    /**
     * What is added up by asset and reason, by another key: nothing is looked up before that, as a year has some
     * thousand times as many days as sums.
     *
     * @return Collection<int, stdClass>
     */
    private function sums(Builder $sums, StopSlice $slice, string $by): Collection
    {
        $key = self::BY_OF_DAYS[$by];

        return $this->within(DB::query()->fromSub($sums, 's'), $slice)
            ->leftJoinSub(StopsInPeriod::lines(), 'w', 'w.asset_id', '=', 's.asset_id')
            ->groupByRaw($key)
            ->selectRaw("{$key} as `key`, SUM(s.stops) as stops, SUM(s.seconds) as seconds")
            ->selectRaw('SUM(s.seconds * COALESCE(w.hour_cents, 0)) / 3600 as cents')
            ->get()
            ->toBase();
    }

    /** @return Collection<int, stdClass> short stops by the same */
    private function short(StopSlice $slice, string $by): Collection
    {
        $key = self::BY_OF_SHORT[$by];

        return $this->within(DB::table('short_stops as s'), $slice)
            ->join('plant_lines as l', 'l.id', '=', 's.line_id')
            ->whereNull('s.struck_at')
            ->where('s.hour_at', '>=', $slice->fromAt())
            ->where('s.hour_at', '<', $slice->toAt())
            ->when($slice->isLost, static fn (Builder $some) => $some
                ->whereRaw("COALESCE(s.kind, '') <> 'planned stop'"))
            ->groupByRaw($key)
            ->selectRaw("{$key} as `key`, SUM(s.stops) as stops, SUM(s.seconds) as seconds")
            ->selectRaw('SUM(s.seconds * COALESCE(l.hour_cents, 0)) / 3600 as cents')
            ->get()
            ->toBase();
    }

    private function within(Builder $rows, StopSlice $slice): Builder
    {
        return $rows
            ->join('assets as a', 'a.id', '=', 's.asset_id')
            ->join('equipment_classes as c', 'c.id', '=', 'a.class_id')
            ->leftJoin('stop_reasons as r', 'r.id', '=', 's.reason_id')
            ->leftJoin('stop_reasons as g', 'g.id', '=', 'r.parent_id')
            ->where('a.site_id', $slice->siteId);
    }
}
