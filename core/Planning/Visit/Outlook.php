<?php

declare(strict_types=1);

namespace Sundial\Planning\Visit;

use Generator;
use Sundial\Calendar\LocalDate;
use Sundial\Meters\CounterStanding;
use Sundial\Planning\Trigger\Leading;
use Sundial\Planning\Trigger\Triggers;

/**
 * The visits to come of one schedule with any triggers, assuming that each is done on its planned day and the
 * counter goes on at its rate.
 * Cost is linear in the visits taken.
 */
final readonly class Outlook
{
    private function __construct(
        private LeadTime $lead,
        private ?int $near,
        private ?int $tolerance,
        private ?LocalDate $ends,
        private ?CounterStanding $counter,
        private bool $statutory,
    ) {
    }

    /**
     * @param  LocalDate|null  $ends  the last day on which a visit may be planned
     * @param  CounterStanding|null  $counter  how the counter stands, for a usage trigger
     * @param  bool  $statutory  whether the law sets its days
     */
    public static function with(
        LeadTime $lead,
        ?int $near = null,
        ?int $tolerance = null,
        ?LocalDate $ends = null,
        ?CounterStanding $counter = null,
        bool $statutory = false,
    ): self {
        return new self($lead, $near, $tolerance, $ends, $counter, $statutory);
    }

    /**
     * @param  LocalDate  $base  the last completion, or the start
     * @param  LocalDate|null  $reached  the day on which a reading came to the due total
     * @param  LocalDate|null  $condition the day on which a gauge made it due; when it will the next time, nobody
     *     can say
     * @return Generator<int, ComingVisit> until a rule has no further point, the end has passed, or no date can
     *     be expected
     */
    public function of(
        Triggers $triggers,
        LocalDate $base,
        ?LocalDate $point,
        ?int $dueTotal,
        ?LocalDate $reached = null,
        ?LocalDate $notBefore = null,
        ?LocalDate $condition = null,
    ): Generator {
        $step = $triggers->usage === null && $condition === null ? $triggers->calendar?->evenStep() : null;

        return $step !== null && $point !== null
            ? $this->evenly($base, $point, $step)
            : $this->oneByOne($triggers, $base, $point, $dueTotal, $reached, $notBefore, $condition);
    }

    /**
     * Every so many days, whatever the carry-over: each done on its day leaves the next where it was. @return
     * Generator<int, ComingVisit>
     */
    private function evenly(LocalDate $base, LocalDate $planned, int $step): Generator
    {
        while ($this->ends === null || ! $planned->isAfter($this->ends)) {
            yield new ComingVisit($planned, false, null, null, $base, $step, $this);
            $base = $planned;
            $planned = $planned->plusDays($step);
        }
    }

    /** @return Generator<int, ComingVisit> */
    private function oneByOne(
        Triggers $triggers,
        LocalDate $base,
        ?LocalDate $point,
        ?int $dueTotal,
        ?LocalDate $reached,
        ?LocalDate $notBefore,
        ?LocalDate $condition,
    ): Generator {
        while (true) {
            $due = NextDue::of(
                $point === null ? null : $triggers->calendar?->dateOf($point),
                $dueTotal,
                $this->counter,
                $reached,
                $notBefore,
            )->orCondition($condition);
            if ($due->planned === null || ($this->ends !== null && $due->planned->isAfter($this->ends))) {
                return;
            }
            yield new ComingVisit(
                $due->planned,
                $due->expected,
                $due->early,
                $due->late,
                $base,
                $this->interval($triggers, $base, $point, $due),
                $this,
                $due,
            );
            $base = $due->planned;
            $total =
                $dueTotal === null
                    ? null
                    : ($due->leading === Leading::Usage
                        ? $dueTotal
                        : $this->counter?->on($base));
            $after = $triggers->complete($due->leading, $point, $dueTotal, $base, $total);
            if ($due->leading === Leading::Usage && $after->nextTotal === $dueTotal) {
                return;
            }
            [$triggers, $point, $dueTotal, $reached, $notBefore, $condition] = [
                $after->triggers,
                $after->nextPoint,
                $after->nextTotal,
                null,
                $base->plusDays(1),
                null,
            ];
        }
    }

    /** The dates of a visit planned so, by the lead, nearness and tolerance of this outlook. */
    public function datesOf(LocalDate $base, LocalDate $planned, int $interval): VisitDates
    {
        return VisitDates::of(
            $base,
            $planned,
            $interval,
            $this->lead,
            $this->near,
            $this->tolerance,
            $this->statutory,
        );
    }

    /** Every date that belongs to a visit that falls due so; null when no date can be expected. */
    public function dates(Triggers $triggers, LocalDate $base, ?LocalDate $point, NextDue $due): ?VisitDates
    {
        return $due->planned === null
            ? null
            : $this->datesOf($base, $due->planned, $this->interval($triggers, $base, $point, $due))->lateFrom(
                $due->lateFrom,
            );
    }

    /** Days of the interval that ends in the visit: of the leading trigger. */
    private function interval(Triggers $triggers, LocalDate $base, ?LocalDate $point, NextDue $due): int
    {
        if ($due->leading === Leading::Calendar && $triggers->calendar !== null && $point !== null) {
            return $triggers->calendar->intervalAt($point);
        }

        if ($due->leading === Leading::Condition) {
            return max(1, $base->daysUntil($due->planned ?? $base));
        }

        return max(
            1,
            $this->counter?->rate?->daysFor($triggers->usage->every ?? 0) ??
                $base->daysUntil($due->planned ?? $base),
        );
    }
}
