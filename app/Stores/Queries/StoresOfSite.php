<?php

declare(strict_types=1);

namespace App\Stores\Queries;

use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use stdClass;

/** The stores of a site, with how much lies in each. */
final readonly class StoresOfSite
{
    /** @return Collection<int, stdClass> id, code, name, active, version, parts, cents */
    public function __invoke(int $siteId): Collection
    {
        return DB::table('stores as s')
            ->leftJoin('stock as k', 'k.store_id', '=', 's.id')
            ->where('s.site_id', $siteId)
            ->groupBy('s.id', 's.code', 's.name', 's.active', 's.version')
            ->orderBy('s.code')
            ->selectRaw('s.id, s.code, s.name, s.active, s.version, COUNT(k.id) as parts')
            ->selectRaw('COALESCE(SUM(k.value_cents), 0) as cents')
            ->get()
            ->toBase();
    }
}
