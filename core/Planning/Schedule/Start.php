<?php

declare(strict_types=1);

namespace Sundial\Planning\Schedule;

use Sundial\Calendar\LocalDate;

/** What is known when a schedule begins, or begins to count afresh. */
final readonly class Start
{
    private function __construct(
        public int $number,
        public CountedFrom $from,
        public ?LocalDate $lastDone,
        public ?LocalDate $usedUntil,
        public ?int $usageAnchor,
        public ?int $conditionSince,
    ) {
    }

    /**
     * Its next visit has a number.
     *
     * @param  LocalDate|null  $lastDone  the day on which the work was last done
     */
    public static function at(int $number, ?LocalDate $lastDone = null): self
    {
        return new self(
            $number,
            $lastDone === null ? CountedFrom::FirstDay : CountedFrom::LastDone,
            $lastDone,
            null,
            null,
            null,
        );
    }

    /** Counted from a day that somebody chose. */
    public function here(): self
    {
        return new self(
            $this->number,
            CountedFrom::Here,
            $this->lastDone,
            $this->usedUntil,
            $this->usageAnchor,
            $this->conditionSince,
        );
    }

    /** Visits up to a day are used up: none is planned again on or before it. */
    public function usedUntil(?LocalDate $day): self
    {
        return new self(
            $this->number,
            $this->from,
            $this->lastDone,
            $day,
            $this->usageAnchor,
            $this->conditionSince,
        );
    }

    /** @param  int  $total  thousandths from which its units count */
    public function countingFrom(int $total): self
    {
        return new self(
            $this->number,
            $this->from,
            $this->lastDone,
            $this->usedUntil,
            $total,
            $this->conditionSince,
        );
    }

    /** @param  int  $instant  epoch seconds: readings of its gauge after it count */
    public function watchingSince(int $instant): self
    {
        return new self(
            $this->number,
            $this->from,
            $this->lastDone,
            $this->usedUntil,
            $this->usageAnchor,
            $instant,
        );
    }
}
