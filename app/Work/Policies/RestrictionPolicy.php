<?php

declare(strict_types=1);

namespace App\Work\Policies;

use App\People\Models\User;
use App\Platform\Sites\CurrentSite;
use App\Work\Models\Restriction;
use Sundial\Access\Right;

/** Who lets a restricted machine run as always. */
final readonly class RestrictionPolicy
{
    public function __construct(private CurrentSite $site)
    {
    }

    public function lift(User $person, Restriction $restriction): bool
    {
        return $person->may(Right::PlanOrders, $restriction->site_id) &&
            $this->site->holds($restriction->site_id, $person->id);
    }
}
