<?php

declare(strict_types=1);

namespace Sundial\Work;

use Sundial\Work\Rules\Growth;

/** Where a work order stands. Done is the technician's word, closed the supervisor's. */
enum OrderState: string
{
    case Draft = 'draft';
    case Planned = 'planned';
    case Approved = 'approved';
    case UnderWay = 'under way';
    case OnHold = 'on hold';
    case Done = 'done';
    case Closed = 'closed';
    case Cancelled = 'cancelled';

    /** Whether an order in this state still covers its visits. */
    public function isOpen(): bool
    {
        return in_array($this, [self::Draft, self::Planned, self::Approved, self::UnderWay, self::OnHold], true);
    }

    /** Whether its plan was approved and is not worked off yet. */
    public function isApproved(): bool
    {
        return in_array($this, [self::Approved, self::UnderWay, self::OnHold], true);
    }

    /** Whether somebody has to approve it: for the first time, or again what its plan grew to since. */
    public function waitsForApproval(?Growth $grown): bool
    {
        return $this === self::Draft || $this === self::Planned || ($grown !== null && $this->isApproved());
    }

    /** Closed and cancelled records are never edited. */
    public function isLocked(): bool
    {
        return $this === self::Closed || $this === self::Cancelled;
    }

    /** Steps can be ticked and hours booked: from the start of the work until the supervisor closes it. */
    public function takesBookings(): bool
    {
        return in_array($this, [self::UnderWay, self::OnHold, self::Done], true);
    }

    /** Parts are handed over from the approval on, before the work begins, and until it is closed. */
    public function takesParts(): bool
    {
        return $this === self::Approved || $this->takesBookings();
    }

    /** What services cost is booked as long as work is, and after closing: an invoice may come late. */
    public function takesInvoices(): bool
    {
        return $this->takesBookings() || $this === self::Closed;
    }
}
