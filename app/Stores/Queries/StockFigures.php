<?php

declare(strict_types=1);

namespace App\Stores\Queries;

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
        return DB::table('stock as s')
            ->join('stores as t', 't.id', '=', 's.store_id')
            ->join('parts as p', 'p.id', '=', 's.part_id')
            ->where('s.site_id', $siteId)
            ->groupBy('t.name', 'p.class')
            ->orderByDesc('cents')
            ->selectRaw('t.name as store, p.class, COUNT(*) as parts, SUM(s.value_cents) as cents')
            ->get()
            ->toBase();
    }

    /** @return Collection<int, stdClass> month, cents, moves: what was handed over less what came back */
    public function usage(int $siteId, LocalDate $from, ?int $partId = null): Collection
    {
        return DB::table('stock_moves as m')
            ->when($partId !== null, static fn ($some) => $some
                ->join('stock as s', 's.id', '=', 'm.stock_id')
                ->where('s.part_id', $partId))
            ->where('m.site_id', $siteId)
            ->where('m.moved_on', '>=', (string) $from)
            ->whereIn('m.kind', [MoveKind::Issue->value, MoveKind::Return->value])
            ->groupByRaw("DATE_FORMAT(m.moved_on, '%Y-%m')")
            ->orderByRaw("DATE_FORMAT(m.moved_on, '%Y-%m')")
            ->selectRaw("DATE_FORMAT(m.moved_on, '%Y-%m') as month, -SUM(m.value_cents) as cents")
            ->selectRaw('-SUM(m.quantity) as quantity, COUNT(*) as moves')
            ->get()
            ->toBase();
    }

    /** Cents that lay there at the end of a day, over all stores. */
    public function worthOn(int $siteId, LocalDate $day): int
    {
        $after = (int) DB::table('stock_moves')
            ->where('site_id', $siteId)
            ->where('moved_on', '>', (string) $day)
            ->sum('value_cents');

        return (int) DB::table('stock')->where('site_id', $siteId)->sum('value_cents') - $after;
    }

    /** @return Collection<int, stdClass> parts of which nothing was taken since a day, dearest first */
    public function lying(int $siteId, LocalDate $since): Collection
    {
        $last = DB::table('stock_moves')
            ->selectRaw('MAX(moved_on)')
            ->whereColumn('stock_id', 's.id')
            ->whereIn('kind', [MoveKind::Issue->value, MoveKind::Transfer->value]);

        return DB::table('stock as s')
            ->join('parts as p', 'p.id', '=', 's.part_id')
            ->where('s.site_id', $siteId)
            ->where('s.on_hand', '>', 0)
            ->whereNotExists(static fn ($some) => $some
                ->from('stock_moves as m')
                ->whereColumn('m.stock_id', 's.id')
                ->whereIn('m.kind', [MoveKind::Issue->value, MoveKind::Transfer->value])
                ->where('m.moved_on', '>=', (string) $since))
            ->orderByDesc('s.value_cents')
            ->limit(self::MOST)
            ->select(['p.id', 'p.name', 'p.number', 'p.unit', 'p.criticality', 's.on_hand', 's.value_cents'])
            ->selectSub($last, 'last_on')
            ->get()
            ->toBase();
    }

    /** @return Collection<int, stdClass> shelves that ran empty since a day, how often, and what is there now */
    public function empty(int $siteId, LocalDate $since): Collection
    {
        return DB::table('stock_moves as m')
            ->join('stock as s', 's.id', '=', 'm.stock_id')
            ->join('parts as p', 'p.id', '=', 's.part_id')
            ->where('m.site_id', $siteId)
            ->where('m.moved_on', '>=', (string) $since)
            ->where('m.on_hand_after', 0)
            ->where('m.quantity', '<', 0)
            ->groupBy('p.id', 'p.name', 'p.number', 'p.criticality')
            ->orderByDesc('times')
            ->limit(self::MOST)
            ->selectRaw('p.id, p.name, p.number, p.criticality, COUNT(*) as times, MAX(m.moved_on) as last_on')
            ->selectRaw('MAX(s.on_hand) as on_hand')
            ->get()
            ->toBase();
    }
}
