<?php

declare(strict_types=1);

namespace App\Work\Actions\Booking;

use App\Platform\Audit\Actor;
use App\Platform\Audit\Audit;
use App\Work\Models\Booking;
use App\Work\Models\WorkOrder;
use App\Work\Orders\OrderMoves;
use App\Work\Projections\CostShares;
use Illuminate\Support\Facades\DB;
use Sundial\Support\InvalidInput;

/** Strikes out hours that were booked wrongly; they stay to be seen, and count no more. */
final readonly class StrikeBooking
{
    public function __construct(private OrderMoves $moves, private Audit $audit, private CostShares $shares)
    {
    }

    public function __invoke(Actor $by, WorkOrder $order, Booking $booking): void
    {
        DB::transaction(function () use ($by, $order, $booking): void {
            $order = $this->moves->lock($order);
            if (! $order->state->takesBookings()) {
                throw InvalidInput::because(
                    'locked',
                    'minutes',
                    "This order is {$order->state->value}; its bookings are locked.",
                );
            }
            // The lock of the order holds back who strikes the same hours at the same time.
            if (! $booking->strike()->exists()) {
                $booking->strike()->create([
                    'user_id' => $by->id,
                    'who' => $by->name,
                    'struck_at' => $this->moves->now(),
                ]);
                $this->shares->keep($order);
                $this->audit->record(
                    $by,
                    $order->subject(),
                    "struck out {$booking->minutes} min on {$order->label()}",
                    ['minutes' => [$booking->minutes, 0]],
                    null,
                    [$order->about()],
                );
            }
        });
    }
}
