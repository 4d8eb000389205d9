<?php

declare(strict_types=1);

namespace App\Planning\Policies;

use App\People\Models\User;
use App\Planning\Models\Schedule;
use App\Platform\Sites\CurrentSite;
use Sundial\Access\Right;

/** Who sees and who writes a schedule. */
final readonly class SchedulePolicy
{
    public function __construct(private CurrentSite $site)
    {
    }

    public function view(User $person, Schedule $schedule): bool
    {
        return $person->may(Right::SeePlant, $schedule->site_id) &&
            $this->site->holds($schedule->site_id, $person->id);
    }

    public function update(User $person, Schedule $schedule): bool
    {
        return $person->may(Right::WritePlans, $schedule->site_id) &&
            $this->site->holds($schedule->site_id, $person->id);
    }
}
