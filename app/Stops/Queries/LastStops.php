<?php

declare(strict_types=1);

namespace App\Stops\Queries;

use Illuminate\Database\Query\Builder;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use stdClass;

/** Of each of some assets, the stop that ended last: one row of an index each, however many there are. */
final readonly class LastStops
{
    /**
     * @param  list<int>  $assetIds
     * @return Collection<int, stdClass> asset_id, to_at, kind; the last to end first
     */
    public function of(array $assetIds): Collection
    {
        $each = array_map(static fn (int $id): Builder => DB::table('stops')
            ->where('asset_id', $id)
            ->whereNull('struck_at')
            ->whereNotNull('to_at')
            ->orderByDesc('from_at')
            ->limit(1)
            ->select(['asset_id', 'to_at', 'kind']), $assetIds);
        $first = array_shift($each);
        foreach ($each as $one) {
            $first?->unionAll($one);
        }

        return $first === null ? collect() : $first->get()->sortByDesc('to_at')->values()->toBase();
    }
}
