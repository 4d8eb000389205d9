<?php

declare(strict_types=1);

namespace App\Work\Actions\Moves;

use App\Register\Events\AssetsMerged;
use App\Work\Orders\OrderMoves;
use Illuminate\Support\Facades\DB;

/** Orders go over when two assets are merged. */
final readonly class TakeOverOrders
{
    public function __construct(private OrderMoves $moves)
    {
    }

    public function __invoke(AssetsMerged $merge): void
    {
        [$gone, $kept] = [$merge->gone, $merge->kept];
        DB::table('work_orders')
            ->where('asset_id', $gone->id)
            ->update(['asset_id' => $kept->id]);
        DB::table('order_steps')
            ->where('asset_id', $gone->id)
            ->update(['asset_id' => $kept->id]);
        // Where both are worked on in one order, each keeps its row: what was booked on it stays.
        DB::table('order_assets')
            ->where('asset_id', $gone->id)
            ->whereNotIn('order_id', DB::table('order_assets')->where('asset_id', $kept->id)->pluck('order_id'))
            ->update(['asset_id' => $kept->id]);
        DB::table('cost_entries')
            ->where('asset_id', $gone->id)
            ->update(['asset_id' => $kept->id]);
        DB::table('order_parts')
            ->where('asset_id', $gone->id)
            ->update(['asset_id' => $kept->id]);
        DB::table('isolations')
            ->where('asset_id', $gone->id)
            ->update(['asset_id' => $kept->id]);
        $this->moves->countOpen($gone->id, $kept->id);
    }
}
