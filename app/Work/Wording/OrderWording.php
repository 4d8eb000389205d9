<?php

declare(strict_types=1);

namespace App\Work\Wording;

use App\Platform\Frame\Wording;
use App\Work\Models\WorkOrder;
use Sundial\Work\OrderState;

/** Where an order stands, with what matters of that now: what it waits for, and since when or until when. */
final readonly class OrderWording
{
    public function __construct(private Wording $words)
    {
    }

    public function stands(WorkOrder $order): string
    {
        $stage = $order->stage === null ? '' : ": {$order->stage}";
        if ($order->state === OrderState::OnHold) {
            $look = $order->look_again_on === null ? '' : ", look again {$this->words->day($order->look_again_on)}";

            return "on hold: {$order->hold_reason}{$stage}{$look}";
        }
        if ($order->state === OrderState::Done && $order->finished_at !== null) {
            return "waits for review, done {$this->words->relative($order->finished_at)}{$stage}";
        }

        return $order->state->value.$stage;
    }
}
