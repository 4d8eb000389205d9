<?php

declare(strict_types=1);

namespace App\Work\Isolations;

use App\Work\Models\Booking;
use App\Work\Models\WorkOrder;

/** Who works on an order: whose it is, and whoever booked hours on it. */
final readonly class Workers
{
    /** @return list<int> */
    public function of(WorkOrder $order): array
    {
        $booked = Booking::counted()->where('order_id', $order->id)->distinct()->pluck('user_id');

        return array_values(
            $booked
                ->push($order->assignee_id)
                ->filter()
                ->map(static fn (mixed $id): int => (int) $id)
                ->unique()
                ->all(),
        );
    }
}
