<?php

declare(strict_types=1);

namespace App\Planning\Actions;

use App\Planning\Models\Schedule;
use App\Planning\Models\Visit;
use App\Platform\Sites\Site;
use Illuminate\Support\Facades\DB;
use Sundial\Calendar\LocalDate;
use Sundial\Planning\Completion;

/** Counts a schedule on after one of its visits was done, or skipped as if it had been done when planned. */
final readonly class CompleteVisit
{
    public function __construct(private RefreshNearness $refresh)
    {
    }

    /** @param  string|null  $skipped the reason, when the visit was not done but skipped */
    public function __invoke(Visit $visit, LocalDate $done, ?string $skipped = null): Schedule
    {
        return DB::transaction(function () use ($visit, $done, $skipped): Schedule {
            $schedule = Schedule::query()->lockForUpdate()->findOrFail($visit->schedule_id);
            if ($visit->state !== Visit::IN_HAND) {
                return $schedule;
            }
            $trigger = $schedule->trigger(Site::query()->with('restDays')->findOrFail($schedule->site_id)->workingDays());
            $before = $schedule->only(Schedule::STANDING);
            $completion = Completion::of($trigger, LocalDate::parse($visit->point_on), $done);
            $visit->fill(['state' => $skipped === null ? Visit::DONE : Visit::SKIPPED, 'done_on' => $skipped === null ? (string) $done : null, 'note' => $skipped, 'before' => $before])->save();
            foreach ($completion->missed as $i => $missed) {
                Visit::query()->create(['schedule_id' => $schedule->id, 'number' => $visit->number + 1 + $i, 'point_on' => (string) $missed, 'planned_on' => (string) $missed, 'state' => Visit::MISSED]);
            }
            $schedule->next_number = $visit->number + 1 + count($completion->missed);
            $schedule->last_done_on = $skipped === null ? (string) $done : $schedule->last_done_on;
            $schedule->anchor_on = $completion->newAnchor === null ? $schedule->anchor_on : (string) $completion->newAnchor;
            $schedule->because = ['skipped' => $skipped !== null, 'done' => (string) $done, 'planned' => $visit->planned_on, 'late' => $completion->daysLate, 'share' => $completion->share, 'moved' => $completion->movedBy(), 'fixed' => (string) $completion->fixed, 'missed' => count($completion->missed)];
            $schedule->in_hand = null;
            $schedule->standAt($completion->newAnchor === null ? $trigger : $schedule->trigger($trigger->workingDays), $completion->nextPoint, $done);
            $schedule->save();
            ($this->refresh)($schedule->asset_id);

            return $schedule;
        });
    }
}
