<?php

declare(strict_types=1);

namespace App\Stops\Events;

use App\Platform\Audit\Actor;
use App\Stops\Models\MaintenanceCall;

/** A line called for maintenance; said within the transaction that keeps it. */
final readonly class MaintenanceCalled
{
    public function __construct(public MaintenanceCall $call, public Actor $by)
    {
    }
}
