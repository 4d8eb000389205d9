<?php

declare(strict_types=1);

namespace App\Planning\Actions;

use App\Planning\Models\Schedule;
use App\Platform\Audit\Actor;
use App\Platform\Audit\Audit;
use App\Platform\Sites\SiteDays;
use App\Platform\Writing\Versioned;
use App\Register\Models\Asset;
use Illuminate\Support\Facades\DB;
use Sundial\Calendar\LocalDate;

/**
 * Lifts the pause of a schedule; it goes on from a day, unless its asset holds it up as well. Pressed twice, it goes
 * on once.
 */
final readonly class ResumeSchedule
{
    public function __construct(private Audit $audit, private SiteDays $days, private LiftHold $lift)
    {
    }

    /** @param  LocalDate|null  $from  the day on which it goes on; today if nothing is said */
    public function __invoke(Actor $by, Schedule $schedule, ?LocalDate $from = null, ?int $version = null): Schedule
    {
        return DB::transaction(function () use ($by, $schedule, $from, $version): Schedule {
            $schedule = Versioned::lock($schedule, $version);
            if ($schedule->paused_from === null) {
                return $schedule;
            }
            $asset = Asset::query()->findOrFail($schedule->asset_id);
            $schedule->fill(['paused_from' => null, 'paused_until' => null, 'pause_reason' => null])->save();
            if ($schedule->held_from !== null && $asset->life_state->isInUse()) {
                ($this->lift)($schedule, $from ?? $this->days->today($schedule->site_id), $by);
            }
            $this->audit->record(
                $by,
                $schedule->subject(),
                "let schedule {$schedule->name} go on".
                    ($schedule->held_from === null ? '' : '; its asset still holds it up'),
                [],
                null,
                [$asset->subject()],
            );

            return $schedule;
        });
    }
}
