<?php

declare(strict_types=1);

namespace Sundial\Planning;

use Generator;
use Sundial\Calendar\Interval;
use Sundial\Calendar\LocalDate;

/** The visits to come of one schedule, assuming that each is done on its planned day. Cost is linear in the visits taken. */
final readonly class Forecast
{
    /**
     * @param  LocalDate  $base  the last completion, or the start
     * @param  LocalDate  $next  the next point
     * @return Generator<int, VisitDates> without end, until the rule has no further point or $ends has passed
     */
    public static function of(CalendarTrigger $trigger, LocalDate $base, LocalDate $next, LeadTime $lead, ?int $near = null, ?int $tolerance = null, ?LocalDate $ends = null): Generator
    {
        while ($ends === null || ! $next->isAfter($ends)) {
            $visit = VisitDates::of($base, $trigger->dateOf($next), $trigger->intervalAt($next), $lead, $near, $tolerance);
            yield $visit;
            $base = $visit->planned;
            $after = Completion::of($trigger, $next, $base);
            if ($after->newAnchor !== null && $trigger->points instanceof Interval) {
                $trigger = CalendarTrigger::interval($trigger->points->anchoredAt($after->newAnchor), $trigger->carryOver, $trigger->season, $trigger->nonWorking, $trigger->workingDays);
            }
            $next = $after->nextPoint;
        }
    }

    /** The first point of a new schedule: the first active one on or after its anchor, but after the day it was last done. */
    public static function first(CalendarTrigger $trigger, LocalDate $anchor, ?LocalDate $lastDone = null): LocalDate
    {
        $before = $anchor->plusDays(-1);

        return $trigger->pointAfter($lastDone === null ? $before : LocalDate::later($before, $lastDone), $lastDone);
    }
}
