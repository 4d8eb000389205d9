<?php

declare(strict_types=1);

namespace App\Stores\Policies;

use App\People\Models\User;
use App\Platform\Sites\CurrentSite;
use App\Stores\Models\Movement;
use Sundial\Access\Right;

/** Who takes a movement back. */
final readonly class MovementPolicy
{
    public function __construct(private CurrentSite $site)
    {
    }

    public function reverse(User $person, Movement $movement): bool
    {
        return $person->may(Right::KeepStores, $movement->site_id) &&
            $this->site->holds($movement->site_id, $person->id);
    }
}
