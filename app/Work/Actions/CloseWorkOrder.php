<?php

declare(strict_types=1);

namespace App\Work\Actions;

use App\Platform\Audit\Actor;
use App\Work\Models\WorkOrder;
use App\Work\Orders\OrderMoves;
use Illuminate\Support\Facades\DB;
use Sundial\Work\OrderMove;

/** Closes a finished order after its review: from now on it is locked. */
final readonly class CloseWorkOrder
{
    public function __construct(private OrderMoves $moves)
    {
    }

    public function __invoke(Actor $by, WorkOrder $order, ?string $review = null): WorkOrder
    {
        return DB::transaction(
            fn (): WorkOrder => $this->moves->make(
                $by,
                $this->moves->lock($order),
                OrderMove::Close,
                'reviewed and closed',
                $review,
                ['closed_at' => $this->moves->now(), 'review' => $review],
            ),
        );
    }
}
