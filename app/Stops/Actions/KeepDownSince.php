<?php

declare(strict_types=1);

namespace App\Stops\Actions;

use App\Stops\Models\Stop;
use Illuminate\Support\Facades\DB;

/** Keeps beside each asset since when it has been down, as its open stop says; within the transaction of that stop. */
final class KeepDownSince
{
    public function __invoke(int ...$assetIds): void
    {
        foreach ($assetIds as $assetId) {
            DB::table('asset_summaries')
                ->where('asset_id', $assetId)
                ->update([
                    'down_since' => Stop::query()->where('open_on', $assetId)->value('from_at'),
                ]);
        }
    }
}
