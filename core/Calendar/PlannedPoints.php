<?php

declare(strict_types=1);

namespace Sundial\Calendar;

/**
 * The endless row of days on which a calendar trigger plans a visit, before season and non-working days are
 * considered.
 */
interface PlannedPoints
{
    /** The day from which it counts. */
    public function start(): LocalDate;

    /** The first point strictly after the day; null when the rule has none within the calendar's reach. */
    public function firstAfter(LocalDate $day): ?LocalDate;

    /** Days from this point to the one before it (of a plain interval: the point minus one interval). */
    public function intervalBefore(LocalDate $point): int;
}
