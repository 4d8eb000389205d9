<?php

declare(strict_types=1);

namespace App\Stops\Extension;

use App\Register\MergeListener;
use App\Register\Models\Asset;
use App\Stops\Models\Stop;
use Illuminate\Support\Facades\DB;
use Sundial\Support\InvalidInput;

/** Stops go over when two assets are merged. */
final class StopsFollowMerge implements MergeListener
{
    public function merged(Asset $gone, Asset $kept): void
    {
        $open = Stop::query()->whereIn('asset_id', [$gone->id, $kept->id])->whereNull('to_at')->lockForUpdate()->get();
        if ($open->count() > 1) {
            throw InvalidInput::because('down', 'other', 'Both are down at the moment. Say that one of them runs again first.');
        }
        DB::table('stops')->where('asset_id', $gone->id)->update(['asset_id' => $kept->id]);
        DB::table('asset_nearness')->where('asset_id', $gone->id)->update(['down_since' => null]);
        DB::table('asset_nearness')->where('asset_id', $kept->id)->update(['down_since' => $open->first()?->from_at]);
    }

    public function wouldFollow(Asset $gone, Asset $kept): array
    {
        $count = Stop::query()->where('asset_id', $gone->id)->count();

        return $count > 0 ? [$count === 1 ? '1 stop' : "{$count} stops"] : [];
    }
}
