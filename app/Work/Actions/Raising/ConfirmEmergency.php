<?php

declare(strict_types=1);

namespace App\Work\Actions\Raising;

use App\Platform\Audit\Actor;
use App\Platform\Audit\Audit;
use App\Work\Models\WorkOrder;
use App\Work\Orders\OrderMoves;
use Illuminate\Support\Facades\DB;
use Sundial\Support\InvalidInput;

/** A supervisor confirms that they were told of an emergency; it was approved by being raised. */
final readonly class ConfirmEmergency
{
    public function __construct(private OrderMoves $moves, private Audit $audit)
    {
    }

    public function __invoke(Actor $by, WorkOrder $order): WorkOrder
    {
        return DB::transaction(function () use ($by, $order): WorkOrder {
            $order = $this->moves->lock($order);
            if (! $order->type->isEmergency()) {
                throw InvalidInput::because('no_emergency', 'form', "{$order->label()} is no emergency.");
            }
            if ($order->confirmed_at !== null) {
                return $order;
            }
            $order
                ->fill([
                    'confirmed_at' => $this->moves->now(),
                    'confirmed_who' => $by->name,
                    'version' => $order->version + 1,
                ])
                ->save();
            $this->audit->record($by, $order->subject(), "confirmed the emergency {$order->label()}", [], null, [
                $order->about(),
            ]);

            return $order;
        });
    }
}
