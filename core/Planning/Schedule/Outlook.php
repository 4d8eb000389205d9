<?php

declare(strict_types=1);

namespace Sundial\Planning\Schedule;

use Generator;
use Sundial\Calendar\LocalDate;
use Sundial\Meters\CounterStanding;
use Sundial\Planning\Trigger\Leading;
use Sundial\Planning\Trigger\Triggers;
use Sundial\Planning\Trigger\VisitInHand;
use Sundial\Planning\Visit\ComingVisit;
use Sundial\Planning\Visit\NextDue;
use Sundial\Planning\Visit\UsageDue;

/**
 * The visits to come of one schedule with any triggers, assuming that each is done on its planned day and the
 * counter goes on at its rate. Cost is linear in the visits taken.
 */
final readonly class Outlook
{
    private function __construct(
        private ScheduleRule $rule,
        private Triggers $triggers,
        private ?CounterStanding $counter,
    ) {
    }

    /**
     * @return Generator<int, ComingVisit> until a rule has no further point, the end has passed, or no date can
     *     be expected
     */
    public static function of(ScheduleRule $rule, ScheduleState $state, Facts $facts): Generator
    {
        $outlook = new self($rule, $rule->triggersAt($state, $facts), $facts->counter?->standing());
        $standing = $rule->standing($state, Holds::none(), $facts);
        $step =
            $outlook->triggers->usage === null && $standing->condition === null
                ? $outlook->triggers->calendar?->evenStep()
                : null;
        $visits = $step !== null && $state->calendar !== null
            ? $outlook->evenly($state->base, $state->calendar->point, $step)
            : $outlook->oneByOne($state, $standing->byRule);
        // A visit that was moved by hand is done on its own day; those after it stay where the rule has them.
        $moved = $standing->state->move?->to;
        foreach ($visits as $visit) {
            yield $moved === null ? $visit : $visit->movedTo($moved);
            $moved = null;
        }
    }

    /**
     * Days of the interval that ends in a visit: of the leading trigger.
     *
     * @param  CounterStanding|null  $counter  of a usage trigger
     */
    public static function intervalOf(
        Triggers $triggers,
        ScheduleState $state,
        NextDue $due,
        ?CounterStanding $counter,
    ): int {
        if ($due->leading === Leading::Calendar && $triggers->calendar !== null && $state->calendar !== null) {
            return $triggers->calendar->intervalAt($state->calendar->point);
        }
        $passes = $state->base->daysUntil($due->planned ?? $state->base);
        $byUse =
            $due->leading === Leading::Usage ? $counter?->rate?->daysFor($triggers->usage->every ?? 0) : null;

        return max(1, $byUse ?? $passes);
    }

    /**
     * Every so many days, whatever the carry-over: each done on its day leaves the next where it was.
     *
     * @return Generator<int, ComingVisit>
     */
    private function evenly(LocalDate $base, LocalDate $planned, int $step): Generator
    {
        while ($this->rule->ends === null || ! $planned->isAfter($this->rule->ends)) {
            yield ComingVisit::sure($planned, $base, $step, $this->rule->terms);
            $base = $planned;
            $planned = $planned->plusDays($step);
        }
    }

    /** @return Generator<int, ComingVisit> */
    private function oneByOne(ScheduleState $state, NextDue $due): Generator
    {
        $triggers = $this->triggers;
        while ($due->planned !== null && ($this->rule->ends === null || ! $due->planned->isAfter($this->rule->ends))) {
            yield ComingVisit::due(
                $due,
                $state->base,
                self::intervalOf($triggers, $state, $due, $this->counter),
                $this->rule->terms,
            );
            $total = $state->usage?->due;
            $visit = VisitInHand::of($due->leading, $state->calendar?->point, $total, $state->number);
            $after = $triggers->complete(
                $visit,
                $due->planned,
                $total === null || $due->leading === Leading::Usage ? $total : $this->counter?->on($due->planned),
            );
            if ($due->leading === Leading::Usage && $after->nextTotal === $total) {
                return;
            }
            $triggers = $after->triggers;
            $state = $state->after($after, $state->number, $due->planned, $state->why);
            $due = NextDue::of(
                $state->calendar === null ? null : $triggers->calendar?->dateOf($state->calendar->point),
                $state->usage === null
                    ? null
                    : UsageDue::at($state->usage->due, $this->counter, null, $due->planned->plusDays(1)),
            );
        }
    }
}
