<?php

declare(strict_types=1);

namespace App\Work\Actions\Moves;

use App\Platform\Audit\Actor;
use App\Platform\Audit\Audit;
use App\Work\Models\WorkOrder;
use App\Work\Orders\OrderMoves;
use App\Work\Orders\Spans;
use App\Work\Queries\WaitingWords;
use Illuminate\Support\Facades\DB;
use Sundial\Support\InvalidInput;

/** Says in which of the plant's stages an order stands inside its state, or in none. */
final readonly class SetStage
{
    public function __construct(private OrderMoves $moves, private WaitingWords $words, private Audit $audit)
    {
    }

    public function __invoke(Actor $by, WorkOrder $order, ?string $stage): WorkOrder
    {
        return DB::transaction(function () use ($by, $order, $stage): WorkOrder {
            $order = $this->moves->lock($order);
            if ($stage !== null && ! in_array($stage, $this->words->stagesInside($order->state), true)) {
                throw InvalidInput::because(
                    'unknown_stage',
                    'stage',
                    "“{$stage}” is no stage of orders that are {$order->state->value}. Choose one that is offered.",
                    $stage,
                );
            }
            if ($order->stage === $stage) {
                return $order;
            }
            $before = $order->stage;
            $now = $this->moves->now();
            $order->fill(['stage' => $stage, 'since_at' => $now, 'version' => $order->version + 1])->save();
            Spans::turn($order, $now);
            $this->audit->record(
                $by,
                $order->subject(),
                $stage === null ? "{$order->label()} left the stage {$before}" : "{$order->label()}: {$stage}",
                Audit::difference(['stage' => $before], ['stage' => $stage]),
                null,
                [$order->about()],
            );

            return $order;
        });
    }
}
