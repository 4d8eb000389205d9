<?php

declare(strict_types=1);

namespace App\Platform\Extension;

use Sundial\Calendar\LocalDate;

/** What a higher floor has planned on the days of a site, for the calendar. */
interface CalendarSource
{
    /**
     * @param  LocalDate  $to  the day after the last
     * @param  int|null  $teamId  only what a team does
     * @return list<CalendarItem>
     */
    public function items(int $siteId, LocalDate $from, LocalDate $to, ?int $teamId): array;
}
