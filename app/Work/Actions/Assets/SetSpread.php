<?php

declare(strict_types=1);

namespace App\Work\Actions\Assets;

use App\Platform\Audit\Actor;
use App\Platform\Audit\Audit;
use App\Work\Models\WorkOrder;
use App\Work\Orders\OrderMoves;
use App\Work\Projections\CostShares;
use Illuminate\Support\Facades\DB;
use Sundial\Costing\SpreadBy;

/** Says by what the cost that is booked on all assets of an order is spread over them. */
final readonly class SetSpread
{
    public function __construct(private OrderMoves $moves, private Audit $audit, private CostShares $shares)
    {
    }

    public function __invoke(Actor $by, WorkOrder $order, SpreadBy $spread): WorkOrder
    {
        return DB::transaction(function () use ($by, $order, $spread): WorkOrder {
            $order = $this->moves->lock($order);
            $before = $order->spread;
            $order->fill(['spread' => $spread, 'version' => $order->version + 1])->save();
            $this->shares->keep($order);
            $this->audit->record(
                $by,
                $order->subject(),
                "spreads the cost of {$order->label()} by {$spread->label()}",
                ['spread' => [$before->value, $spread->value]],
                null,
                [$order->about()],
            );

            return $order;
        });
    }
}
