<?php

declare(strict_types=1);

namespace Sundial\Planning\Schedule;

use Sundial\Calendar\LocalDate;

/** Where the calendar trigger of a schedule stands. */
final readonly class CalendarState
{
    private function __construct(public LocalDate $anchor, public LocalDate $point)
    {
    }

    /**
     * It counts from the anchor, and its next point is this.
     *
     * @param  LocalDate  $point  before non-working days move it
     */
    public static function at(LocalDate $anchor, LocalDate $point): self
    {
        return new self($anchor, $point);
    }
}
