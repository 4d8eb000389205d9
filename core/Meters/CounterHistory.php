<?php

declare(strict_types=1);

namespace Sundial\Meters;

use Sundial\Calendar\LocalDate;

/** What a schedule asks of the readings of its counter. Totals in thousandths of the counter's unit. */
interface CounterHistory
{
    /** How the counter stands now; null while it has no reading. */
    public function standing(): ?CounterStanding;

    /**
     * The total at an instant; null without a reading.
     *
     * @param  int  $instant  epoch seconds
     * @param  LocalDate  $day  the site's day of that instant
     */
    public function totalAt(int $instant, LocalDate $day): ?int;

    /** The day of the first reading that had come to a total; null while none has. */
    public function dayReached(int $total): ?LocalDate;
}
