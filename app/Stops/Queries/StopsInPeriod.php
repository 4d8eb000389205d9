<?php

declare(strict_types=1);

namespace App\Stops\Queries;

use Illuminate\Database\Query\Builder;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\LazyCollection;
use stdClass;

/** The stops of a site in a period: one by one, and added up by why, what and where. */
final readonly class StopsInPeriod
{
    private const OPEN = 60;

    /** By what they are added up, and what stands for each. */
    public const BY = [
        'reason' => 's.reason',
        'group' => 'COALESCE(g.name, s.reason)',
        'kind' => "COALESCE(s.kind, 'no reason of the list')",
        'asset' => 'a.name',
        'class' => 'c.name',
        'cause' => 'COALESCE(k.name, a.name)',
        'shift' => "COALESCE(h.shift, 'outside of a shift')",
        'product' => "COALESCE(d.name, 'no product')",
    ];

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
        return $this->rows($slice, $slice->by)
            ->orderByDesc('s.from_at')
            ->orderByDesc('s.id')
            ->when($most !== null, static fn (Builder $some) => $some->limit((int) $most))
            ->select(['s.id', 's.from_at', 's.to_at', 's.reason', 's.reason_id', 's.kind', 's.planned', 's.note'])
            ->addSelect(['a.id as asset_id', 'a.name as asset', 'a.tag', 'a.class_id', 's.opened_who'])
            ->selectRaw($slice->seconds().' as seconds')
            ->cursor();
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
            ->when(in_array($by, ['shift', 'product'], true), self::withShift(...))
            ->where('s.site_id', $slice->siteId)
            ->whereNull('s.struck_at')
            ->where('s.from_at', '<', $slice->toAt())
            ->where(static fn (Builder $any) => $any
                ->whereNull('s.to_at')
                ->orWhere('s.to_at', '>', $slice->fromAt()))
            ->when($slice->path !== null, static fn (Builder $some) => $some
                ->where('a.path', 'like', addcslashes((string) $slice->path, '%_\\').'%'))
            ->when($slice->open, static fn (Builder $some) => $some->whereNotNull('s.open_on'))
            ->when($slice->isLost, static fn (Builder $some) => $some->where('s.planned', 0))
            ->when($slice->without, static fn (Builder $some) => $some->whereNull('s.reason_id'))
            ->when($slice->value !== null, static fn (Builder $some) => $some
                ->whereRaw((self::BY[$slice->by] ?? self::BY['reason']).' = ?', [$slice->value]));
    }

    /** The shift in which each began, and what was made then. */
    private static function withShift(Builder $stops): Builder
    {
        return $stops
            ->leftJoinSub(self::lines(), 'o', 'o.asset_id', '=', 's.asset_id')
            ->leftJoin('shift_records as h', static fn ($on) => $on
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
