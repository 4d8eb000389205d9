<?php

declare(strict_types=1);

namespace App\Work\Actions;

use App\Platform\Audit\Actor;
use App\Work\Models\WorkOrder;
use App\Work\Orders\OrderMoves;
use Illuminate\Support\Facades\DB;
use Sundial\Work\OrderMove;

/** Starts the work; the actual start is now. */
final readonly class StartWorkOrder
{
    public function __construct(private OrderMoves $moves)
    {
    }

    public function __invoke(Actor $by, WorkOrder $order): WorkOrder
    {
        return DB::transaction(function () use ($by, $order): WorkOrder {
            $order = $this->moves->lock($order);

            return $this->moves->make($by, $order, OrderMove::Start, 'started', null, ['started_at' => $order->started_at ?? $this->moves->now(), 'assignee_id' => $order->assignee_id ?? $by->id]);
        });
    }
}
