<?php

declare(strict_types=1);

namespace Sundial\Planning\Record;

use Sundial\Calendar\LocalDate;

/** What became of one visit, as far as its being on time goes. */
final readonly class PastVisit
{
    /**
     * @param  LocalDate|null  $done  null when it was missed or skipped
     * @param  int  $late how much later than planned it was done, in days or in thousandths of a counter's unit;
     *     negative: earlier
     * @param  int  $tolerance  how much later or earlier still is on time, in the same unit
     * @param  int  $after  how much later still is on time; 0 where the law sets the day
     * @param  int  $toleranceDays  the same in days, for when its time is over
     */
    private function __construct(
        public LocalDate $planned,
        public ?LocalDate $done,
        public int $late,
        public int $tolerance,
        public int $after,
        public int $toleranceDays,
    ) {
    }

    /** One that was done, by its day. */
    public static function done(LocalDate $planned, LocalDate $done, int $tolerance): self
    {
        return new self($planned, $done, $planned->daysUntil($done), $tolerance, $tolerance, $tolerance);
    }

    /** One that was done by use: its due total and the total at completion, in thousandths of a unit. */
    public static function doneByUse(
        LocalDate $planned,
        LocalDate $done,
        int $due,
        int $total,
        int $tolerance,
        int $toleranceDays,
    ): self {
        return new self($planned, $done, $total - $due, $tolerance, $tolerance, $toleranceDays);
    }

    /** One that was missed or skipped. */
    public static function leftOut(LocalDate $planned, int $toleranceDays): self
    {
        return new self($planned, null, 0, 0, 0, $toleranceDays);
    }

    /** The same where the law sets the day: nothing after it is on time. */
    public function byLaw(): self
    {
        return new self($this->planned, $this->done, $this->late, $this->tolerance, 0, 0);
    }

    /** Whether it was done within its tolerance. */
    public function isOnTime(): bool
    {
        return $this->done !== null && $this->late <= $this->after && -$this->late <= $this->tolerance;
    }
}
