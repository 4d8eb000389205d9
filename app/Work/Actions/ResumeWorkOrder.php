<?php

declare(strict_types=1);

namespace App\Work\Actions;

use App\Platform\Audit\Actor;
use App\Work\Models\WorkOrder;
use App\Work\Orders\OrderMoves;
use Illuminate\Support\Facades\DB;
use Sundial\Work\OrderMove;

/** Goes on with an order that was on hold. */
final readonly class ResumeWorkOrder
{
    public function __construct(private OrderMoves $moves)
    {
    }

    public function __invoke(Actor $by, WorkOrder $order): WorkOrder
    {
        return DB::transaction(
            fn (): WorkOrder => $this->moves->make(
                $by,
                $this->moves->lock($order),
                OrderMove::Resume,
                'resumed',
                null,
                [
                    'hold_reason' => null,
                    'reason' => null,
                ],
            ),
        );
    }
}
