<?php

declare(strict_types=1);

namespace App\Planning\Policies;

use App\People\Models\User;
use App\Planning\Models\Round;
use App\Platform\Sites\CurrentSite;
use Sundial\Access\Right;

/** Who may see and change rounds: as with schedules, at their site. */
final readonly class RoundPolicy
{
    public function __construct(private CurrentSite $site)
    {
    }

    public function view(User $person, Round $round): bool
    {
        return $person->may(Right::SeePlant, $round->site_id) && $this->site->holds($round->site_id, $person->id);
    }

    public function update(User $person, Round $round): bool
    {
        return $person->may(Right::WritePlans, $round->site_id) && $this->site->holds($round->site_id, $person->id);
    }
}
