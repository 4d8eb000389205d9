<?php

declare(strict_types=1);

namespace App\Work\Actions\Moves;

use App\Platform\Audit\Actor;
use App\Platform\Audit\Audit;
use App\Work\Models\WorkOrder;
use App\Work\Orders\OrderMoves;
use Illuminate\Support\Facades\DB;
use Sundial\Support\InvalidInput;
use Sundial\Work\OrderState;

/** Operations take back the machine on which work was done. */
final readonly class HandBack
{
    public function __construct(private OrderMoves $moves, private Audit $audit)
    {
    }

    public function __invoke(Actor $by, WorkOrder $order): WorkOrder
    {
        return DB::transaction(function () use ($by, $order): WorkOrder {
            $order = $this->moves->lock($order);
            if ($order->state !== OrderState::Done) {
                throw InvalidInput::because(
                    'wrong_state',
                    'form',
                    "A machine is taken back when the work on it is done; this order is {$order->state->value}.",
                );
            }
            if ($order->handed_back_at !== null) {
                return $order;
            }
            $order->fill([
                'handed_back_at' => $this->moves->now(),
                'handed_back_who' => $by->name,
                'version' => $order->version + 1,
            ])->save();
            $this->audit->record($by, $order->subject(), "took the machine of {$order->label()} back", [], null, [
                $order->about(),
            ]);

            return $order;
        });
    }
}
