<?php

declare(strict_types=1);

namespace App\Planning\Actions;

use App\Planning\Models\Schedule;
use App\Planning\Projections\AssetNearness;
use App\Planning\Projections\KeepStanding;
use App\Register\Events\LifeStateChanged;
use App\Register\Models\Asset;
use Illuminate\Support\Facades\DB;
use Sundial\Calendar\LocalDate;
use Sundial\Planning\Schedule\Decision;

/**
 * Holds up the schedules of an asset that goes out of use, and lets them go on when it comes back; one that is paused
 * as well stays held.
 */
final readonly class HoldSchedulesOfAsset
{
    public function __construct(
        private AssetNearness $refresh,
        private KeepStanding $stand,
        private LiftHold $lift,
        private NoteDecision $note,
    ) {
    }

    public function __invoke(LifeStateChanged $change): void
    {
        $change->asset->life_state->isInUse()
            ? $this->letGoOn($change->asset, $change->from)
            : $this->hold($change->asset, $change->from);
    }

    private function hold(Asset $asset, LocalDate $from): void
    {
        DB::transaction(function () use ($asset, $from): void {
            foreach (
                Schedule::query()
                    ->where('asset_id', $asset->id)
                    ->where('ended', false)
                    ->whereNull('held_from')
                    ->with('round.stations.asset')
                    ->orderBy('id')
                    ->lockForUpdate()
                    ->get() as $schedule
            ) {
                // A round goes on as long as anything on it is in use.
                if ($schedule->round_id !== null && $schedule->isInUse()) {
                    continue;
                }
                $schedule->held_from = (string) $from;
                ($this->stand)($schedule, $schedule->state());
                ($this->note)(null, $schedule, Decision::Hold, $from);
            }
            ($this->refresh)($asset->id);
        });
    }

    private function letGoOn(Asset $asset, LocalDate $from): void
    {
        DB::transaction(function () use ($asset, $from): void {
            foreach (
                Schedule::query()
                    ->where('asset_id', $asset->id)
                    ->whereNotNull('held_from')
                    ->orderBy('id')
                    ->lockForUpdate()
                    ->get() as $schedule
            ) {
                if ($schedule->pause()?->isOn($from) !== true) {
                    ($this->lift)($schedule, $from);
                }
            }
            ($this->refresh)($asset->id);
        });
    }
}
