<?php

declare(strict_types=1);

namespace Sundial\Planning\Visit;

use Sundial\Calendar\LocalDate;
use Sundial\Support\Rounding;

/**
 * Every date that belongs to one coming visit: from when it is near, when its order is made, when it is planned, and
 * how
 * early or late it may be done and still count as on time.
 */
final readonly class VisitDates
{
    private function __construct(
        public LocalDate $base,
        public LocalDate $planned,
        public LocalDate $nearFrom,
        public LocalDate $release,
        public int $interval,
        public int $tolerance,
        public int $after,
        public ?LocalDate $lateFrom,
    ) {
    }

    /**
     * @param  LocalDate  $base  the last completion, or the start
     * @param  int  $interval  days of the interval that ends in this visit
     */
    public static function of(LocalDate $base, LocalDate $planned, int $interval, VisitTerms $terms): self
    {
        return new self(
            $base,
            $planned,
            $planned->plusDays(-$terms->nearDays($interval)),
            $terms->lead->releaseDay($base, $planned),
            $interval,
            $terms->daysBefore($interval),
            $terms->daysAfter($interval),
            $planned->plusDays(1),
        );
    }

    /** The same with another day from which it is late; null for an expected date, which is never late by itself. */
    public function lateFrom(?LocalDate $lateFrom): self
    {
        return new self(
            $this->base,
            $this->planned,
            $this->nearFrom,
            $this->release,
            $this->interval,
            $this->tolerance,
            $this->after,
            $lateFrom,
        );
    }

    /** Share of the interval that has passed, in thousandths; above 1000 when late, 0 when the base lies ahead. */
    public function consumed(LocalDate $today): int
    {
        $whole = max(1, $this->base->daysUntil($this->planned));

        return max(0, Rounding::divideDown(1000 * $this->base->daysUntil($today), $whole));
    }

    /** After how many thousandths of the interval its order is made. */
    public function leadShare(): int
    {
        $whole = max(1, $this->base->daysUntil($this->planned));

        return Rounding::divideDown(1000 * $this->base->daysUntil($this->release), $whole);
    }

    /** How near the visit is on a day, by its own dates. */
    public function nearness(LocalDate $today, bool $inHand = false): Nearness
    {
        return Nearness::on($today, $this->nearFrom, $this->planned, $this->lateFrom, $inHand);
    }

    /** The first day on which it is on time. */
    public function onTimeFrom(): LocalDate
    {
        return $this->planned->plusDays(-$this->tolerance);
    }

    /** The last day on which it is on time. */
    public function onTimeUntil(): LocalDate
    {
        return $this->planned->plusDays($this->after);
    }

    /** Completed within its tolerance of the planned day. */
    public function isOnTime(LocalDate $done): bool
    {
        return ! $done->isBefore($this->onTimeFrom()) && ! $done->isAfter($this->onTimeUntil());
    }
}
