<?php

declare(strict_types=1);

namespace Sundial\Planning\Schedule;

use Generator;
use Sundial\Calendar\LocalDate;
use Sundial\Calendar\Season;
use Sundial\Planning\Trigger\Arming;
use Sundial\Planning\Trigger\Leading;
use Sundial\Planning\Trigger\Suspension;
use Sundial\Planning\Trigger\Triggers;
use Sundial\Planning\Trigger\UsageTrigger;
use Sundial\Planning\Trigger\VisitCompletion;
use Sundial\Planning\Visit\ComingVisit;
use Sundial\Planning\Visit\MovedVisit;
use Sundial\Planning\Visit\VisitTerms;
use Sundial\Support\InvalidInput;

/**
 * What was agreed for a schedule: what makes it fall due, what holds around its days, and when it ends.
 *
 * Asked with the state of a schedule and the facts of a day, it says where the schedule stands and what would become
 * of it; it changes nothing.
 */
final readonly class ScheduleRule
{
    private function __construct(public Triggers $triggers, public VisitTerms $terms, public ?LocalDate $ends)
    {
    }

    /** @param  LocalDate|null  $ends  the last day on which a visit may be planned */
    public static function of(Triggers $triggers, VisitTerms $terms, ?LocalDate $ends = null): self
    {
        return new self($triggers, $terms, $ends);
    }

    /** The months in which its calendar is active; the whole year without one. */
    public function season(): Season
    {
        return $this->triggers->calendar->season ?? Season::wholeYear();
    }

    /** Its triggers on the working days of the site, counted from where a state has them. */
    public function triggersAt(ScheduleState $state, Facts $facts): Triggers
    {
        return $this->triggers->countedFrom($state->calendar?->anchor, $state->usage?->anchor, $facts->days);
    }

    /**
     * The state with which it begins: the first point of each trigger.
     *
     * @throws InvalidInput when its calendar has no day left, or there is no total to count from
     */
    public function begin(Start $start, Facts $facts): ScheduleState
    {
        $calendar = $this->triggers->calendar?->with($facts->days);
        $usage = $this->triggers->usage;
        $after =
            $start->lastDone !== null && $start->usedUntil !== null
                ? LocalDate::later($start->lastDone, $start->usedUntil)
                : $start->lastDone ?? $start->usedUntil;
        $anchor = $calendar?->points->start();
        $point = $calendar === null || $anchor === null ? null : $calendar->first($anchor, $after);
        $base =
            $start->lastDone ??
            ($calendar === null || $point === null
                ? $facts->today
                : $point->plusDays(-$calendar->intervalAt($point)));
        $total = $start->usageAnchor ?? $usage?->anchor;

        return ScheduleState::begun(
            $start->number,
            $usage === null ? $base : LocalDate::earlier($base, $facts->today),
            $start->lastDone,
            Why::counted($start->from, $start->lastDone ?? $anchor ?? $facts->today),
        )
            ->withCalendar($anchor === null || $point === null ? null : CalendarState::at($anchor, $point))
            ->withUsage(
                $usage === null || $total === null
                    ? null
                    : UsageState::at($total, $usage->anchoredAt($total)->pointAfter($total)),
            )
            ->withCondition(
                $this->triggers->condition === null || $start->conditionSince === null
                    ? null
                    : ConditionState::since($start->conditionSince),
            );
    }

    /** Where a schedule stands: when its next visit is due and by what, and every date that hangs on it. */
    public function standing(ScheduleState $state, Holds $holds, Facts $facts): Standing
    {
        return Standing::of($this, $state, $holds, $facts);
    }

    /** What a visit that was done makes of a schedule. Readings of its gauge count afresh from then. */
    public function completed(ScheduleState $state, Done $done, Facts $facts): Step
    {
        $total = $done->total($facts);
        $step = $this->counted($state, $done, $total, $facts);

        return Step::to(
            $this->watching($step->state, ConditionState::since($done->instant)),
            $step->passed,
            $total,
        );
    }

    /**
     * What a visit that is skipped makes of a schedule: it counts on as if done when planned. Its condition is armed
     * again by a reading back inside.
     *
     * @param  Done  $asIf  on the day for which it was planned
     * @param  int  $now  epoch seconds
     */
    public function skipped(ScheduleState $state, Done $asIf, Facts $facts, int $now): Step
    {
        $total =
            $asIf->visit->led === Leading::Usage
                ? $asIf->visit->dueTotal
                : $facts->counter?->totalAt($asIf->instant, $asIf->day);
        $step = $this->counted($state, $asIf, $total, $facts, CountedFrom::Skipped);

        return Step::to(
            $this->watching(
                $step->state,
                ConditionState::since(max($asIf->instant, $now), Arming::Waiting),
            ),
            $step->passed,
            $total,
        );
    }

    /**
     * Its next visit moved by hand, and only that one; to the day of the rule takes the move back.
     *
     * @throws InvalidInput no_visit, past, beyond_tolerance
     */
    public function movedTo(ScheduleState $state, LocalDate $to, Facts $facts): ScheduleState
    {
        $visit = $this->standing($state->withMove(null), Holds::none(), $facts)->visit;
        if ($visit === null) {
            throw InvalidInput::because('no_visit', 'moved_to', 'There is no visit with a date that could be moved.');
        }
        MovedVisit::check($visit, $to, $facts->today);

        return $state->withMove($to->is($visit->planned) ? null : Move::of($visit->planned, $to));
    }

    /**
     * What becomes of a schedule that was held up and goes on: what passed meanwhile is suspended.
     *
     * @param  LocalDate  $heldFrom  the first day of the hold
     * @param  LocalDate  $return  the day on which it goes on
     */
    public function goneOn(ScheduleState $state, LocalDate $heldFrom, LocalDate $return, Facts $facts): Step
    {
        $triggers = $this->triggersAt($state, $facts);
        $passed = [];
        $number = $state->number;
        if ($triggers->calendar !== null && $state->calendar !== null) {
            $lifted = Suspension::lifted($triggers->calendar, $state->calendar->point, $heldFrom, $return);
            foreach ($lifted->suspended as $date) {
                $passed[] = PassedVisit::byDate($number++, $date);
            }
            $state = $state->withCalendar(
                CalendarState::at($lifted->newAnchor ?? $state->calendar->anchor, $lifted->nextPoint),
            );
            $state =
                $lifted->newAnchor === null && $lifted->suspended === []
                    ? $state
                    : $state->because(Why::counted(CountedFrom::Return, $return));
        }
        if ($triggers->usage !== null && $state->usage !== null) {
            [$usage, $totals] = self::usedMeanwhile($triggers->usage, $state->usage, $heldFrom, $return, $facts);
            foreach ($totals as $total) {
                $passed[] = PassedVisit::byUse($number++, $return, $total);
            }
            $state = $usage === $state->usage
                ? $state
                : $state->withUsage($usage)->because(Why::counted(CountedFrom::Return, $return));
        }

        return Step::to($state->numbered($number), $passed);
    }

    /** @return Generator<int, ComingVisit> the visits to come, each done on its day and read at its rate */
    public function outlook(ScheduleState $state, Facts $facts): Generator
    {
        return Outlook::of($this, $state, $facts);
    }

    /** The condition of a state replaced, where the rule has one. */
    private function watching(ScheduleState $state, ConditionState $condition): ScheduleState
    {
        return $this->triggers->condition === null ? $state : $state->withCondition($condition);
    }

    private function counted(
        ScheduleState $state,
        Done $done,
        ?int $total,
        Facts $facts,
        CountedFrom $from = CountedFrom::Done,
    ): Step {
        $completion = $this->triggersAt($state, $facts)->complete($done->visit, $done->day, $total);

        return Step::to(
            $state->after(
                $completion,
                $done->visit->number,
                $done->day,
                Why::completed($from, $done->day, $completion),
            ),
            self::missed($completion, $done, $facts),
        );
    }

    /** @return list<PassedVisit> */
    private static function missed(VisitCompletion $completion, Done $done, Facts $facts): array
    {
        $number = $done->visit->number;
        $missed = [];
        foreach ($completion->byDate->missed ?? [] as $date) {
            $missed[] = PassedVisit::byDate(++$number, $date);
        }
        foreach ($completion->byUse->missed ?? [] as $total) {
            $day = $facts->counter?->dayReached($total) ?? $done->day;
            $missed[] = PassedVisit::byUse(++$number, $day, $total);
        }

        return $missed;
    }

    /**
     * A total that was passed during a hold: what floats is due on the day of return, what keeps to its readings
     * takes the next total.
     *
     * @return array{UsageState, list<int>} with the totals that are suspended
     */
    private static function usedMeanwhile(
        UsageTrigger $trigger,
        UsageState $usage,
        LocalDate $heldFrom,
        LocalDate $return,
        Facts $facts,
    ): array {
        $reached = $facts->counter?->dayReached($usage->due);
        $reached =
            $reached === null || $usage->notBefore === null
                ? $reached
                : LocalDate::later($reached, $usage->notBefore);
        if ($reached === null || $reached->isBefore($heldFrom)) {
            return [$usage, []];
        }
        if ($trigger->carryOver->late > 0) {
            return [UsageState::at($usage->anchor, $usage->due, $return), []];
        }
        $now = $facts->counter?->standing()->total ?? 0;
        $suspended = [];
        for ($due = $usage->due; $due <= $now; $due = $trigger->pointAfter($due)) {
            $suspended[] = $due;
        }

        return [UsageState::at($usage->anchor, $due, $usage->notBefore), $suspended];
    }
}
