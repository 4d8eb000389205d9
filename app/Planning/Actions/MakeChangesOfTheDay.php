<?php

declare(strict_types=1);

namespace App\Planning\Actions;

use App\Planning\Inputs\ScheduleInput;
use App\Planning\Models\Schedule;
use App\Platform\Audit\Actor;
use App\Platform\Sites\DayBegan;
use App\Register\Models\Asset;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Log;
use Sundial\Support\SundialException;

/** When a day begins, the changes of schedules that were kept for it take effect, as by whoever kept them. */
final readonly class MakeChangesOfTheDay
{
    public function __construct(private SaveSchedule $save)
    {
    }

    public function __invoke(DayBegan $day): void
    {
        foreach (
            DB::table('schedule_changes')
                ->where('site_id', $day->siteId)
                ->where('from_on', '<=', (string) $day->today)
                ->orderBy('schedule_id')
                ->lockForUpdate()
                ->get() as $change
        ) {
            $schedule = Schedule::query()->findOrFail((int) $change->schedule_id);
            $by = $change->user_id === null ? Actor::sundial() : Actor::person((int) $change->user_id, $change->who);
            DB::table('schedule_changes')->where('schedule_id', $schedule->id)->delete();
            try {
                $input = ScheduleInput::fromJson($change->input);
                // What was done since then counts, whatever the form said when it was kept.
                $input = $input->with([
                    'last_done_on' => max((string) $input->lastDone(), (string) $schedule->last_done_on),
                ]);
                $schedule->ended
                    ? null
                    : ($this->save)(
                        $by,
                        $schedule,
                        Asset::query()->findOrFail($schedule->asset_id),
                        $input,
                        $schedule->version,
                    );
            } catch (SundialException $e) {
                // Something it needs is gone, such as a meter: the old rule goes on, and the day begins all the same.
                Log::warning(
                    "The change of schedule {$schedule->id} kept for {$change->from_on} could not take effect: ".
                        "{$e->getMessage()}",
                );
            }
        }
    }
}
