<?php

declare(strict_types=1);

namespace App\Work\Queries;

use App\Work\Models\ReleaseBatch;
use App\Work\Models\WorkOrder;
use Illuminate\Support\Collection;

/** Releases that were made at a site, and the orders of each. */
final readonly class ReleaseBatches
{
    /** @return Collection<int, ReleaseBatch> the last first */
    public function latest(int $siteId): Collection
    {
        return ReleaseBatch::query()
            ->where('site_id', $siteId)
            ->orderByDesc('id')
            ->limit(12)
            ->get()
            ->toBase();
    }

    public function one(int $id): ReleaseBatch
    {
        return ReleaseBatch::query()->findOrFail($id);
    }

    /** How many orders it made; counted while it still runs. */
    public function made(ReleaseBatch $batch): int
    {
        return $batch->ended_at === null
            ? WorkOrder::query()->where('batch_id', $batch->id)->count()
            : $batch->made;
    }

    /** @return Collection<int, WorkOrder> by number */
    public function orders(ReleaseBatch $batch, int $most): Collection
    {
        return WorkOrder::query()
            ->where('batch_id', $batch->id)
            ->with('asset')
            ->orderBy('number')
            ->limit($most)
            ->get()
            ->toBase();
    }
}
