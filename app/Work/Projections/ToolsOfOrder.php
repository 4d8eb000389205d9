<?php

declare(strict_types=1);

namespace App\Work\Projections;

use App\Stores\Models\ToolBooking;
use App\Work\Models\WorkOrder;
use Sundial\Calendar\LocalDate;

/** Keeps the special tools that an order has booked where its plan is: they move with its day, free at its end. */
final readonly class ToolsOfOrder
{
    public function keep(WorkOrder $order): void
    {
        $bookings = ToolBooking::query()->where('subject_kind', 'order')->where('subject_id', $order->id)->get();
        $day = $order->planned_on === null ? null : LocalDate::parse($order->planned_on);
        foreach ($bookings as $booking) {
            if (! $order->state->isOpen()) {
                $booking->delete();
            } elseif ($day !== null && ! $booking->days()->hold($day)) {
                $days = $booking->days()->movedTo($day);
                $booking->fill(['from_on' => (string) $days->from, 'to_on' => (string) $days->to])->save();
            }
        }
    }
}
