<?php

declare(strict_types=1);

namespace App\Planning\Projections;

use App\Planning\Models\Schedule;
use App\Planning\Queries\FactsOf;
use Illuminate\Support\Facades\DB;
use Sundial\Calendar\LocalDate;
use Sundial\Planning\Schedule\Facts;
use Sundial\Planning\Schedule\ScheduleState;
use Sundial\Planning\Schedule\Standing;
use Sundial\Support\Quantity;

/**
 * Stands a schedule in a state, and keeps what follows from it: the columns that lists sort and filter by, the
 * summary of its asset, and its visits to come. The caller holds its row.
 */
final readonly class KeepStanding
{
    /** The columns that follow from what the readings of a counter or gauge say. */
    public const BY_READINGS = [
        'next_due_on',
        'usage_on',
        'usage_reached',
        'condition_on',
        'condition_reading_id',
        'leading',
        'expected',
        'early_on',
        'late_on',
        'late_from',
        'near_from',
        'release_on',
        'interval_days',
        'nearness',
        'nearness_changes_on',
    ];

    public function __construct(
        private FactsOf $facts,
        private AssetNearness $refresh,
        private ComingVisits $keep,
    ) {
    }

    public function __invoke(Schedule $schedule, ScheduleState $state, ?Facts $facts = null): Schedule
    {
        return DB::transaction(function () use ($schedule, $state, $facts): Schedule {
            $facts ??= ($this->facts)($schedule);
            self::fill($schedule, $state, $facts)->save();
            $schedule->standing->fill(['schedule_id' => $schedule->id, 'site_id' => $schedule->site_id])->save();
            ($this->keep)($schedule, $facts);
            ($this->refresh)($schedule->asset_id);

            return $schedule;
        });
    }

    /** Fills in a state and what follows from it; nothing is saved. */
    public static function fill(Schedule $schedule, ScheduleState $state, Facts $facts): Schedule
    {
        $standing = $schedule->agreed()->standing($state, $schedule->holds(), $facts);

        $schedule->standing->fill(self::ofState($standing->state) + self::ofVisit($standing));

        return $schedule->fill(self::carried($schedule, $standing->state));
    }

    /**
     * The day from which its dates are counted and the day of the last visit move along with what was agreed: a form
     * that is opened again shows them as they are.
     *
     * @return array{anchor_on: string, last_done_on: string|null}
     */
    private static function carried(Schedule $schedule, ScheduleState $state): array
    {
        return [
            'anchor_on' => self::text($state->calendar?->anchor) ?? $schedule->anchor_on,
            'last_done_on' => self::text($state->lastDone),
        ];
    }

    /** @return array<string, mixed> */
    private static function ofState(ScheduleState $state): array
    {
        return [
            'state' => $state->toArray(),
            'next_number' => $state->number,
            'next_point_on' => self::text($state->calendar?->point),
            'moved_from' => self::text($state->move?->from),
            'base_on' => (string) $state->base,
            'usage_due' => $state->usage === null ? null : Quantity::plain($state->usage->due),
        ];
    }

    /** @return array<string, mixed> */
    private static function ofVisit(Standing $standing): array
    {
        [$due, $visit] = [$standing->due, $standing->visit];

        return [
            'next_due_on' => self::text($due->planned),
            'calendar_on' => self::text($due->calendarOn),
            'usage_on' => self::text($due->usageOn),
            'usage_reached' => $due->reached,
            'condition_on' => self::text($standing->condition?->day),
            'condition_reading_id' => $standing->condition?->readingId,
            'leading' => $due->leading,
            'expected' => $due->expected,
            'early_on' => self::text($due->early),
            'late_on' => self::text($due->late),
            'late_from' => self::text($due->lateFrom),
            'near_from' => self::text($visit?->nearFrom),
            'release_on' => self::text($visit?->release),
            'interval_days' => min(65535, $visit->interval ?? 0),
            'nearness' => $standing->nearness(),
            'nearness_changes_on' => self::text($standing->nearnessChangesOn()),
        ];
    }

    private static function text(?LocalDate $day): ?string
    {
        return $day === null ? null : (string) $day;
    }
}
