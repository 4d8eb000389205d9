<?php

declare(strict_types=1);

namespace App\Work\Orders;

/**
 * The states of an order that is not finished, for queries. The core's OrderState::isOpen says the same; a test holds
 * them together.
 */
final class OpenStates
{
    /** Approved, and not worked off yet. */
    public const APPROVED = ['approved', 'under way', 'on hold'];

    public const VALUES = ['draft', 'planned', 'approved', 'under way', 'on hold'];
}
