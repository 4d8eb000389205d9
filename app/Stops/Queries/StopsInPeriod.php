<?php

declare(strict_types=1);

namespace App\Stops\Queries;

use DateTimeImmutable;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\LazyCollection;
use stdClass;

/** The stops of a site in a period: one by one, and added up by why, what and where. */
final readonly class StopsInPeriod
{
    private const OPEN = 60;

    /** More than there are at a site in ten years. */
    private const SHIFTS = 10_000_000;

    /** By what they are added up, and what stands for each. */
    public const BY = [
        'reason' => 's.reason',
        'group' => 'COALESCE(g.name, s.reason)',
        'kind' => "COALESCE(s.kind, 'no reason of the list')",
        'asset' => 'a.name',
        'class' => 'c.name',
        'cause' => 'COALESCE(k.name, a.name)',
        'shift' => 'COALESCE(h.shift, '.self::NO_SHIFT.')',
        'product' => 'COALESCE(d.name, '.self::NO_PRODUCT.')',
    ];

    public const NO_SHIFT = "'outside of a shift'";

    public const NO_PRODUCT = "'no product'";

    /** The line that each asset stops, the first one of several, so that nothing counts twice. */
    public static function lines(): Builder
    {
        $own = DB::table('plant_lines')->select(['asset_id', 'id as line_id', 'hour_cents']);
        $parts = DB::table('line_parts as p')
            ->join('plant_lines as l', 'l.id', '=', 'p.line_id')
            ->select(['p.asset_id', 'p.line_id', 'l.hour_cents']);

        return DB::query()
            ->fromSub($own->unionAll($parts), 'both')
            ->groupBy('asset_id')
            ->selectRaw('asset_id, MIN(line_id) as line_id, MAX(hour_cents) as hour_cents');
    }

    /** @return LazyCollection<int, stdClass> the last ones first */
    public function each(StopSlice $slice, ?int $most = null): LazyCollection
    {
        if ($slice->open) {
            return self::told($this->rows($slice, $slice->by), $slice, $most)->cursor();
        }
        $rows = $this->rows($slice, $slice->by)->whereNull('s.is_long');
        // From the last one backwards: else the database may begin with the classes, and read all there ever were.
        $short = match (true) {
            $slice->without => self::told(
                self::since($rows, $slice)->forceIndex('stops_reason'),
                $slice,
                $most,
                'STRAIGHT_JOIN s.id',
            ),
            $most !== null && $slice->value !== null && isset(StopsAddedUp::BY_OF_SHIFTS[$slice->by]) => self::told(
                $this->begunOn($rows, $slice, $most),
                $slice,
                $most,
                'STRAIGHT_JOIN s.id',
            ),
            default => self::told(
                self::since($rows, $slice)->forceIndex('stops_site_id_from_at_index'),
                $slice,
                $most,
                'STRAIGHT_JOIN s.id',
            ),
        };
        $long = self::told($this->rows($slice, $slice->by)->where('s.is_long', 1), $slice, $most);

        return DB::query()
            ->fromSub($short->unionAll($long), 'both')
            ->orderByDesc('from_at')
            ->orderByDesc('asset_id')
            ->orderByDesc('id')
            ->when($most !== null, static fn (Builder $some) => $some->limit((int) $most))
            ->cursor();
    }

    /** Those that are no longer than a day, and reach into the period. */
    private static function since(Builder $stops, StopSlice $slice): Builder
    {
        return $stops->where('s.from_at', '>=', $slice->from->modify('-1 day')->format('Y-m-d H:i:s'));
    }

    /**
     * Of one shift, product or cause: on the last days on which an asset stood in it, as many as are wanted. They are
     * found from what is kept of each day, as nothing in a stop says in which shift it began.
     */
    private function begunOn(Builder $stops, StopSlice $slice, int $most): Builder
    {
        $days = DB::table('stop_shift_days as s')
            ->join('assets as a', 'a.id', '=', 's.asset_id')
            ->leftJoin('assets as k', 'k.id', '=', 's.cause_asset_id')
            ->leftJoin('products as d', 'd.id', '=', 's.product_id')
            ->where('s.site_id', $slice->siteId)
            ->where('s.day', '>=', $slice->from->modify('-1 day')->format('Y-m-d'))
            ->where('s.day', '<=', $slice->to->format('Y-m-d'))
            ->where('s.stops', '>', 0)
            ->when($slice->isLost, static fn (Builder $some) => $some->where('s.planned', 0))
            ->whereRaw(StopsAddedUp::BY_OF_SHIFTS[$slice->by].' = ?', [$slice->value])
            ->groupBy('s.day', 's.asset_id')
            ->orderByDesc('s.day')
            ->selectRaw('s.day, s.asset_id, SUM(s.stops) as stops')
            // What began before the period and ended before it is counted, too, and shown by none.
            ->limit(2 * $most)
            ->get();

        return $stops->where(static function (Builder $any) use ($days, $most): void {
            $any->whereRaw('1 = 0');
            $found = 0;
            foreach ($days->groupBy('day') as $day => $assets) {
                $next = (new DateTimeImmutable((string) $day))->modify('+1 day')->format('Y-m-d');
                foreach ($assets as $one) {
                    $any->orWhere(static fn (Builder $of) => $of
                        ->where('s.asset_id', $one->asset_id)
                        ->where('s.from_at', '>=', (string) $day)
                        ->where('s.from_at', '<', $next));
                }
                $found += (int) $assets->sum('stops');
                if ($found >= 2 * $most) {
                    break;
                }
            }
        });
    }

    /** What is said of each, the last ones first, in the order of the index. */
    private static function told(Builder $stops, StopSlice $slice, ?int $most, string $id = 's.id'): Builder
    {
        return $stops
            ->orderByDesc('s.from_at')
            ->when(! $slice->without, static fn (Builder $some) => $some->orderByDesc('s.asset_id'))
            ->orderByDesc('s.id')
            ->when($most !== null, static fn (Builder $some) => $some->limit((int) $most))
            ->selectRaw($id)
            ->addSelect(['s.from_at', 's.to_at', 's.reason', 's.reason_id', 's.kind', 's.planned', 's.note'])
            ->addSelect(['a.id as asset_id', 'a.name as asset', 'a.tag', 'a.class_id', 's.opened_who'])
            ->selectRaw($slice->seconds().' as seconds');
    }

    /** @return Collection<array-key, stdClass> by reason, the machine that stood longest for it, by whole days */
    public function worst(StopSlice $slice): Collection
    {
        $days = StopSums::between(
            $slice->from->setTime(0, 0),
            $slice->to->setTime(0, 0)->modify('+1 day'),
            static fn (Builder $some) => $some->where('site_id', $slice->siteId),
            ['asset_id', 'reason', 'stops', 'seconds'],
        );
        $sums = DB::query()
            ->fromSub($days, 'd')
            ->groupBy('asset_id', 'reason')
            ->selectRaw('asset_id, reason, SUM(stops) as stops, SUM(seconds) as seconds');

        return DB::query()
            ->fromSub($sums, 's')
            ->join('assets as a', 'a.id', '=', 's.asset_id')
            ->orderBy('s.seconds')
            ->get(['s.reason', 'a.tag', 'a.name', 's.stops', 's.seconds'])
            ->keyBy('reason')
            ->toBase();
    }

    /** @return Collection<int, stdClass> what is down now, longest first */
    public function down(int $siteId): Collection
    {
        return DB::table('stops as s')
            ->join('assets as a', 'a.id', '=', 's.asset_id')
            ->where('s.site_id', $siteId)
            ->whereNotNull('s.open_on')
            ->orderBy('s.from_at')
            ->limit(self::OPEN)
            ->get(['s.id', 's.from_at', 's.reason', 's.planned', 'a.id as asset_id', 'a.name as asset', 'a.tag'])
            ->toBase();
    }

    /** The stops of a slice, as rows; those of a short period are found without reading what stood before. */
    public function within(StopSlice $slice, string $by): Builder
    {
        $rows = $this->rows($slice, $by);

        return $slice->open ? $rows : StoodIn::between(
            $rows,
            $slice->fromAt(),
            $slice->toAt(),
            static fn (Builder $some) => $some->where('site_id', $slice->siteId),
        );
    }

    /** The stops of a slice, with what they are added up by. */
    private function rows(StopSlice $slice, string $by): Builder
    {
        return DB::table('stops as s')
            ->join('assets as a', 'a.id', '=', 's.asset_id')
            ->join('equipment_classes as c', 'c.id', '=', 'a.class_id')
            ->leftJoin('stop_reasons as r', 'r.id', '=', 's.reason_id')
            ->leftJoin('stop_reasons as g', 'g.id', '=', 'r.parent_id')
            ->when($by === 'cause', static fn (Builder $some) => $some
                ->leftJoin('assets as k', 'k.id', '=', 's.cause_asset_id'))
            ->when(
                in_array($by, ['shift', 'product'], true),
                static fn (Builder $some) => self::withShift($some, $slice),
            )
            ->where('s.site_id', $slice->siteId)
            ->whereNull('s.struck_at')
            ->where('s.from_at', '<', $slice->toAt())
            ->where(static fn (Builder $any) => $any
                ->whereNull('s.to_at')
                ->orWhere('s.to_at', '>', $slice->fromAt()))
            ->when($slice->open, static fn (Builder $some) => $some->whereNotNull('s.open_on'))
            ->when($slice->isLost, static fn (Builder $some) => $some->where('s.planned', 0))
            ->when($slice->without, static fn (Builder $some) => $some->whereNull('s.reason_id'))
            ->when($slice->value !== null, static fn (Builder $some) => $some
                ->whereRaw((self::BY[$slice->by] ?? self::BY['reason']).' = ?', [$slice->value]));
    }

    /**
     * The shift in which each began, and what was made then. Only the shifts of the period are looked through: none is
     * longer than a day. With the limit the database reads them once; else it looks through all of the line, for each
     * stop.
     */
    public static function withShift(Builder $stops, StopSlice $slice): Builder
    {
        $shifts = DB::table('shift_records')
            ->where('site_id', $slice->siteId)
            ->where('from_at', '>=', $slice->from->modify('-2 days')->format('Y-m-d H:i:s'))
            ->where('from_at', '<', $slice->toAt())
            ->limit(self::SHIFTS)
            ->select(['id', 'line_id', 'shift', 'from_at', 'to_at']);

        return $stops
            ->leftJoinSub(self::lines(), 'o', 'o.asset_id', '=', 's.asset_id')
            ->leftJoinSub($shifts, 'h', static fn ($on) => $on
                ->on('h.line_id', '=', 'o.line_id')
                ->on('h.from_at', '<=', 's.from_at')
                ->on('h.to_at', '>', 's.from_at'))
            ->leftJoin('product_runs as u', static fn ($on) => $on
                ->on('u.record_id', '=', 'h.id')
                ->on('u.from_at', '<=', 's.from_at')
                ->on('u.to_at', '>', 's.from_at'))
            ->leftJoin('products as d', 'd.id', '=', 'u.product_id');
    }
}
