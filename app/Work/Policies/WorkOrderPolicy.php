<?php

declare(strict_types=1);

namespace App\Work\Policies;

use App\People\Models\User;
use App\Platform\Sites\CurrentSite;
use App\Register\Queries\VisibleLines;
use App\Work\Models\Booking;
use App\Work\Models\WorkOrder;
use Sundial\Access\Right;
use Sundial\Work\OrderMove;

/** Who sees an order, who moves it, who works on it. */
final readonly class WorkOrderPolicy
{
    public function __construct(private CurrentSite $site, private VisibleLines $lines)
    {
    }

    private function here(User $person, WorkOrder $order): bool
    {
        return $this->site->holds($order->site_id, $person->id);
    }

    public function view(User $person, WorkOrder $order): bool
    {
        return $person->may(Right::SeePlant, $order->site_id) && $this->here($person, $order);
    }

    public function assign(User $person, WorkOrder $order): bool
    {
        return $person->may(Right::PlanOrders, $order->site_id) && $this->here($person, $order);
    }

    /** Tick steps and book hours: planners and supervisors on any order, technicians on their own or their team's. */
    public function work(User $person, WorkOrder $order): bool
    {
        return $this->here($person, $order) &&
            ($person->may(Right::WorkOnAnyOrder, $order->site_id) ||
                ($person->may(Right::WorkOnOwnOrders, $order->site_id) && $order->belongsToPerson($person)));
    }

    /** Take parts for it: whoever works on it, and whoever keeps the stores. */
    public function takeParts(User $person, WorkOrder $order): bool
    {
        return $this->work($person, $order) ||
            ($this->here($person, $order) && $person->may(Right::KeepStores, $order->site_id));
    }

    /** Strike hours out: one's own, those one booked, or anybody's for who works on any order. */
    public function strikeBooking(User $person, WorkOrder $order, Booking $booking): bool
    {
        return $this->work($person, $order) &&
            (in_array($person->id, [$booking->user_id, $booking->booked_by], true) ||
                $person->may(Right::WorkOnAnyOrder, $order->site_id));
    }

    /** Say that one was told of an emergency. */
    public function confirm(User $person, WorkOrder $order): bool
    {
        return $this->here($person, $order) && $person->may(Right::ReopenOrders, $order->site_id);
    }

    /** Take its machine back: whoever runs it, or sees the plant. */
    public function handBack(User $person, WorkOrder $order): bool
    {
        return $person->may(Right::ReportStops, $order->site_id) &&
            $order->asset !== null &&
            $this->lines->holds($person, $order->asset);
    }

    /** Hang files on it. */
    public function update(User $person, WorkOrder $order): bool
    {
        return $this->work($person, $order);
    }

    /** Make a change of state, named by its word. */
    public function move(User $person, WorkOrder $order, string $move): bool
    {
        return $person->active &&
            $this->here($person, $order) &&
            OrderMove::from($move)->isOpenTo($person->roles($order->site_id), $order->belongsToPerson($person));
    }
}
