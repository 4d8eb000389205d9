<?php

declare(strict_types=1);

namespace App\Stores\Queries;

use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use stdClass;

/** What lies in a bin of a site, in whichever of its stores. */
final readonly class InBin
{
    /** @return Collection<int, stdClass> id, number, name, unit, on_hand, free, store */
    public function __invoke(int $siteId, string $bin): Collection
    {
        return DB::table('stock as s')
            ->join('parts as p', 'p.id', '=', 's.part_id')
            ->join('stores as t', 't.id', '=', 's.store_id')
            ->where('s.site_id', $siteId)
            ->where('s.bin', $bin)
            ->orderBy('p.name')
            ->limit(100)
            ->selectRaw('p.id, p.number, p.name, p.unit, s.on_hand, s.on_hand - s.promised as free, t.name as store')
            ->get()
            ->toBase();
    }
}
