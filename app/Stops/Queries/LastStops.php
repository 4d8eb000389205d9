<?php

declare(strict_types=1);

namespace App\Stops\Queries;

use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use stdClass;

/** Of each of some assets, the stop that ended last: one row of an index each, however many there are. */
final readonly class LastStops
{
    private const LAST = '(SELECT asset_id, to_at, kind FROM stops WHERE asset_id = ? AND struck_at IS NULL AND '.
        'to_at IS NOT NULL ORDER BY from_at DESC LIMIT 1)';

    /**
     * @param  list<int>  $assetIds
     * @return Collection<int, stdClass> asset_id, to_at, kind; the last to end first
     */
    public function of(array $assetIds): Collection
    {
        if ($assetIds === []) {
            return collect();
        }
        $rows = DB::select(implode(' UNION ALL ', array_fill(0, count($assetIds), self::LAST)), $assetIds);

        return collect($rows)->sortByDesc('to_at')->values();
    }
}
