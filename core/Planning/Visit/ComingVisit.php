<?php

declare(strict_types=1);

namespace Sundial\Planning\Visit;

use Sundial\Calendar\LocalDate;

/** One visit of the outlook: when, whether that is expected from a counter, and between which days it may fall. */
final readonly class ComingVisit
{
    private function __construct(
        public LocalDate $planned,
        public bool $expected,
        public ?LocalDate $early,
        public ?LocalDate $late,
        private LocalDate $base,
        private int $interval,
        private VisitTerms $terms,
        private ?LocalDate $lateFrom,
    ) {
    }

    /** One whose day the calendar gives. */
    public static function sure(LocalDate $planned, LocalDate $base, int $interval, VisitTerms $terms): self
    {
        return new self($planned, false, null, null, $base, $interval, $terms, $planned->plusDays(1));
    }

    /**
     * One that falls due so.
     *
     * @param  NextDue  $due  with a planned day
     */
    public static function due(NextDue $due, LocalDate $base, int $interval, VisitTerms $terms): self
    {
        return new self(
            $due->planned ?? $base,
            $due->expected,
            $due->early,
            $due->late,
            $base,
            $interval,
            $terms,
            $due->lateFrom,
        );
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
            $this->terms,
            $this->lateFrom === null ? null : $day->plusDays(1),
        );
    }

    /** Every date that belongs to it: worked out only when it is asked for. */
    public function dates(): VisitDates
    {
        return VisitDates::of($this->base, $this->planned, $this->interval, $this->terms)->lateFrom($this->lateFrom);
    }
}
