<?php

declare(strict_types=1);

namespace App\Work\Actions\Moves;

use App\Platform\Audit\Actor;
use App\Platform\Clock\Clock;
use App\Work\Isolations\Locks;
use App\Work\Models\WorkOrder;
use App\Work\Orders\OrderMoves;
use Illuminate\Support\Facades\DB;
use Sundial\Work\OrderMove;

/** Goes on with an order that was on hold. */
final readonly class ResumeWorkOrder
{
    public function __construct(private OrderMoves $moves, private Locks $locks, private Clock $clock)
    {
    }

    public function __invoke(Actor $by, WorkOrder $order): WorkOrder
    {
        return DB::transaction(function () use ($by, $order): WorkOrder {
            $order = $this->moves->lock($order);
            $this->locks->checkStart($order, $this->clock->now());

            return $this->moves->make($by, $order, OrderMove::Resume, 'resumed', null, [
                'hold_reason' => null,
                'reason' => null,
            ]);
        });
    }
}
