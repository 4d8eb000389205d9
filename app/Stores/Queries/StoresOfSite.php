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
        // Added up from an index before the stores are named.
        $sums = DB::table('stock')
            ->groupBy('store_id')
            ->selectRaw('store_id, COUNT(*) as parts, SUM(value_cents) as cents');

        return DB::table('stores as s')
            ->leftJoinSub($sums, 'k', 'k.store_id', '=', 's.id')
            ->where('s.site_id', $siteId)
            ->orderBy('s.code')
            ->select(['s.id', 's.code', 's.name', 's.active', 's.version'])
            ->selectRaw('COALESCE(k.parts, 0) as parts, COALESCE(k.cents, 0) as cents')
            ->get()
            ->toBase();
    }
}
