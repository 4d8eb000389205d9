<?php

declare(strict_types=1);

namespace App\Planning\Listening;

use App\Planning\Actions\RefreshNearness;
use App\Planning\Models\Schedule;
use App\Planning\Models\Visit;
use App\Platform\Sites\Site;
use App\Register\LifeStateListener;
use App\Register\Models\Asset;
use Illuminate\Support\Facades\DB;
use Sundial\Calendar\LocalDate;
use Sundial\Planning\Suspension;

/** Holds up the schedules of an asset that goes out of use, and lets them go on when it comes back. */
final readonly class HoldSchedulesOfAsset implements LifeStateListener
{
    public function __construct(private RefreshNearness $refresh)
    {
    }

    public function outOfUse(Asset $asset, LocalDate $from): void
    {
        DB::transaction(function () use ($asset, $from): void {
            Schedule::query()->where('asset_id', $asset->id)->where('ended', false)->whereNull('held_from')->orderBy('id')->lockForUpdate()->get()
                ->each(static fn (Schedule $schedule) => $schedule->forceFill(['held_from' => (string) $from])->save());
            ($this->refresh)($asset->id);
        });
    }

    public function inUseAgain(Asset $asset, LocalDate $from): void
    {
        DB::transaction(function () use ($asset, $from): void {
            $days = Site::query()->with('restDays')->findOrFail($asset->site_id)->workingDays();
            foreach (Schedule::query()->where('asset_id', $asset->id)->whereNotNull('held_from')->orderBy('id')->lockForUpdate()->get() as $schedule) {
                if ($schedule->in_hand === null && ! $schedule->ended) {
                    $lifted = Suspension::lifted($schedule->trigger($days), LocalDate::parse($schedule->next_point_on), LocalDate::parse((string) $schedule->held_from), $from);
                    foreach ($lifted->suspended as $date) {
                        Visit::query()->updateOrCreate(['schedule_id' => $schedule->id, 'number' => $schedule->next_number++], ['point_on' => (string) $date, 'planned_on' => (string) $date, 'state' => Visit::SUSPENDED]);
                    }
                    $schedule->anchor_on = $lifted->newAnchor === null ? $schedule->anchor_on : (string) $lifted->newAnchor;
                    $schedule->standAt($schedule->trigger($days), $lifted->nextPoint, LocalDate::parse($schedule->base_on));
                }
                $schedule->held_from = null;
                $schedule->save();
            }
            ($this->refresh)($asset->id);
        });
    }
}
