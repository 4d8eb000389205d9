<?php

declare(strict_types=1);

namespace Sundial\Planning;

use Sundial\Calendar\LocalDate;

/** One visit of the outlook: when, whether that is expected from a counter, and between which days it may fall. */
final readonly class ComingVisit
{
    /** Made by {@see Outlook}. */
    public function __construct(
        public LocalDate $planned,
        public bool $expected,
        public ?LocalDate $early,
        public ?LocalDate $late,
        private LocalDate $base,
        private int $interval,
        private Outlook $outlook,
        private ?NextDue $due = null,
    ) {
    }

    /** Every date that belongs to it: worked out only when it is asked for. */
    public function dates(): VisitDates
    {
        $dates = $this->outlook->datesOf($this->base, $this->planned, $this->interval);

        return $this->due === null ? $dates : $dates->lateFrom($this->due->lateFrom);
    }
}
