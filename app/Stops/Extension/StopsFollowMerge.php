<?php

declare(strict_types=1);

namespace App\Stops\Extension;

use App\Register\MergeListener;
use App\Register\Models\Asset;
use App\Stops\Actions\KeepDownSince;
use App\Stops\Models\Stop;
use Illuminate\Support\Facades\DB;
use Sundial\Support\InvalidInput;

/** Stops go over when two assets are merged. */
final readonly class StopsFollowMerge implements MergeListener
{
    public function __construct(private KeepDownSince $keep)
    {
    }

    public function merged(Asset $gone, Asset $kept): void
    {
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
        ($this->keep)($gone->id, $kept->id);
    }

    public function wouldFollow(Asset $gone, Asset $kept): array
    {
        $count = Stop::query()->where('asset_id', $gone->id)->count();

        return $count > 0 ? [$count === 1 ? '1 stop' : "{$count} stops"] : [];
    }
}
