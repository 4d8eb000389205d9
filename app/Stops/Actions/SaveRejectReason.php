<?php

declare(strict_types=1);

namespace App\Stops\Actions;

use App\Platform\Audit\Actor;
use App\Stops\Inputs\RejectReasonInput;
use App\Stops\Models\RejectReason;

/** Adds a reason for which pieces are rejected, or changes it. */
final readonly class SaveRejectReason
{
    public function __construct(private KeepReason $keep)
    {
    }

    /** Refuses: taken, too_deep. */
    public function __invoke(
        Actor $by,
        RejectReason $reason,
        RejectReasonInput $said,
        ?int $version = null,
    ): RejectReason {
        return ($this->keep)($by, $reason, $said->facts(), $version);
    }
}
