<?php

declare(strict_types=1);

namespace App\Platform\Extension;

use App\Platform\Today\Group;
use Sundial\Calendar\LocalDate;

/** What a capability has to say on Today, to whoever is logged in. */
interface TodayCard
{
    /** @return list<Group> */
    public function groups(int $siteId, LocalDate $today): array;
}
