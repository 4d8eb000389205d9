<?php

declare(strict_types=1);

namespace App\Work\Actions\Booking;

use App\Platform\Audit\Actor;
use App\Platform\Audit\Audit;
use App\Work\Models\OrderStep;
use App\Work\Models\WorkOrder;
use App\Work\Orders\OrderMoves;
use Illuminate\Support\Facades\DB;
use Sundial\Planning\Method\AnswerKind;
use Sundial\Support\InvalidInput;

/** Ticks a step off, or takes the tick back. */
final readonly class TickStep
{
    public function __construct(
        private OrderMoves $moves,
        private Audit $audit,
        private TakePartsOfSteps $parts,
    ) {
    }

    /** @return list<string> what was taken from the store for it */
    public function __invoke(Actor $by, WorkOrder $order, int $position, bool $done): array
    {
        return DB::transaction(function () use ($by, $order, $position, $done): array {
            $order = $this->moves->lock($order);
            if (! $order->state->takesBookings()) {
                throw InvalidInput::because(
                    'wrong_state',
                    'step',
                    "Steps are ticked while the work is under way; this order is {$order->state->value}.",
                );
            }
            $step = OrderStep::query()->where('order_id', $order->id)->where('position', $position)->firstOrFail();
            if ($done && $step->answer !== AnswerKind::Tick && $step->value === null) {
                throw InvalidInput::because(
                    'not_an_answer',
                    'step',
                    "Step {$position} asks for {$step->answer->words()}. Answer it to tick it off.",
                );
            }
            if (! $done && $step->reading_id !== null) {
                throw InvalidInput::because(
                    'taken',
                    'step',
                    'A reading was taken by this step. If it is wrong, strike it out on the page of its meter.',
                );
            }
            if (($step->ticked_at !== null) !== $done) {
                $step
                    ->fill(
                        $done
                            ? ['ticked_at' => $this->moves->now(), 'ticked_by' => $by->id]
                            : [
                                'ticked_at' => null,
                                'ticked_by' => null,
                                'value' => null,
                                'verdict' => null,
                                'document_id' => null,
                            ],
                    )
                    ->save();
                $this->audit->record(
                    $by,
                    $order->subject(),
                    ($done ? 'ticked' : 'unticked')." step {$position} of {$order->label()}",
                );
            }

            return $done ? ($this->parts)($by, $order, $step->id) : [];
        });
    }
}
