<?php

declare(strict_types=1);

namespace Sundial\Planning\Schedule;

use Sundial\Calendar\LocalDate;
use Sundial\Calendar\WorkingDays;
use Sundial\Meters\CounterHistory;
use Sundial\Meters\GaugeHistory;

/** What the world says, as far as a schedule asks: the day, the days on which the site works, and the readings. */
final readonly class Facts
{
    private function __construct(
        public LocalDate $today,
        public WorkingDays $days,
        public ?CounterHistory $counter,
        public ?GaugeHistory $gauge,
    ) {
    }

    /**
     * On a day at a site.
     *
     * @param  CounterHistory|null  $counter  of the meter that its usage trigger counts
     * @param  GaugeHistory|null  $gauge  of the meter that its condition watches
     */
    public static function on(
        LocalDate $today,
        WorkingDays $days,
        ?CounterHistory $counter = null,
        ?GaugeHistory $gauge = null,
    ): self {
        return new self($today, $days, $counter, $gauge);
    }
}
