<?php

declare(strict_types=1);

namespace App\Planning\Actions;

use App\Planning\Models\Schedule;
use App\Planning\Models\Visit;
use App\Planning\Queries\ScheduleStanding;
use App\Platform\Clock\Clock;
use App\Platform\Sites\SiteDays;
use App\Register\Queries\MeterHistory;
use DateTimeImmutable;
use Illuminate\Support\Facades\DB;
use Sundial\Calendar\LocalDate;
use Sundial\Planning\Trigger\Arming;
use Sundial\Planning\Trigger\Leading;
use Sundial\Planning\Trigger\VisitCompletion;
use Sundial\Support\Quantity;

/** Counts a schedule on after one of its visits was done, or skipped as if it had been done when planned. */
final readonly class CompleteVisit
{
    public function __construct(
        private SettleSchedule $settle,
        private ScheduleStanding $standing,
        private MeterHistory $history,
        private Clock $clock,
        private SiteDays $sites,
    ) {
    }

    /**
     * @param  string|null  $skipped the reason, when the visit was not done but skipped
     * @param  DateTimeImmutable|null  $at when it was finished, for the reading of its counter; the middle of the
     *     day where it is not known
     */
    public function __invoke(
        Visit $visit,
        LocalDate $done,
        ?string $skipped = null,
        ?DateTimeImmutable $at = null,
    ): Schedule {
        return DB::transaction(function () use ($visit, $done, $skipped, $at): Schedule {
            $schedule = Schedule::query()->lockForUpdate()->findOrFail($visit->schedule_id);
            if ($visit->state !== Visit::IN_HAND) {
                return $schedule;
            }
            $triggers = $schedule->triggers($this->sites->site($schedule->site_id)->workingDays());
            $before = $schedule->only(Schedule::STANDING);
            $led = Leading::from($visit->leading);
            $dueTotal = Schedule::quantity($visit->due_total);
            $instant = $at?->getTimestamp() ?? $done->epochDay * 86400 + 43200;
            $doneTotal =
                $skipped !== null && $led === Leading::Usage
                    ? $dueTotal
                    : $this->standing->totalAt($schedule, $instant, $done);
            $completion = $triggers->complete($led, Schedule::day($visit->point_on), $dueTotal, $done, $doneTotal);
            $visit
                ->fill([
                    'state' => $skipped === null ? Visit::DONE : Visit::SKIPPED,
                    'done_on' => $skipped === null ? (string) $done : null,
                    'done_at' => $skipped === null ? gmdate('Y-m-d H:i:s', $instant) : null,
                    'done_total' => $doneTotal === null ? null : Quantity::plain($doneTotal),
                    'note' => $skipped,
                    'before' => $before,
                ])
                ->save();
            $this->writeMissed($schedule, $visit, $completion, $done);
            $schedule->next_number = $visit->number + 1 + $completion->missed();
            $schedule->last_done_on = $skipped === null ? (string) $done : $schedule->last_done_on;
            $schedule->because = self::because($completion, $visit, $done, $skipped !== null);
            $schedule->in_hand = null;
            $schedule->usage_not_before = null;
            if ($schedule->gauge_id !== null) {
                // Readings count afresh; after a skip they do once one was back inside.
                $schedule->fill([
                    'condition_since' => gmdate(
                        'Y-m-d H:i:s',
                        $skipped === null ? $instant : max($instant, $this->clock->now()->getTimestamp()),
                    ),
                    'condition_arming' => ($skipped === null ? Arming::Armed : Arming::Waiting)->value,
                ]);
            }

            return ($this->settle)(
                $schedule,
                $completion->triggers,
                $completion->nextPoint,
                $completion->nextTotal,
                $done,
            );
        });
    }

    private function writeMissed(
        Schedule $schedule,
        Visit $visit,
        VisitCompletion $completion,
        LocalDate $done,
    ): void {
        foreach ($completion->byDate->missed ?? [] as $i => $missed) {
            Visit::query()->create([
                'schedule_id' => $schedule->id,
                'number' => $visit->number + 1 + $i,
                'point_on' => (string) $missed,
                'planned_on' => (string) $missed,
                'state' => Visit::MISSED,
            ]);
        }
        foreach ($completion->byUse->missed ?? [] as $i => $missed) {
            $day = (string) ($this->history->dayReached((int) $schedule->meter_id, $missed) ?? $done);
            Visit::query()->create([
                'schedule_id' => $schedule->id,
                'number' => $visit->number + 1 + $i,
                'planned_on' => $day,
                'leading' => Leading::Usage->value,
                'due_total' => Quantity::plain($missed),
                'state' => Visit::MISSED,
            ]);
        }
    }

    /** @return array<string, mixed> what the words on the schedule are made of */
    private static function because(VisitCompletion $completion, Visit $visit, LocalDate $done, bool $skipped): array
    {
        $said = [
            'skipped' => $skipped,
            'done' => (string) $done,
            'planned' => $visit->planned_on,
            'missed' => $completion->missed(),
            'led' => $completion->led->value,
        ];

        return $said +
            match (true) {
                $completion->byDate !== null => [
                    'late' => $completion->byDate->daysLate,
                    'share' => $completion->byDate->share,
                    'moved' => $completion->byDate->movedBy(),
                ],
                $completion->byUse !== null => [
                    'late' => $completion->byUse->late,
                    'share' => $completion->byUse->share,
                    'moved' => $completion->byUse->next - $completion->byUse->fixed,
                ],
                default => ['late' => 0, 'share' => 0, 'moved' => 0],
            };
    }
}
