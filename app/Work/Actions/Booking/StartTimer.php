<?php

declare(strict_types=1);

namespace App\Work\Actions\Booking;

use App\People\Models\User;
use App\Platform\Clock\Clock;
use App\Work\Actions\Moves\ResumeWorkOrder;
use App\Work\Actions\Moves\StartWorkOrder;
use App\Work\Models\Booking;
use App\Work\Models\Timer;
use App\Work\Models\WorkOrder;
use App\Work\Orders\OrderMoves;
use Illuminate\Support\Facades\DB;
use Sundial\Support\InvalidInput;
use Sundial\Work\OrderState;

/**
 * Starts somebody's clock on an order, and with it the work, where that has not begun or was on hold. The clock that
 * ran elsewhere is stopped, and what it counted is booked.
 */
final readonly class StartTimer
{
    public function __construct(
        private OrderMoves $moves,
        private StartWorkOrder $start,
        private ResumeWorkOrder $resume,
        private StopTimer $stop,
        private Clock $clock,
    ) {
    }

    /** @return Booking|null what the clock that ran elsewhere counted */
    public function __invoke(User $me, WorkOrder $order): ?Booking
    {
        return DB::transaction(function () use ($me, $order): ?Booking {
            $running = Timer::query()->lockForUpdate()->find($me->id);
            if ($running?->order_id === $order->id) {
                return null;
            }
            $booked = $running === null ? null : ($this->stop)($me);
            $order = $this->moves->lock($order);
            $order = match ($order->state) {
                OrderState::Approved => ($this->start)($me->actor(), $order),
                OrderState::OnHold => ($this->resume)($me->actor(), $order),
                default => $order,
            };
            if (! $order->state->takesBookings()) {
                throw InvalidInput::because(
                    'wrong_state',
                    'form',
                    "A clock runs on work that can be booked on; this order is {$order->state->value}.",
                );
            }
            Timer::query()->create([
                'user_id' => $me->id,
                'order_id' => $order->id,
                'started_at' => $this->clock->now()->format('Y-m-d H:i:s.u'),
            ]);

            return $booked;
        });
    }
}
