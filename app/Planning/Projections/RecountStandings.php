<?php

declare(strict_types=1);

namespace App\Planning\Projections;

use App\Planning\Models\Schedule;
use App\Planning\Models\Visit;
use App\Planning\Queries\FactsOf;
use App\Platform\Sites\SiteDays;
use DateTimeImmutable;
use DateTimeZone;
use Illuminate\Support\Facades\DB;
use Sundial\Calendar\LocalDate;
use Sundial\Planning\Schedule\CountedFrom;
use Sundial\Planning\Schedule\Done;
use Sundial\Planning\Schedule\Facts;
use Sundial\Planning\Schedule\ScheduleState;

/**
 * Counts a schedule again from what was recorded: its state from the visit that was done or skipped last and the
 * state before that, and all that follows from it.
 */
final readonly class RecountStandings
{
    public function __construct(private FactsOf $facts, private SiteDays $sites, private KeepStanding $stand)
    {
    }

    /** @return array<string, array{mixed, mixed}> what stands otherwise than counted: kept and counted, by column */
    public function differences(Schedule $schedule): array
    {
        $facts = ($this->facts)($schedule);
        $counted = KeepStanding::fill(clone $schedule, $this->state($schedule, $facts), $facts);
        $differ = [];
        foreach (array_keys($counted->getDirty()) as $column) {
            $differ[$column] = [$schedule->getAttribute($column), $counted->getAttribute($column)];
        }

        return $differ;
    }

    /** Stands it as counted. */
    public function mend(int $scheduleId): void
    {
        DB::transaction(function () use ($scheduleId): void {
            $schedule = Schedule::query()->lockForUpdate()->findOrFail($scheduleId);
            $facts = ($this->facts)($schedule);
            ($this->stand)($schedule, $this->state($schedule, $facts), $facts);
        });
    }

    /**
     * What was decided by hand since (a count from here, a hold that ended, another rule) stands as it was decided:
     * then there is nothing to count it from.
     */
    private function state(Schedule $schedule, Facts $facts): ScheduleState
    {
        $kept = $schedule->state();
        $last = Visit::query()
            ->where('schedule_id', $schedule->id)
            ->whereIn('state', [Visit::DONE, Visit::SKIPPED])
            ->orderByDesc('number')
            ->first();
        if (
            $last === null ||
            $last->before === null ||
            ! in_array($kept->why->from, [CountedFrom::Done, CountedFrom::Skipped], true)
        ) {
            return $kept;
        }
        $day = LocalDate::parse($last->done_on ?? $last->planned_on);
        $instant = $last->done_at === null
            ? $this->sites->site($schedule->site_id)->middayOf($day)
            : (new DateTimeImmutable($last->done_at, new DateTimeZone('UTC')))->getTimestamp();
        $before = ScheduleState::fromArray($last->before);
        $done = Done::on($last->taken(), $day, $instant);
        $step = $last->state === Visit::SKIPPED
            ? $schedule->agreed()->skipped($before, $done, $facts, $kept->condition->since ?? $instant)
            : $schedule->agreed()->completed($before, $done, $facts);

        return $step->state->withMove($kept->move);
    }
}
