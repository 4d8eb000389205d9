<?php

declare(strict_types=1);

namespace App\Work\Orders;

use App\Planning\Models\Schedule;
use App\Platform\Audit\Actor;
use App\Work\Models\WorkOrder;
use Illuminate\Support\Facades\DB;
use Sundial\Calendar\LocalDate;
use Sundial\Work\AssetDays;
use Sundial\Work\AssetState;

/** What a finish does to the assets of an order: those that are open are done with it, and open again without it. */
final class RowsFinished
{
    public static function with(Actor $by, WorkOrder $order, LocalDate $day): AssetDays
    {
        DB::table('order_assets')
            ->where('order_id', $order->id)
            ->where('state', AssetState::Open->value)
            ->update(['state' => AssetState::Done->value, 'done_on' => (string) $day, 'who' => $by->name]);

        return AssetDays::of(
            DB::table('order_assets')
                ->where('order_id', $order->id)
                ->where('state', AssetState::Done->value)
                ->whereNotNull('asset_id')
                ->pluck('done_on', 'asset_id')
                ->map(static fn (mixed $on): LocalDate => LocalDate::parse((string) $on))
                ->all(),
            $day,
        );
    }

    /** Those that were done with the finish are open again. */
    public static function back(WorkOrder $order, LocalDate $finished): void
    {
        DB::table('order_assets')
            ->where('order_id', $order->id)
            ->where('state', AssetState::Done->value)
            ->where('done_on', (string) $finished)
            ->update(['state' => AssetState::Open->value, 'done_on' => null, 'who' => null]);
    }

    /** The day on which a visit of a schedule was done. */
    public static function dayOf(Schedule $schedule, AssetDays $days): LocalDate
    {
        return $schedule->round_id === null ? $days->ofAsset($schedule->asset_id) : $days->ofRound();
    }
}
