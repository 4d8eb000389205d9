<?php

declare(strict_types=1);

namespace App\Stops\Policies;

use App\People\Models\User;
use App\Platform\Sites\CurrentSite;
use App\Stops\Models\ShiftHandover;
use Sundial\Access\Right;

/** Who reads and takes a handover: whoever sees the plant of its site; who reports there takes it. */
final readonly class HandoverPolicy
{
    public function __construct(private CurrentSite $site)
    {
    }

    public function view(User $person, ShiftHandover $handover): bool
    {
        return $person->may(Right::SeePlant, $handover->site_id) &&
            $this->site->holds($handover->site_id, $person->id);
    }

    public function take(User $person, ShiftHandover $handover): bool
    {
        return $this->view($person, $handover) && $person->may(Right::ReportStops, $handover->site_id);
    }
}
