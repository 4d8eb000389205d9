<?php

declare(strict_types=1);

namespace Sundial\Work\Contract;

/** How far an order to a contractor is. */
enum ContractState: string
{
    case Ordered = 'ordered';
    case Reported = 'reported';
    case Accepted = 'accepted';

    /** Whether the contractor can still report, or report anew. */
    public function takesReport(): bool
    {
        return $this !== self::Accepted;
    }
}
