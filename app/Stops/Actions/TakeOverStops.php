<?php

declare(strict_types=1);

namespace App\Stops\Actions;

use App\Register\Events\AssetsMerged;
use App\Stops\Models\Stop;
use Illuminate\Support\Facades\DB;
use Sundial\Support\InvalidInput;

/** Stops go over when two assets are merged. */
final readonly class TakeOverStops
{
    public function __construct(private KeepDownSince $keep)
    {
    }

    public function __invoke(AssetsMerged $merge): void
    {
        [$gone, $kept] = [$merge->gone, $merge->kept];
        $open = Stop::standing()
            ->whereIn('asset_id', [$gone->id, $kept->id])
            ->whereNull('to_at')
            ->lockForUpdate()
            ->get();
        if ($open->count() > 1) {
            throw InvalidInput::because(
                'down',
                'other',
                'Both are down at the moment. Say that one of them runs again first.',
            );
        }
        DB::table('stops')
            ->where('asset_id', $gone->id)
            ->update(['asset_id' => $kept->id]);
        DB::table('failures')
            ->where('asset_id', $gone->id)
            ->update(['asset_id' => $kept->id]);
        ($this->keep)($gone->id, $kept->id);
    }
}
