<?php

declare(strict_types=1);

namespace Sundial\Planning\Visit;

use Sundial\Calendar\LocalDate;
use Sundial\Planning\Trigger\Leading;

/**
 * When the next visit of a schedule falls due, whichever trigger comes first (ties: calendar), and how sure that is.
 *
 * A due total passed by a reading is due on the day of that reading, late from the next. An expected date is never
 * late by itself: once it
 * passes without a reading the visit is due, "reading wanted". Without a rate there is no expected date.
 */
final readonly class NextDue
{
    private function __construct(
        public ?LocalDate $planned,
        public Leading $leading,
        public bool $expected,
        public ?LocalDate $early,
        public ?LocalDate $late,
        public ?LocalDate $lateFrom,
        public ?LocalDate $usageOn,
        public bool $reached,
        public ?LocalDate $calendarOn,
    ) {
    }

    /** @param  LocalDate|null  $calendar  the date of the calendar trigger; null where there is none */
    public static function of(?LocalDate $calendar, ?UsageDue $use = null): self
    {
        [$dueTotal, $counter, $reached, $notBefore] = [
            $use?->total,
            $use?->counter,
            $use?->reached,
            $use?->notBefore,
        ];
        if ($dueTotal === null || $counter === null) {
            return new self(
                $calendar,
                $calendar === null && $dueTotal !== null ? Leading::Usage : Leading::Calendar,
                false,
                null,
                null,
                $calendar?->plusDays(1),
                null,
                false,
                $calendar,
            );
        }
        $usage = $reached ?? $counter->expected($dueTotal);
        $usage = $usage === null || $notBefore === null ? $usage : LocalDate::later($usage, $notBefore);
        $leads = ($usage !== null && ($calendar === null || $usage->isBefore($calendar))) || $calendar === null;
        $expected = $reached === null && $usage !== null;
        $sure = $reached === null ? null : $usage;
        $lateFrom =
            $calendar === null || $sure === null
                ? ($calendar ?? $sure)?->plusDays(1)
                : LocalDate::earlier($calendar, $sure)->plusDays(1);
        $early = $expected ? $counter->earliest($dueTotal) : null;
        $latest = $expected ? $counter->latest($dueTotal) : null;
        if ($calendar !== null && $early !== null) {
            // The calendar's date is the latest; it is sure unless the counter may come before it.
            $latest = $latest === null ? $calendar : LocalDate::earlier($latest, $calendar);
            [$early, $latest] = $early->isBefore($calendar) ? [$early, $latest] : [null, null];
        }

        return new self(
            $leads ? $usage : $calendar,
            $leads ? Leading::Usage : Leading::Calendar,
            $leads && $expected,
            $early,
            $latest,
            $lateFrom,
            $usage,
            $reached !== null,
            $calendar,
        );
    }

    /** The same, where a gauge made it due on a day: that leads when it comes before what else is due. */
    public function orCondition(?LocalDate $on): self
    {
        return $on === null || ($this->planned !== null && ! $on->isBefore($this->planned))
            ? $this
            : new self(
                $on,
                Leading::Condition,
                false,
                null,
                null,
                $on->plusDays(1),
                $this->usageOn,
                $this->reached,
                $this->calendarOn,
            );
    }

    /** The same on another day, to which it was moved by hand. */
    public function movedTo(LocalDate $day): self
    {
        return new self(
            $day,
            $this->leading,
            $this->expected,
            $this->early,
            $this->late,
            $this->lateFrom === null ? null : $day->plusDays(1),
            $this->usageOn,
            $this->reached,
            $this->calendarOn,
        );
    }

    /** Whether the expected date has come without a reading. */
    public function readingWanted(LocalDate $today): bool
    {
        return ! $this->reached && $this->usageOn !== null && ! $this->usageOn->isAfter($today);
    }
}
