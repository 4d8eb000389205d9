<?php

declare(strict_types=1);

namespace App\Stores\Queries;

use Illuminate\Database\Query\Builder;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use stdClass;
use Sundial\Calendar\LocalDate;
use Sundial\Stock\MoveKind;

/** What the stores of a site hold, turn over and leave lying; each figure with the parts behind it. */
final readonly class StockFigures
{
    private const MOST = 60;

    /** @return Collection<int, stdClass> store, class, parts, cents */
    public function value(int $siteId): Collection
    {
        // Added up from one index before the stores are named: names are long, and rows many.
        $sums = DB::table('stock')
            ->where('site_id', $siteId)
            ->groupBy('store_id', 'class')
            ->selectRaw('store_id, class, COUNT(*) as parts, SUM(value_cents) as cents');

        return DB::query()
            ->fromSub($sums, 'v')
            ->join('stores as t', 't.id', '=', 'v.store_id')
            ->orderByDesc('v.cents')
            ->get(['t.name as store', 'v.class', 'v.parts', 'v.cents'])
            ->toBase();
    }

    /**
     * @return Collection<int, stdClass> month, used: cents of what was handed over less what came back, moved: cents by
     *     which what lay there grew, of the movements after a day
     */
    public function months(int $siteId, LocalDate $after): Collection
    {
        $kinds = [MoveKind::Issue->value, MoveKind::Return->value];

        return DB::query()
            ->fromSub($this->days($siteId, $after->plusDays(1)), 'd')
            ->groupByRaw("DATE_FORMAT(d.moved_on, '%Y-%m')")
            ->orderBy('month')
            ->selectRaw("DATE_FORMAT(d.moved_on, '%Y-%m') as month, SUM(d.value_cents) as moved")
            ->selectRaw('-SUM(IF(d.kind IN (?, ?), d.value_cents, 0)) as used', $kinds)
            ->get()
            ->toBase();
    }

    /** @return Collection<int, stdClass> the parts of which most was handed over in a month, with quantity and cents */
    public function usedIn(int $siteId, LocalDate $first): Collection
    {
        $next = $first->plusDays(31);

        return DB::table('stock_moves as m')
            ->join('stock as s', 's.id', '=', 'm.stock_id')
            ->join('parts as p', 'p.id', '=', 's.part_id')
            ->where('m.site_id', $siteId)
            ->where('m.moved_on', '>=', (string) $first)
            ->where('m.moved_on', '<', (string) LocalDate::of($next->year, $next->month, 1))
            ->whereIn('m.kind', [MoveKind::Issue->value, MoveKind::Return->value])
            ->groupBy('p.id', 'p.name', 'p.number', 'p.unit')
            ->orderByRaw('SUM(m.value_cents)')
            ->limit(self::MOST)
            ->selectRaw('p.id, p.name, p.number, p.unit, -SUM(m.quantity) as quantity, -SUM(m.value_cents) as cents')
            ->selectRaw('COUNT(*) as moves')
            ->get()
            ->toBase();
    }

    /** Cents that lie there, over all stores. */
    public function worth(int $siteId): int
    {
        return (int) DB::table('stock')->where('site_id', $siteId)->sum('value_cents');
    }

    /** What moved from a day on, by day and kind: days past as they were added up, and those that were not yet. */
    private function days(int $siteId, LocalDate $from): Builder
    {
        $kept = DB::table('stock_days')
            ->where('site_id', $siteId)
            ->where('moved_on', '>=', (string) $from)
            ->select(['moved_on', 'kind', 'value_cents']);
        $last = (string) (DB::table('stock_days')->where('site_id', $siteId)->max('moved_on') ?? '1000-01-01');

        return $kept->unionAll(
            DB::table('stock_moves')
                ->where('site_id', $siteId)
                ->where('moved_on', '>', $last)
                ->where('moved_on', '>=', (string) $from)
                ->select(['moved_on', 'kind', 'value_cents']),
        );
    }

    /** @return Collection<int, stdClass> parts of which nothing was taken since a day, dearest first */
    public function lying(int $siteId, LocalDate $since): Collection
    {
        return DB::table('stock as s')
            ->join('parts as p', 'p.id', '=', 's.part_id')
            ->where('s.site_id', $siteId)
            ->where('s.on_hand', '>', 0)
            ->where(static fn (Builder $any) => $any
                ->whereNull('s.taken_on')
                ->orWhere('s.taken_on', '<', (string) $since))
            ->orderByDesc('s.value_cents')
            ->limit(self::MOST)
            ->get(['p.id', 'p.name', 'p.number', 'p.unit', 'p.criticality', 's.on_hand', 's.value_cents',
                's.taken_on as last_on'])
            ->toBase();
    }

    /** @return Collection<int, stdClass> shelves that ran empty since a day, how often, and what is there now */
    public function empty(int $siteId, LocalDate $since): Collection
    {
        $times = DB::table('stock_moves')
            ->where('site_id', $siteId)
            ->where('on_hand_after', 0)
            ->where('moved_on', '>=', (string) $since)
            ->groupBy('stock_id')
            ->orderByDesc('times')
            ->limit(self::MOST)
            ->selectRaw('stock_id, COUNT(*) as times, MAX(moved_on) as last_on');

        return DB::query()
            ->fromSub($times, 'm')
            ->join('stock as s', 's.id', '=', 'm.stock_id')
            ->join('parts as p', 'p.id', '=', 's.part_id')
            ->orderByDesc('m.times')
            ->orderBy('p.name')
            ->get(['p.id', 'p.name', 'p.number', 'p.criticality', 'm.times', 'm.last_on', 's.on_hand'])
            ->toBase();
    }
}
