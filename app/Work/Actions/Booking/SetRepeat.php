<?php

declare(strict_types=1);

namespace App\Work\Actions\Booking;

use App\Platform\Audit\Actor;
use App\Platform\Audit\Audit;
use App\Work\Models\WorkOrder;
use App\Work\Orders\OrderMoves;
use Illuminate\Support\Facades\DB;
use Sundial\Support\InvalidInput;

/** Says that an order does again what an earlier one had mended: its cost goes to that one; or that it does not. */
final readonly class SetRepeat
{
    public function __construct(private OrderMoves $moves, private Audit $audit)
    {
    }

    /** Refused: one that is not earlier, or on something else. */
    public function __invoke(Actor $by, WorkOrder $order, ?WorkOrder $first): WorkOrder
    {
        return DB::transaction(function () use ($by, $order, $first): WorkOrder {
            $order = $this->moves->lock($order);
            // Whatever is repeated again goes to the very first.
            $first = $first === null ? null : $first->repeats ?? $first;
            if ($first !== null && ! self::fits($order, $first)) {
                throw InvalidInput::because(
                    'not_earlier',
                    'repeats',
                    "{$first->label()} is not an earlier order on the same asset or place. Name one that is.",
                );
            }
            if ($order->repeats_id === $first?->id) {
                return $order;
            }
            $order->fill(['repeats_id' => $first?->id, 'version' => $order->version + 1])->save();
            $this->audit->record(
                $by,
                $order->subject(),
                $first === null
                    ? "{$order->label()} repeats nothing any more"
                    : "{$order->label()} repeats {$first->label()}: its cost goes there",
                [],
                null,
                [$order->about(), ...$first === null ? [] : [$first->subject()]],
            );

            return $order;
        });
    }

    private static function fits(WorkOrder $order, WorkOrder $first): bool
    {
        return $first->id < $order->id &&
            $first->site_id === $order->site_id &&
            $first->asset_id === $order->asset_id &&
            $first->location_id === $order->location_id;
    }
}
