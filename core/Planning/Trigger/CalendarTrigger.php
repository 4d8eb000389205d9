<?php

declare(strict_types=1);

namespace Sundial\Planning\Trigger;

use Sundial\Calendar\Interval;
use Sundial\Calendar\LocalDate;
use Sundial\Calendar\NonWorking;
use Sundial\Calendar\PlannedPoints;
use Sundial\Calendar\RecurrenceRule;
use Sundial\Calendar\Season;
use Sundial\Calendar\WorkingDays;
use Sundial\Support\InvalidInput;

/**
 * A calendar trigger whole: its rule, the months in which it is active, and what non-working days do to a date.
 *
 * A *point* is a day of the rule; its *date* is where the site's calendar moves it. Points moved onto one day are
 * one visit.
 */
final readonly class CalendarTrigger
{
    /** Days beyond which the site's calendar moves no date. */
    private const FURTHEST_MOVE = 367;

    /** Points that passed longer ago than this are not listed one by one. Days. */
    private const LISTED = 1096;

    private function __construct(
        public PlannedPoints $points,
        public CarryOver $carryOver,
        public Season $season,
        public NonWorking $nonWorking,
        public WorkingDays $workingDays,
    ) {
    }

    /** Every n units from an anchor, with a carry-over. */
    public static function interval(
        Interval $interval,
        CarryOver $carryOver,
        ?Season $season = null,
        NonWorking $nonWorking = NonWorking::Keep,
        ?WorkingDays $workingDays = null,
    ): self {
        return new self(
            $interval,
            $carryOver,
            $season ?? Season::wholeYear(),
            $nonWorking,
            $workingDays ?? WorkingDays::everyDay(),
        );
    }

    /** A weekday or nth-weekday rule: always kept to the calendar, only the least gap of the carry-over is used. */
    public static function rule(
        RecurrenceRule $rule,
        int $leastGap = 0,
        ?Season $season = null,
        NonWorking $nonWorking = NonWorking::Keep,
        ?WorkingDays $workingDays = null,
    ): self {
        return new self(
            $rule,
            CarryOver::of(0, 0, $leastGap),
            $season ?? Season::wholeYear(),
            $nonWorking,
            $workingDays ?? WorkingDays::everyDay(),
        );
    }

    /** The same interval counted from another day; a rule of weekdays keeps its days. */
    public function anchoredAt(LocalDate $anchor): self
    {
        return $this->points instanceof Interval
            ? new self(
                $this->points->anchoredAt($anchor),
                $this->carryOver,
                $this->season,
                $this->nonWorking,
                $this->workingDays,
            )
            : $this;
    }

    /** The same in every month. */
    public function inAnyMonth(): self
    {
        return new self(
            $this->points,
            $this->carryOver,
            Season::wholeYear(),
            $this->nonWorking,
            $this->workingDays,
        );
    }

    /** The same where the site works on these days. */
    public function with(WorkingDays $workingDays): self
    {
        return new self($this->points, $this->carryOver, $this->season, $this->nonWorking, $workingDays);
    }

    /** Where the site's calendar puts a point. */
    public function dateOf(LocalDate $point): LocalDate
    {
        return $this->workingDays->move($point, $this->nonWorking);
    }

    /**
     * The first active point after a day, none of which shares its date with a visit up to $notOn.
     *
     * @throws InvalidInput when the rule has no further point, such as the fifth Monday of February in a season
     *     of February only
     */
    public function pointAfter(LocalDate $day, ?LocalDate $notOn = null): LocalDate
    {
        // A date lies at most 366 days from its point (WorkingDays::move): a rule that began years ago is not counted
        // up.
        $skipped = $notOn?->plusDays(-self::FURTHEST_MOVE);
        $point = $this->points->firstAfter($skipped === null ? $day : LocalDate::later($day, $skipped));
        // The calendar repeats itself after 400 years: what has not come by then does not come.
        for ($tries = 0; $point !== null && $tries < 5000 && $point->year <= $day->year + 400; $tries++) {
            if ($this->season->holds($point) && ($notOn === null || $this->dateOf($point)->isAfter($notOn))) {
                return $point;
            }
            $point = $this->points->firstAfter($point);
        }
        throw InvalidInput::nothingLeft(
            'trigger',
            'This rule has no day left on which it could fall due. Choose other days or more months.',
        );
    }

    /**
     * The dates, from a point on, that lie before a day; those of three years at most, however long ago it began.
     *
     * @return array{list<LocalDate>, LocalDate} the dates, and the first point whose date does not lie before the day
     *
     * @throws InvalidInput when the rule has no further point
     */
    public function passed(LocalDate $point, LocalDate $before): array
    {
        $listed = $before->plusDays(-self::LISTED);
        if ($this->dateOf($point)->isBefore($listed)) {
            $point = $this->pointAfter($point, $listed);
        }
        $dates = [];
        for ($date = $this->dateOf($point); $date->isBefore($before); $date = $this->dateOf($point)) {
            $dates[] = $date;
            $point = $this->pointAfter($point, $date);
        }

        return [$dates, $point];
    }

    /**
     * The first point of a new schedule: the first active one on or after a day, but after the day it was last done.
     */
    public function first(LocalDate $from, ?LocalDate $lastDone = null): LocalDate
    {
        $before = $from->plusDays(-1);

        return $this->pointAfter($lastDone === null ? $before : LocalDate::later($before, $lastDone), $lastDone);
    }

    /** The step in days where points are evenly spaced and nothing moves or drops one; null for every other trigger. */
    public function evenStep(): ?int
    {
        $step = $this->points instanceof Interval ? $this->points->days() : null;

        return $step !== null &&
            $this->nonWorking === NonWorking::Keep &&
            count($this->season->months) === 12 &&
            $this->carryOver->leastGap <= $step
            ? $step
            : null;
    }

    /** Days of the interval that ends in this point: what percentages of an interval are taken of. */
    public function intervalAt(LocalDate $point): int
    {
        return max(1, $this->points->intervalBefore($point));
    }
}
