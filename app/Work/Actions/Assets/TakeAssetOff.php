<?php

declare(strict_types=1);

namespace App\Work\Actions\Assets;

use App\Platform\Audit\Actor;
use App\Work\Models\OrderAsset;
use App\Work\Models\WorkOrder;
use App\Work\Orders\OrderMoves;
use App\Work\Orders\PlanWriting;
use App\Work\Projections\CostShares;
use Illuminate\Support\Facades\DB;
use Sundial\Support\InvalidInput;

/**
 * Takes an asset off an order, with the steps and parts that were planned for it alone. What was begun, booked or asked
 * for by a schedule on it is left out instead, so that nothing is lost.
 */
final readonly class TakeAssetOff
{
    public function __construct(private PlanWriting $plan, private CostShares $shares, private OrderMoves $moves)
    {
    }

    public function __invoke(Actor $by, WorkOrder $order, OrderAsset $row): WorkOrder
    {
        return DB::transaction(function () use ($by, $order, $row): WorkOrder {
            $order = $this->plan->lock($order);
            $asset = (int) $row->asset_id;
            if ($asset === $order->asset_id || $this->isUsed($order->id, $row)) {
                throw InvalidInput::because(
                    'begun',
                    'assets',
                    "{$row->label()} cannot be taken off: the order was made for it, or something was done, booked or ".
                        'asked for by a schedule on it. Leave it out with a reason instead.',
                );
            }
            foreach (['order_steps', 'order_parts'] as $table) {
                DB::table($table)->where('order_id', $order->id)->where('asset_id', $asset)->delete();
            }
            $row->delete();
            $this->plan->done($by, $order, "took {$row->label()} off");
            $this->shares->keep($order);
            $this->moves->countOpen($asset);

            return $order;
        });
    }

    private function isUsed(int $order, OrderAsset $row): bool
    {
        foreach (['bookings', 'part_uses', 'service_bookings', 'cost_entries'] as $ledger) {
            if (DB::table($ledger)->where('row_id', $row->id)->exists()) {
                return true;
            }
        }
        $covered = DB::table('order_visits as v')
            ->join('visits as n', 'n.id', '=', 'v.visit_id')
            ->join('schedules as s', 's.id', '=', 'n.schedule_id')
            ->where('v.order_id', $order)
            ->where(static fn ($any) => $any->where('s.asset_id', $row->asset_id)->orWhereNotNull('s.round_id'));

        return $covered->exists() || DB::table('order_steps')
            ->where('order_id', $order)
            ->where('asset_id', $row->asset_id)
            ->whereNotNull('ticked_at')
            ->exists();
    }
}
