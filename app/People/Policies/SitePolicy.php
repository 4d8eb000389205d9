<?php

declare(strict_types=1);

namespace App\People\Policies;

use App\People\Models\Team;
use App\People\Models\User;
use App\People\Queries\Administering;
use App\Platform\Sites\Site;

/** Who administers a site, and with it its teams. */
final readonly class SitePolicy
{
    public function __construct(private Administering $administering)
    {
    }

    public function administer(User $person, Site|Team $where): bool
    {
        return $this->administering->holds($person->actor(), $where instanceof Team ? $where->site_id : $where->id);
    }
}
