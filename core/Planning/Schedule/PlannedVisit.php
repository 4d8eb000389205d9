<?php

declare(strict_types=1);

namespace Sundial\Planning\Schedule;

use Sundial\Calendar\LocalDate;
use Sundial\Calendar\Season;
use Sundial\Planning\Trigger\Leading;
use Sundial\Planning\Visit\VisitDates;

/** The next visit of a schedule as the release sees it: its dates, and the day that season and end are asked for. */
final readonly class PlannedVisit
{
    private function __construct(
        public ?VisitDates $dates,
        public ?LocalDate $point,
        public Season $season,
        public ?LocalDate $ends,
    ) {
    }

    /**
     * By the calendar or a condition its point counts, before non-working days moved it; by use its planned day.
     *
     * @param  VisitDates|null  $dates  null while no date can be expected
     * @param  LocalDate|null  $point  of the calendar; null where there is none
     */
    public static function of(?VisitDates $dates, Leading $led, ?LocalDate $point, ScheduleRule $rule): self
    {
        return new self(
            $dates,
            $led === Leading::Usage ? $dates?->planned : $point ?? $dates?->planned,
            $rule->season(),
            $rule->ends,
        );
    }
}
