<?php

declare(strict_types=1);

namespace App\Work\Listening;

use App\Register\MergeListener;
use App\Register\Models\Asset;
use App\Work\Orders\OrderMoves;
use Illuminate\Support\Facades\DB;

/** Orders go over when two assets are merged. */
final readonly class FollowMerge implements MergeListener
{
    public function __construct(private OrderMoves $moves)
    {
    }

    public function merged(Asset $gone, Asset $kept): void
    {
        DB::table('work_orders')
            ->where('asset_id', $gone->id)
            ->update(['asset_id' => $kept->id]);
        DB::table('order_steps')
            ->where('asset_id', $gone->id)
            ->update(['asset_id' => $kept->id]);
        DB::table('order_assets')
            ->where('asset_id', $gone->id)
            ->whereIn('order_id', DB::table('order_assets')->where('asset_id', $kept->id)->pluck('order_id'))
            ->delete();
        DB::table('order_assets')
            ->where('asset_id', $gone->id)
            ->update(['asset_id' => $kept->id]);
        $this->moves->countOpen($gone->id, $kept->id);
    }

    public function wouldFollow(Asset $gone, Asset $kept): array
    {
        $count = DB::table('work_orders')->where('asset_id', $gone->id)->count();

        return $count > 0 ? [$count === 1 ? '1 work order' : "{$count} work orders"] : [];
    }
}
