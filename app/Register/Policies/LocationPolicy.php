<?php

declare(strict_types=1);

namespace App\Register\Policies;

use App\People\Models\User;
use App\Platform\Sites\CurrentSite;
use App\Register\Models\Location;
use Sundial\Access\Right;

/** Who sees and who writes a location. */
final readonly class LocationPolicy
{
    public function __construct(private CurrentSite $site)
    {
    }

    public function view(User $person, Location $location): bool
    {
        return $person->may(Right::SeePlant, $location->site_id) &&
            $this->site->holds($location->site_id, $person->id);
    }

    public function update(User $person, Location $location): bool
    {
        return $person->may(Right::WriteRegister, $location->site_id) &&
            $this->site->holds($location->site_id, $person->id);
    }
}
