<?php

declare(strict_types=1);

namespace App\Stops\Actions;

use App\Platform\Audit\Actor;
use App\Stops\Inputs\ReasonInput;
use App\Stops\Models\StopReason;

/** Adds a reason for which machines stand, or changes it; stops that named it keep the kind that it had. */
final readonly class SaveStopReason
{
    public function __construct(private KeepReason $keep)
    {
    }

    /** Refuses: taken, too_deep. */
    public function __invoke(Actor $by, ?StopReason $reason, ReasonInput $said, ?int $version = null): StopReason
    {
        return ($this->keep)($by, $reason ?? new StopReason(), $said->facts(), $version);
    }
}
