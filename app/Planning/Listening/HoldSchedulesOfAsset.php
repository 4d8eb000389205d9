<?php

declare(strict_types=1);

namespace App\Planning\Listening;

use App\Planning\Actions\KeepOutlook;
use App\Planning\Actions\RefreshNearness;
use App\Planning\Actions\SettleSchedule;
use App\Planning\Models\Schedule;
use App\Planning\Models\Visit;
use App\Planning\Queries\ScheduleStanding;
use App\Platform\Sites\Site;
use App\Register\LifeStateListener;
use App\Register\Models\Asset;
use Illuminate\Support\Facades\DB;
use Sundial\Calendar\LocalDate;
use Sundial\Calendar\WorkingDays;
use Sundial\Planning\Suspension;
use Sundial\Support\Quantity;

/** Holds up the schedules of an asset that goes out of use, and lets them go on when it comes back. */
final readonly class HoldSchedulesOfAsset implements LifeStateListener
{
    public function __construct(private RefreshNearness $refresh, private KeepOutlook $keep, private SettleSchedule $settle, private ScheduleStanding $standing)
    {
    }

    public function outOfUse(Asset $asset, LocalDate $from): void
    {
        DB::transaction(function () use ($asset, $from): void {
            foreach (Schedule::query()->where('asset_id', $asset->id)->where('ended', false)->whereNull('held_from')->orderBy('id')->lockForUpdate()->get() as $schedule) {
                $schedule->forceFill(['held_from' => (string) $from])->save();
                ($this->keep)($schedule);
            }
            ($this->refresh)($asset->id);
        });
    }

    public function inUseAgain(Asset $asset, LocalDate $from): void
    {
        DB::transaction(function () use ($asset, $from): void {
            $days = Site::query()->with('restDays')->findOrFail($asset->site_id)->workingDays();
            foreach (Schedule::query()->where('asset_id', $asset->id)->whereNotNull('held_from')->orderBy('id')->lockForUpdate()->get() as $schedule) {
                $heldFrom = LocalDate::parse((string) $schedule->held_from);
                $schedule->held_from = null;
                if ($schedule->in_hand === null && ! $schedule->ended) {
                    $this->lift($schedule, $days, $heldFrom, $from);
                } else {
                    $schedule->save();
                    ($this->keep)($schedule, $days);
                }
            }
            ($this->refresh)($asset->id);
        });
    }

    private function lift(Schedule $schedule, WorkingDays $days, LocalDate $heldFrom, LocalDate $from): void
    {
        $triggers = $schedule->triggers($days);
        $point = Schedule::day($schedule->next_point_on);
        if ($triggers->calendar !== null && $point !== null) {
            $lifted = Suspension::lifted($triggers->calendar, $point, $heldFrom, $from);
            foreach ($lifted->suspended as $date) {
                Visit::query()->updateOrCreate(['schedule_id' => $schedule->id, 'number' => $schedule->next_number++], ['point_on' => (string) $date, 'planned_on' => (string) $date, 'state' => Visit::SUSPENDED]);
            }
            $schedule->anchor_on = $lifted->newAnchor === null ? $schedule->anchor_on : (string) $lifted->newAnchor;
            $point = $lifted->nextPoint;
        }
        $dueTotal = Schedule::quantity($schedule->usage_due);
        $passed = Schedule::day($schedule->usage_on);
        if ($triggers->usage !== null && $dueTotal !== null && $schedule->usage_reached && $passed !== null && ! $passed->isBefore($heldFrom)) {
            $dueTotal = $this->liftUsage($schedule, $triggers->usage->carryOver->late > 0, $dueTotal, $from, $triggers->usage->pointAfter(...));
        }
        ($this->settle)($schedule, $schedule->triggers($days), $point, $dueTotal, LocalDate::parse($schedule->base_on));
    }

    /** @param  callable(int): int  $pointAfter */
    private function liftUsage(Schedule $schedule, bool $floating, int $dueTotal, LocalDate $from, callable $pointAfter): int
    {
        if ($floating) {
            $schedule->usage_not_before = (string) $from;

            return $dueTotal;
        }
        for ($total = $this->standing->counter($schedule)->total ?? 0; $dueTotal <= $total; $dueTotal = $pointAfter($dueTotal)) {
            Visit::query()->updateOrCreate(['schedule_id' => $schedule->id, 'number' => $schedule->next_number++], ['planned_on' => (string) $from, 'leading' => 'usage', 'due_total' => Quantity::plain($dueTotal), 'state' => Visit::SUSPENDED]);
        }

        return $dueTotal;
    }
}
