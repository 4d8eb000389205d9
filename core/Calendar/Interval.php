<?php

declare(strict_types=1);

namespace Sundial\Calendar;

use Sundial\Support\InvalidInput;
use Sundial\Support\Rounding;

/**
 * Every n days, weeks, months or years from an anchor: point k is anchor + k x interval, always counted from the
 * anchor.
 *
 * Months and years clamp to the month's last day: anchored 31 January, monthly: 28 February, 31 March, 30 April.
 * Point 0 is the anchor itself; there are no points before it.
 */
final readonly class Interval implements PlannedPoints
{
    private function __construct(public LocalDate $anchor, public int $every, public Unit $unit)
    {
    }

    /** @throws InvalidInput unless 1 <= every <= 999 */
    public static function every(int $every, Unit $unit, LocalDate $anchor): self
    {
        if ($every < 1 || $every > 999) {
            throw InvalidInput::outside('every', $every, 1, 999);
        }

        return new self($anchor, $every, $unit);
    }

    /** Its anchor. */
    public function start(): LocalDate
    {
        return $this->anchor;
    }

    /** Its length in days; null for months and years, which have no one length. */
    public function days(): ?int
    {
        return match ($this->unit) {
            Unit::Days => $this->every,
            Unit::Weeks => 7 * $this->every,
            default => null,
        };
    }

    /** Point k, k from 0. */
    public function point(int $k): LocalDate
    {
        return $this->unit->after($this->anchor, $k * $this->every);
    }

    /** The same interval counted from another day. */
    public function anchoredAt(LocalDate $anchor): self
    {
        return new self($anchor, $this->every, $this->unit);
    }

    /** One interval counted from a day, such as the day of a completion. */
    public function from(LocalDate $day): LocalDate
    {
        return $this->unit->after($day, $this->every);
    }

    /** The first point strictly after the day; the anchor itself for any day before it. */
    public function firstAfter(LocalDate $day): LocalDate
    {
        if ($day->isBefore($this->anchor)) {
            return $this->anchor;
        }
        $k = max(0, $this->estimate($day));
        while (! $this->point($k)->isAfter($day)) {
            $k++;
        }

        return $this->point($k);
    }

    /** Days of one interval counted back from the point: 28 to 31 for a month. */
    public function intervalBefore(LocalDate $point): int
    {
        return $this->unit->after($point, -$this->every)->daysUntil($point);
    }

    /** A k whose point does not lie after the day; at most two short of the last such k. */
    private function estimate(LocalDate $day): int
    {
        $months = ($day->year - $this->anchor->year) * 12 + $day->month - $this->anchor->month - 1;

        return match ($this->unit) {
            Unit::Days => intdiv($this->anchor->daysUntil($day), $this->every),
            Unit::Weeks => intdiv($this->anchor->daysUntil($day), 7 * $this->every),
            Unit::Months => Rounding::divideDown($months, $this->every),
            Unit::Years => Rounding::divideDown($months, 12 * $this->every),
        };
    }
}
