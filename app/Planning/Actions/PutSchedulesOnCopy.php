<?php

declare(strict_types=1);

namespace App\Planning\Actions;

use App\Planning\Inputs\ScheduleInput;
use App\Planning\Models\Schedule;
use App\Planning\Queries\ScheduleDraft;
use App\Register\Events\AssetCopied;

/** Puts the schedules of an asset on its copy, beginning on a day, with the counters of the copy. */
final readonly class PutSchedulesOnCopy
{
    public function __construct(private SaveSchedule $save)
    {
    }

    public function __invoke(AssetCopied $copy): void
    {
        if ($copy->start === null) {
            return;
        }
        $meters = $copy->meters;
        foreach (
            Schedule::query()
                ->where('asset_id', $copy->from->id)
                ->where('ended', false)
                ->whereNull('round_id')
                ->orderBy('id')
                ->get() as $schedule
        ) {
            if (
                ($schedule->meter_id !== null && ! isset($meters[$schedule->meter_id])) ||
                ($schedule->gauge_id !== null && ! isset($meters[$schedule->gauge_id]))
            ) {
                continue;
            }
            $weekdays = Schedule::numbers($schedule->weekdays);
            ($this->save)(
                $copy->by,
                null,
                $copy->to,
                ScheduleInput::of([
                    'weekdays' => $weekdays,
                    'nth_weekday' => $weekdays[0] ?? null,
                    'months' => Schedule::numbers($schedule->months),
                    'anchor_on' => (string) $copy->start,
                    'last_done_on' => null,
                    'ends_on' => null,
                    'ladder_start' => 1,
                    'meter_id' => $schedule->meter_id === null ? null : $meters[$schedule->meter_id],
                    'usage_last' => $schedule->meter_id === null ? null : '0',
                    'gauge_id' => $schedule->gauge_id === null ? null : $meters[$schedule->gauge_id],
                ] +
                    $schedule->only(ScheduleDraft::FIELDS)),
            );
        }
    }
}
