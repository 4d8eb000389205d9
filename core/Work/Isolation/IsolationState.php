<?php

declare(strict_types=1);

namespace Sundial\Work\Isolation;

/** Where an isolation stands: locks on, taken off for a test run, or off for good. */
enum IsolationState: string
{
    case InForce = 'in force';
    case Suspended = 'suspended';
    case Lifted = 'lifted';

    /** Whether somebody still relies on it. */
    public function isOpen(): bool
    {
        return $this !== self::Lifted;
    }
}
