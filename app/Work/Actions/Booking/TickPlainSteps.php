<?php

declare(strict_types=1);

namespace App\Work\Actions\Booking;

use App\Platform\Audit\Actor;
use App\Platform\Audit\Audit;
use App\Work\Models\WorkOrder;
use App\Work\Orders\OrderMoves;
use Illuminate\Support\Facades\DB;
use Sundial\Planning\Method\AnswerKind;
use Sundial\Support\InvalidInput;

/** Ticks every open step of an order that asks for nothing but a tick. */
final readonly class TickPlainSteps
{
    public function __construct(private OrderMoves $moves, private Audit $audit)
    {
    }

    /** @return int how many were ticked */
    public function __invoke(Actor $by, WorkOrder $order): int
    {
        return DB::transaction(function () use ($by, $order): int {
            $order = $this->moves->lock($order);
            if (! $order->state->takesBookings()) {
                throw InvalidInput::because(
                    'wrong_state',
                    'step',
                    "Steps are ticked while the work is under way; this order is {$order->state->value}.",
                );
            }
            $ticked = DB::table('order_steps')
                ->where('order_id', $order->id)
                ->whereNull('ticked_at')
                ->where('answer', AnswerKind::Tick->value)
                ->update(['ticked_at' => $this->moves->now(), 'ticked_by' => $by->id]);
            if ($ticked > 0) {
                $this->audit->record($by, $order->subject(), "ticked {$ticked} steps of {$order->label()}");
            }

            return $ticked;
        });
    }
}
