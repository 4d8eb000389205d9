<?php

declare(strict_types=1);

namespace App\Work\Actions;

use App\Platform\Audit\Actor;
use App\Work\Models\WorkOrder;
use App\Work\Orders\OrderMoves;
use Illuminate\Support\Facades\DB;
use Sundial\Work\OrderMove;

/** Approves a planned order: it may be worked. */
final readonly class ApproveWorkOrder
{
    public function __construct(private OrderMoves $moves)
    {
    }

    public function __invoke(Actor $by, WorkOrder $order): WorkOrder
    {
        return DB::transaction(
            fn (): WorkOrder => $this->moves->make($by, $this->moves->lock($order), OrderMove::Approve, 'approved'),
        );
    }
}
