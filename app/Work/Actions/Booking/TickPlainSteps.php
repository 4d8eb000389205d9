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
    public function __construct(
        private OrderMoves $moves,
        private Audit $audit,
        private TakePartsOfSteps $parts,
    ) {
    }

    /** @return array{int, list<string>} how many were ticked, and what was taken from the store for them */
    public function __invoke(Actor $by, WorkOrder $order): array
    {
        return DB::transaction(function () use ($by, $order): array {
            $order = $this->moves->lock($order);
            if (! $order->state->takesBookings()) {
                throw InvalidInput::because(
                    'wrong_state',
                    'step',
                    "Steps are ticked while the work is under way; this order is {$order->state->value}.",
                );
            }
            $steps = DB::table('order_steps')
                ->where('order_id', $order->id)
                ->whereNull('ticked_at')
                ->where('answer', AnswerKind::Tick->value)
                ->pluck('id')
                ->map(static fn (mixed $id): int => (int) $id);
            $ticked = DB::table('order_steps')
                ->whereIn('id', $steps)
                ->update(['ticked_at' => $this->moves->now(), 'ticked_by' => $by->id]);
            if ($ticked > 0) {
                $this->audit->record($by, $order->subject(), "ticked {$ticked} steps of {$order->label()}");
            }

            return [$ticked, $steps->isEmpty() ? [] : ($this->parts)($by, $order, ...$steps->all())];
        });
    }
}
