<?php

declare(strict_types=1);

namespace Sundial\Planning\Visit;

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

    /** The same on another day, to which it was moved by hand. */
    public function movedTo(LocalDate $day): self
    {
        return new self(
            $day,
            $this->expected,
            $this->early,
            $this->late,
            $this->base,
            $this->interval,
            $this->outlook,
            $this->due?->movedTo($day),
        );
    }

    /** Every date that belongs to it: worked out only when it is asked for. */
    public function dates(): VisitDates
    {
        $dates = $this->outlook->datesOf($this->base, $this->planned, $this->interval);

        return $this->due === null ? $dates : $dates->lateFrom($this->due->lateFrom);
    }
}
