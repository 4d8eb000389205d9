<?php

declare(strict_types=1);

namespace App\Work\Pages;

use App\Platform\Sites\SiteDays;
use App\Stores\Models\Tool;
use App\Stores\Models\ToolBooking;
use App\Stores\Queries\ToolShown;
use App\Stores\Queries\ToolsOfSite;
use App\Work\Models\WorkOrder;

/** The special tools that an order has booked: where each is, and what is wrong with that. */
final readonly class OrderToolsShown
{
    public function __construct(private ToolsOfSite $tools, private SiteDays $days)
    {
    }

    /** @return list<array<string, mixed>> */
    public function __invoke(WorkOrder $order): array
    {
        $booked = $this->tools->bookedFor($order->subject());
        $shown = $this->tools
            ->shown($booked->map(static fn (ToolBooking $one): Tool => $one->tool), $this->days->today($order->site_id))
            ->keyBy(static fn (ToolShown $one): int => $one->tool->id);

        return array_values(
            $booked
                ->map(fn (ToolBooking $one): array => $this->line($shown[$one->tool_id], $one))
                ->all(),
        );
    }

    /** @return array<string, mixed> */
    private function line(ToolShown $shown, ToolBooking $booking): array
    {
        $others = [];
        foreach ($shown->bookings as $other) {
            if ($other->id !== $booking->id && $other->days()->clashWith($booking->days())) {
                $others[] = $other->label;
            }
        }

        return [
            'id' => $shown->tool->id,
            'name' => $shown->tool->name,
            'number' => $shown->tool->number,
            'from' => $booking->from_on,
            'to' => $booking->to_on,
            'where' => $this->tools->where($shown),
            'others' => $others,
            'isCalibrated' => $booking->days()->areCalibrated($shown->tool->calibratedUntil()),
            'until' => $shown->tool->calibrated_until,
        ];
    }
}
