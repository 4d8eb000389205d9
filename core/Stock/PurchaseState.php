<?php

declare(strict_types=1);

namespace Sundial\Stock;

/** How far a purchase is. */
enum PurchaseState: string
{
    case Draft = 'draft';
    case Approved = 'approved';
    case Sent = 'sent';
    case PartReceived = 'part received';
    case Received = 'received';
    case Closed = 'closed';
    case Cancelled = 'cancelled';

    /** Whether its lines may still be changed. */
    public function isBeingWritten(): bool
    {
        return $this === self::Draft || $this === self::Approved;
    }

    /** Whether something of it is on its way. */
    public function isUnderWay(): bool
    {
        return $this === self::Sent || $this === self::PartReceived;
    }
}
