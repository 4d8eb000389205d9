<?php

declare(strict_types=1);

namespace App\Work\Actions;

use App\Platform\Audit\Actor;
use App\Work\Models\WorkOrder;
use App\Work\Orders\OrderMoves;
use Illuminate\Support\Facades\DB;
use Sundial\Work\OrderMove;
use Sundial\Work\OrderState;

/** Approves a planned order: it may be worked. */
final readonly class ApproveWorkOrder
{
    public function __construct(private OrderMoves $moves)
    {
    }

    public function __invoke(Actor $by, WorkOrder $order): WorkOrder
    {
        return DB::transaction(function () use ($by, $order): WorkOrder {
            $order = $this->moves->lock($order);
            // Whoever approves a draft says that it is planned as it stands.
            if ($order->state === OrderState::Draft) {
                $order = $this->moves->make($by, $order, OrderMove::Plan, 'planned');
            }

            return $this->moves->make($by, $order, OrderMove::Approve, 'approved');
        });
    }
}
