<?php

declare(strict_types=1);

namespace Sundial\Work;

use Sundial\Calendar\LocalDate;
use Sundial\Calendar\PlausibleDay;
use Sundial\Support\InvalidInput;

/** The day for which an order is planned: any that can be meant, also one that has passed. */
final readonly class PlannedDay
{
    /** @throws InvalidInput too_early more than a year back, too_late more than five years ahead */
    public static function check(LocalDate $day, LocalDate $today): void
    {
        PlausibleDay::check($day, $today, 'planned_on', 'The planned day', back: 1, ahead: 5);
    }
}
