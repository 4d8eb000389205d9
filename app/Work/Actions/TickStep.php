<?php

declare(strict_types=1);

namespace App\Work\Actions;

use App\Platform\Audit\Actor;
use App\Platform\Audit\Audit;
use App\Work\Models\OrderStep;
use App\Work\Models\WorkOrder;
use App\Work\Orders\OrderMoves;
use Illuminate\Support\Facades\DB;
use Sundial\Support\InvalidInput;

/** Ticks a step off, or takes the tick back. */
final readonly class TickStep
{
    public function __construct(private OrderMoves $moves, private Audit $audit)
    {
    }

    public function __invoke(Actor $by, WorkOrder $order, int $position, bool $done): OrderStep
    {
        return DB::transaction(function () use ($by, $order, $position, $done): OrderStep {
            $order = $this->moves->lock($order);
            if (! $order->state->takesBookings()) {
                throw InvalidInput::because('wrong_state', 'step', "Steps are ticked while the work is under way; this order is {$order->state->value}.");
            }
            $step = OrderStep::query()->where('order_id', $order->id)->where('position', $position)->firstOrFail();
            if (($step->ticked_at !== null) !== $done) {
                $step->fill($done ? ['ticked_at' => $this->moves->now(), 'ticked_by' => $by->id] : ['ticked_at' => null, 'ticked_by' => null])->save();
                $this->audit->record($by, $order->subject(), ($done ? 'ticked' : 'unticked')." step {$position} of {$order->label()}");
            }

            return $step;
        });
    }
}
