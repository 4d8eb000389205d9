<?php

declare(strict_types=1);

namespace App\Planning\Queries;

use App\Planning\Models\Schedule;
use App\Register\Models\Meter;
use App\Register\Queries\MeterHistory;
use Generator;
use Sundial\Calendar\Interval;
use Sundial\Calendar\LocalDate;
use Sundial\Calendar\WorkingDays;
use Sundial\Meters\CounterReading;
use Sundial\Meters\CounterStanding;
use Sundial\Planning\Trigger\Arming;
use Sundial\Planning\Trigger\Triggers;
use Sundial\Planning\Visit\ComingVisit;
use Sundial\Planning\Visit\NextDue;
use Sundial\Support\Quantity;

/**
 * Works out every date that hangs on where a schedule stands, from its triggers and from the readings of its counter.
 */
final readonly class ScheduleStanding
{
    public function __construct(private MeterHistory $history)
    {
    }

    /** Fills in where the schedule stands; the caller saves it. */
    public function fill(
        Schedule $schedule,
        Triggers $triggers,
        ?LocalDate $point,
        ?int $dueTotal,
        LocalDate $base,
    ): Schedule {
        $counter = $this->counter($schedule);
        $due = NextDue::of(
            $point === null ? null : $triggers->calendar?->dateOf($point),
            $dueTotal,
            $counter,
            $this->reached($schedule, $dueTotal),
            Schedule::day($schedule->usage_not_before),
        );
        [$conditionOn, $reading] = $this->condition($schedule, $triggers);
        $due = $due->orCondition($conditionOn);
        if ($schedule->moved_to !== null) {
            // A move by hand holds as long as the rule gives the day from which it was moved.
            $holds = $due->planned !== null && (string) $due->planned === $schedule->moved_from;
            $due = $holds ? $due->movedTo(LocalDate::parse($schedule->moved_to)) : $due;
            $schedule->fill($holds ? [] : ['moved_to' => null, 'moved_from' => null]);
        }
        $visit = $schedule->outlook($counter)->dates($triggers, $base, $point, $due);
        $text = static fn (?LocalDate $day): ?string => $day === null ? null : (string) $day;
        $calendar = $triggers->calendar?->points;

        return $schedule->fill([
            'anchor_on' => $calendar instanceof Interval ? (string) $calendar->anchor : $schedule->anchor_on,
            'usage_anchor' => $triggers->usage === null ? null : Quantity::plain($triggers->usage->anchor),
            'next_point_on' => $text($point),
            'usage_due' => $dueTotal === null ? null : Quantity::plain($dueTotal),
            'base_on' => (string) $base,
            'next_due_on' => $text($due->planned),
            'condition_on' => $text($conditionOn),
            'condition_reading_id' => $reading,
            'calendar_on' => $text($due->calendarOn),
            'usage_on' => $text($due->usageOn),
            'usage_reached' => $due->reached,
            'leading' => $due->leading->value,
            'expected' => $due->expected,
            'early_on' => $text($due->early),
            'late_on' => $text($due->late),
            'late_from' => $text($due->lateFrom),
            'near_from' => $text($visit?->nearFrom),
            'release_on' => $text($visit?->release),
            'interval_days' => min(65535, $visit->interval ?? 0),
        ]);
    }

    /** @return Generator<int, ComingVisit> the visits to come, each done on its day */
    public function outlook(Schedule $schedule, WorkingDays $days): Generator
    {
        $dueTotal = Schedule::quantity($schedule->usage_due);

        $moved = Schedule::day($schedule->moved_to);
        foreach (
            $schedule
                ->outlook($this->counter($schedule))
                ->of(
                    $schedule->triggers($days),
                    LocalDate::parse($schedule->base_on),
                    Schedule::day($schedule->next_point_on),
                    $dueTotal,
                    $schedule->usage_reached ? Schedule::day($schedule->usage_on) : null,
                    Schedule::day($schedule->usage_not_before),
                    Schedule::day($schedule->condition_on),
                ) as $visit
        ) {
            yield $moved === null ? $visit : $visit->movedTo($moved);
            $moved = null;
        }
    }

    /** The total of its counter when a visit was done; null without a counter. */
    public function totalAt(Schedule $schedule, int $instant, LocalDate $day): ?int
    {
        $meter = $this->meter($schedule);
        if ($meter === null) {
            return null;
        }
        [$totals] = ($this->history)($meter);

        return $totals->at($instant, $day, $meter->standing()?->rate);
    }

    /** @return array{LocalDate|null, int|null} the day and the reading on which its gauge made it due */
    private function condition(Schedule $schedule, Triggers $triggers): array
    {
        $gauge =
            $schedule->gauge_id === null || $triggers->condition === null
                ? null
                : Meter::query()->find($schedule->gauge_id);
        if ($gauge === null || $triggers->condition === null) {
            return [null, null];
        }
        [$readings, $ids] = $this->history->since($gauge, (string) $schedule->condition_since);
        $at = $triggers->condition->dueAt(
            array_map(static fn (CounterReading $reading): int => $reading->shown, $readings),
            Arming::from($schedule->condition_arming),
        );

        return $at === null ? [null, null] : [$readings[$at]->day, $ids[$at]];
    }

    public function counter(Schedule $schedule): ?CounterStanding
    {
        return $this->meter($schedule)?->standing();
    }

    private function meter(Schedule $schedule): ?Meter
    {
        return match (true) {
            $schedule->meter_id === null => null,
            // A list has loaded them all at once.
            $schedule->relationLoaded('meter') && $schedule->meter?->id === $schedule->meter_id => $schedule->meter,
            default => Meter::query()->find($schedule->meter_id),
        };
    }

    private function reached(Schedule $schedule, ?int $dueTotal): ?LocalDate
    {
        return $schedule->meter_id === null || $dueTotal === null
            ? null
            : $this->history->dayReached($schedule->meter_id, $dueTotal);
    }
}
