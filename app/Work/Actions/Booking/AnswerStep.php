<?php

declare(strict_types=1);

namespace App\Work\Actions\Booking;

use App\Platform\Audit\Actor;
use App\Platform\Audit\Audit;
use App\Platform\Clock\Clock;
use App\Platform\Documents\Attach;
use App\Register\Actions\TakeReading;
use App\Work\Inputs\StepReply;
use App\Work\Models\OrderStep;
use App\Work\Models\WorkOrder;
use App\Work\Orders\OrderMoves;
use App\Work\Queries\MetersOfSteps;
use Illuminate\Support\Facades\DB;
use Sundial\Planning\Method\AnswerKind;
use Sundial\Support\InvalidInput;

/**
 * Answers what a step asks; an answer ticks the step off. A meter reading becomes a reading, a photo or signature a
 * document of the order.
 */
final readonly class AnswerStep
{
    public function __construct(
        private OrderMoves $moves,
        private Audit $audit,
        private Attach $attach,
        private TakeReading $read,
        private Clock $clock,
        private MetersOfSteps $meters,
        private TakePartsOfSteps $parts,
    ) {
    }

    /** @return list<string> what was taken from the store for it */
    public function __invoke(Actor $by, WorkOrder $order, int $position, StepReply $reply): array
    {
        return DB::transaction(function () use ($by, $order, $position, $reply): array {
            $order = $this->moves->lock($order);
            if (! $order->state->takesBookings()) {
                throw InvalidInput::because(
                    'wrong_state',
                    'step',
                    "Steps are answered while the work is under way; this order is {$order->state->value}.",
                );
            }
            $step = OrderStep::query()->where('order_id', $order->id)->where('position', $position)->firstOrFail();
            if ($step->reading_id !== null) {
                throw InvalidInput::because(
                    'taken',
                    'step',
                    'This reading is taken already. If it is wrong, strike it out on the page of its meter.',
                );
            }
            if ($step->answer->isPicture()) {
                if ($reply->path === null || $reply->name === null) {
                    throw InvalidInput::because(
                        'not_an_answer',
                        'file',
                        'This step asks for '.$step->answer->words().'. Choose or draw one.',
                    );
                }
                [$document] = ($this->attach)($by, $order->subject(), $reply->path, $reply->name);
                $step->fill(['document_id' => $document->id, 'value' => $document->name]);
            } else {
                $answer = $step->question()->answer($reply->value);
                $step->fill(['value' => $answer->value, 'verdict' => $answer->verdict]);
                if ($step->answer === AnswerKind::Reading) {
                    $step->reading_id = $this->take($by, $order, $step, $answer->value, $reply);
                }
            }
            $step->fill(['ticked_at' => $this->moves->now(), 'ticked_by' => $by->id])->save();
            $this->audit->record(
                $by,
                $order->subject(),
                "answered step {$position} of {$order->label()}: {$step->value}",
                [],
                $step->verdict?->isFinding() === true ? $step->verdict->value : null,
            );

            return ($this->parts)($by, $order, $step->id);
        });
    }

    private function take(Actor $by, WorkOrder $order, OrderStep $step, string $shown, StepReply $reply): int
    {
        $meters = $this->meters->of($order, $step);
        $meter = $reply->meterId !== null
            ? $meters->firstWhere('id', $reply->meterId)
            : ($meters->count() === 1
                ? $meters->first()
                : null);
        if ($meter === null) {
            throw InvalidInput::because(
                'no_meter',
                'meter_id',
                $meters->isEmpty()
                    ? 'The asset has no such meter. Put one on it, or take the tick without a reading.'
                    : 'Choose which meter was read.',
            );
        }
        [$reading] = ($this->read)(
            $by,
            $meter,
            $shown,
            $this->clock->now(),
            $reply->turn,
            $reply->oldFinal,
            null,
            "order {$order->label()}",
            $order->subject(),
        );

        return $reading->id;
    }
}
