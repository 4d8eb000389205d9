<?php

declare(strict_types=1);

namespace App\Stores\Queries;

use Illuminate\Database\Query\Builder;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use stdClass;
use Sundial\Calendar\LocalDate;

/** Batches and pieces with a serial number: where they lie, on which asset they are, until when they keep. */
final readonly class LotsOf
{
    private const MOST = 200;

    /** @return Collection<int, stdClass> of a part at a site: those that lie there first, then those that are fitted */
    public function part(int $partId, int $siteId): Collection
    {
        $last = DB::table('lot_moves as x')
            ->join('stock_moves as m', 'm.id', '=', 'x.move_id')
            ->whereColumn('x.lot_id', 'l.id')
            ->orderByDesc('x.id')
            ->limit(1)
            ->selectRaw('COALESCE(m.label, m.reason, m.kind)');

        return $this->lots()
            ->selectSub($last, 'went')
            ->where('s.part_id', $partId)
            ->where('l.site_id', $siteId)
            ->orderByRaw('l.quantity = 0')
            ->orderByRaw('l.asset_id IS NULL')
            ->orderByRaw('l.best_before IS NULL')
            ->orderBy('l.best_before')
            ->orderBy('l.name')
            ->limit(self::MOST)
            ->get()
            ->toBase();
    }

    /** @return Collection<int, stdClass> what its pieces were fitted to and taken off, the last first */
    public function fittings(int $partId, int $siteId): Collection
    {
        return DB::table('lot_fittings as f')
            ->join('lots as l', 'l.id', '=', 'f.lot_id')
            ->join('stock as s', 's.id', '=', 'l.stock_id')
            ->join('assets as a', 'a.id', '=', 'f.asset_id')
            ->where('s.part_id', $partId)
            ->where('l.site_id', $siteId)
            ->orderByDesc('f.id')
            ->limit(self::MOST)
            ->get(['l.name', 'f.did', 'f.did_on', 'f.label', 'f.who', 'a.id as asset_id', 'a.name as asset', 'a.tag'])
            ->toBase();
    }

    /** @return Collection<int, stdClass> what is past its day or will be by then, the first first */
    public function keepingUntil(int $siteId, LocalDate $until): Collection
    {
        return $this->lots()
            ->where('l.site_id', $siteId)
            ->where('l.quantity', '>', 0)
            ->where('l.best_before', '<=', (string) $until)
            ->orderBy('l.best_before')
            ->limit(self::MOST)
            ->get()
            ->toBase();
    }

    private function lots(): Builder
    {
        return DB::table('lots as l')
            ->join('stock as s', 's.id', '=', 'l.stock_id')
            ->join('stores as t', 't.id', '=', 's.store_id')
            ->join('parts as p', 'p.id', '=', 's.part_id')
            ->leftJoin('assets as a', 'a.id', '=', 'l.asset_id')
            ->select(['l.id', 'l.name', 'l.quantity', 'l.best_before', 'l.came_on', 'l.fitted_on', 'l.asset_id'])
            ->addSelect(['a.name as asset', 'a.tag', 't.name as store', 's.bin', 'p.id as part_id', 'p.name as part'])
            ->addSelect(['p.number', 'p.unit']);
    }
}
