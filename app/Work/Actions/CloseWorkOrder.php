<?php

declare(strict_types=1);

namespace App\Work\Actions;

use App\Platform\Audit\Actor;
use App\Work\Models\Booking;
use App\Work\Models\PartUse;
use App\Work\Models\WorkOrder;
use App\Work\Orders\OrderMoves;
use Illuminate\Support\Facades\DB;
use Sundial\Support\InvalidInput;
use Sundial\Work\OrderMove;

/** Closes a finished order after its review: from now on it is locked. */
final readonly class CloseWorkOrder
{
    public function __construct(private OrderMoves $moves)
    {
    }

    public function __invoke(Actor $by, WorkOrder $order, ?string $review = null): WorkOrder
    {
        return DB::transaction(function () use ($by, $order, $review): WorkOrder {
            $order = $this->moves->lock($order);
            $this->refuseUnknownCost($order);
            $this->refuseUncoded($order);

            return $this->moves->make($by, $order, OrderMove::Close, 'reviewed and closed', $review, [
                'closed_at' => $this->moves->now(),
                'review' => $review,
            ]);
        });
    }

    /** Once it is closed its cost is final, so it must be known. */
    private function refuseUnknownCost(WorkOrder $order): void
    {
        $hours = Booking::counted()->where('order_id', $order->id)->whereNull('cost_cents')->with('person')->first();
        $part = PartUse::query()->where('order_id', $order->id)->whereNull('value_cents')->first();
        if ($part !== null) {
            throw InvalidInput::because(
                'no_price',
                'review',
                "The cost of {$part->name} is unknown. Give it back and book it again with its price, then close.",
            );
        }
        if ($hours !== null) {
            throw InvalidInput::because(
                'no_rate',
                'review',
                "{$hours->person->name} has no rate on {$hours->worked_on}, so the cost of these hours is unknown. ".
                    'Set a rate from that day or before, strike the hours out and book them again, then close.',
            );
        }
    }

    /** What failed has to be told in words that can be counted, or that nothing did. */
    private function refuseUncoded(WorkOrder $order): void
    {
        if ($order->asksWhatFailed() && $order->failure()->doesntExist()) {
            throw InvalidInput::because(
                'no_failure_record',
                'review',
                'Say what failed first, under “What failed”: what, why, and what was done. If nothing failed, say '.
                    'that.',
            );
        }
    }
}
