<?php

declare(strict_types=1);

namespace Sundial\Planning\Schedule;

use Sundial\Calendar\LocalDate;
use Sundial\Meters\CounterReading;
use Sundial\Planning\Trigger\Leading;
use Sundial\Planning\Trigger\Triggers;
use Sundial\Planning\Visit\Nearness;
use Sundial\Planning\Visit\NextDue;
use Sundial\Planning\Visit\UsageDue;
use Sundial\Planning\Visit\VisitDates;

/** Where a schedule stands on a day: its next visit, what makes it due, and what adds to the reasons of its state. */
final readonly class Standing
{
    private function __construct(
        public ScheduleState $state,
        public Holds $holds,
        public LocalDate $today,
        public NextDue $byRule,
        public NextDue $due,
        public ?VisitDates $visit,
        public ?ConditionDue $condition,
        public ?LocalDate $restDay,
    ) {
    }

    /**
     * Computed from the rule, the state and the facts.
     *
     * state: the same, without a move by hand that no longer holds; byRule: as the rule gives it; due and visit: as
     * moved by hand, visit null while no date can be expected; restDay: the point from which the days of rest moved
     * it.
     */
    public static function of(ScheduleRule $rule, ScheduleState $state, Holds $holds, Facts $facts): self
    {
        $triggers = $rule->triggersAt($state, $facts);
        $condition = self::condition($triggers, $state, $facts);
        $byRule = self::next($triggers, $state, $facts)->orCondition($condition?->day);
        // A move by hand holds as long as the rule gives the day from which it was moved.
        $move = $byRule->planned !== null && $state->move?->from->is($byRule->planned) === true ? $state->move : null;
        $due = $move === null ? $byRule : $byRule->movedTo($move->to);
        $point = $state->calendar?->point;
        $moved = $point !== null && $byRule->leading === Leading::Calendar && $byRule->planned?->is($point) === false;

        return new self(
            $state->withMove($move),
            $holds,
            $facts->today,
            $byRule,
            $due,
            $due->planned === null
                ? null
                : VisitDates::of(
                    $state->base,
                    $due->planned,
                    Outlook::intervalOf($triggers, $state, $due, $facts->counter?->standing()),
                    $rule->terms,
                )->lateFrom($due->lateFrom),
            $condition,
            $moved ? $point : null,
        );
    }

    /** The next visit as the release sees it. */
    public function planned(ScheduleRule $rule): PlannedVisit
    {
        return PlannedVisit::of($this->visit, $this->due->leading, $this->state->calendar?->point, $rule);
    }

    /** How near the next visit is; null while it is held up, ended or without a date. */
    public function nearness(): ?Nearness
    {
        return $this->holds->isGoingOn() ? $this->visit?->nearness($this->today, $this->holds->inHand) : null;
    }

    /** The day on which that may next be another by the calendar alone; null for none. */
    public function nearnessChangesOn(): ?LocalDate
    {
        return $this->visit === null || ! $this->holds->isGoingOn()
            ? null
            : Nearness::changesOn(
                $this->today,
                $this->visit->nearFrom,
                $this->visit->planned,
                $this->visit->lateFrom,
                $this->holds->inHand,
            );
    }

    private static function next(Triggers $triggers, ScheduleState $state, Facts $facts): NextDue
    {
        $usage = $state->usage;

        return NextDue::of(
            $state->calendar === null ? null : $triggers->calendar?->dateOf($state->calendar->point),
            $usage === null
                ? null
                : UsageDue::at(
                    $usage->due,
                    $facts->counter?->standing(),
                    $facts->counter?->dayReached($usage->due),
                    $usage->notBefore,
                ),
        );
    }

    private static function condition(Triggers $triggers, ScheduleState $state, Facts $facts): ?ConditionDue
    {
        if ($triggers->condition === null || $state->condition === null) {
            return null;
        }
        $readings = $facts->gauge?->since($state->condition->since) ?? [];
        $at = $triggers->condition->dueAt(
            array_values(array_map(static fn (CounterReading $reading): int => $reading->shown, $readings)),
            $state->condition->arming,
        );
        $id = $at === null ? null : array_keys($readings)[$at];

        return $id === null ? null : ConditionDue::by($readings[$id]->day, $id);
    }
}
