<?php

declare(strict_types=1);

namespace Sundial\Planning\Trigger;

use Sundial\Calendar\Interval;
use Sundial\Calendar\LocalDate;
use Sundial\Calendar\WorkingDays;
use Sundial\Support\InvalidInput;

/** What makes a schedule fall due: a calendar, a usage or a condition trigger, or several, whichever comes first. */
final readonly class Triggers
{
    private function __construct(
        public ?CalendarTrigger $calendar,
        public ?UsageTrigger $usage,
        public ?ConditionTrigger $condition,
    ) {
    }

    /** @throws InvalidInput when there is none */
    public static function of(
        ?CalendarTrigger $calendar,
        ?UsageTrigger $usage = null,
        ?ConditionTrigger $condition = null,
    ): self {
        if ($calendar === null && $usage === null && $condition === null) {
            throw InvalidInput::nothingLeft('rule', 'A schedule needs at least one trigger.');
        }

        return new self($calendar, $usage, $condition);
    }

    /** The same on the working days of a site, counted from another day and another total; null: from its own. */
    public function countedFrom(?LocalDate $anchor, ?int $total, WorkingDays $days): self
    {
        $calendar = $this->calendar?->with($days);

        return new self(
            $calendar === null || $anchor === null ? $calendar : $calendar->anchoredAt($anchor),
            $total === null ? $this->usage : $this->usage?->anchoredAt($total),
            $this->condition,
        );
    }

    /**
     * What a completed visit makes of the schedule. The carry-over applies to the trigger that was leading; the
     * others restart at
     * the completion's date or total (a weekday rule at its first date after it), and a condition counts its
     * readings afresh.
     *
     * 90 days or 500 h, fixed; calendar due 1 April, the hours lead, done 16 February: calendar next 17 May.
     *
     * @param  int|null  $doneTotal  the total at completion; null when the counter has no reading
     */
    public function complete(VisitInHand $visit, LocalDate $done, ?int $doneTotal): VisitCompletion
    {
        [$led, $point, $dueTotal] = [$visit->led, $visit->point, $visit->dueTotal];
        $byDate =
            $led === Leading::Calendar && $this->calendar !== null && $point !== null
                ? Completion::of($this->calendar, $point, $done)
                : null;
        $byUse =
            $led === Leading::Usage && $this->usage !== null && $dueTotal !== null && $doneTotal !== null
                ? UsageCompletion::of($this->usage, $dueTotal, $doneTotal)
                : null;
        [$calendar, $nextPoint] = match (true) {
            $this->calendar === null => [null, null],
            $byDate !== null => [self::anchored($this->calendar, $byDate->newAnchor), $byDate->nextPoint],
            default => self::restarted($this->calendar, $done),
        };
        [$usage, $nextTotal] = match (true) {
            $this->usage === null => [null, null],
            $byUse !== null => [
                $byUse->newAnchor === null ? $this->usage : $this->usage->anchoredAt($byUse->newAnchor),
                $byUse->next,
            ],
            $doneTotal === null => [$this->usage, $dueTotal],
            default => [$this->usage->anchoredAt($doneTotal), $doneTotal + $this->usage->every],
        };

        return new VisitCompletion(
            new self($calendar, $usage, $this->condition),
            $nextPoint,
            $nextTotal,
            $led,
            $byDate,
            $byUse,
        );
    }

    /** @return array{CalendarTrigger, LocalDate} */
    private static function restarted(CalendarTrigger $trigger, LocalDate $done): array
    {
        $fresh = self::anchored($trigger, $trigger->points instanceof Interval ? $done : null);
        try {
            return [$fresh, $fresh->pointAfter($done, $done)];
        } catch (InvalidInput) {
            // Counted from here, none of its points lies in the season: it begins afresh where that does.
            $point = $trigger->season->onward(
                $trigger->points instanceof Interval ? $trigger->points->from($done) : $done->plusDays(1),
            );

            return [self::anchored($trigger, $point), $point];
        }
    }

    private static function anchored(CalendarTrigger $trigger, ?LocalDate $anchor): CalendarTrigger
    {
        return $anchor === null ? $trigger : $trigger->anchoredAt($anchor);
    }
}
