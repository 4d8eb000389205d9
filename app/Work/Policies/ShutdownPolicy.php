<?php

declare(strict_types=1);

namespace App\Work\Policies;

use App\People\Models\User;
use App\Platform\Sites\CurrentSite;
use App\Work\Models\Shutdown;
use Sundial\Access\Right;

/** Who sees a shutdown, and who plans it. */
final readonly class ShutdownPolicy
{
    public function __construct(private CurrentSite $site)
    {
    }

    public function view(User $person, Shutdown $shutdown): bool
    {
        return $person->may(Right::SeePlant, $shutdown->site_id) &&
            $this->site->holds($shutdown->site_id, $person->id);
    }

    public function plan(User $person, Shutdown $shutdown): bool
    {
        return $person->may(Right::PlanOrders, $shutdown->site_id) &&
            $this->site->holds($shutdown->site_id, $person->id);
    }
}
