<?php

declare(strict_types=1);

namespace App\Planning\Actions;

use App\Planning\Models\Schedule;
use App\Planning\Models\Visit;
use App\Planning\Queries\ScheduleStanding;
use App\Platform\Sites\Site;
use Illuminate\Support\Facades\DB;
use Sundial\Calendar\LocalDate;
use Sundial\Calendar\WorkingDays;
use Sundial\Planning\Trigger\Suspension;
use Sundial\Support\Quantity;

/**
 * Lets a schedule that was held up go on from a day: what passed meanwhile is suspended. The caller holds its row,
 * and has seen that nothing else holds it up.
 */
final readonly class LiftHold
{
    public function __construct(
        private KeepOutlook $keep,
        private RefreshNearness $refresh,
        private SettleSchedule $settle,
        private ScheduleStanding $standing,
    ) {
    }

    public function __invoke(Schedule $schedule, LocalDate $from, ?WorkingDays $days = null): void
    {
        DB::transaction(function () use ($schedule, $from, $days): void {
            $days ??= Site::query()->with('restDays')->findOrFail($schedule->site_id)->workingDays();
            $heldFrom = LocalDate::parse((string) $schedule->held_from);
            $schedule->held_from = null;
            if ($schedule->in_hand === null && ! $schedule->ended) {
                $this->goOn($schedule, $days, $heldFrom, $from);

                return;
            }
            $schedule->save();
            ($this->keep)($schedule, $days);
            ($this->refresh)($schedule->asset_id);
        });
    }

    private function goOn(Schedule $schedule, WorkingDays $days, LocalDate $heldFrom, LocalDate $from): void
    {
        $triggers = $schedule->triggers($days);
        $point = Schedule::day($schedule->next_point_on);
        if ($triggers->calendar !== null && $point !== null) {
            $lifted = Suspension::lifted($triggers->calendar, $point, $heldFrom, $from);
            foreach ($lifted->suspended as $date) {
                Visit::query()->updateOrCreate(
                    ['schedule_id' => $schedule->id, 'number' => $schedule->next_number++],
                    ['point_on' => (string) $date, 'planned_on' => (string) $date, 'state' => Visit::SUSPENDED],
                );
            }
            $schedule->anchor_on = $lifted->newAnchor === null ? $schedule->anchor_on : (string) $lifted->newAnchor;
            $point = $lifted->nextPoint;
        }
        $dueTotal = Schedule::quantity($schedule->usage_due);
        $passed = Schedule::day($schedule->usage_on);
        if (
            $triggers->usage !== null &&
            $dueTotal !== null &&
            $schedule->usage_reached &&
            $passed !== null &&
            ! $passed->isBefore($heldFrom)
        ) {
            $dueTotal = $this->byUse(
                $schedule,
                $triggers->usage->carryOver->late > 0,
                $dueTotal,
                $from,
                $triggers->usage->pointAfter(...),
            );
        }
        ($this->settle)(
            $schedule,
            $schedule->triggers($days),
            $point,
            $dueTotal,
            LocalDate::parse($schedule->base_on),
        );
    }

    /** @param  callable(int): int  $pointAfter */
    private function byUse(
        Schedule $schedule,
        bool $floating,
        int $dueTotal,
        LocalDate $from,
        callable $pointAfter,
    ): int {
        if ($floating) {
            $schedule->usage_not_before = (string) $from;

            return $dueTotal;
        }
        for (
            $total = $this->standing->counter($schedule)->total ?? 0;
            $dueTotal <= $total;
            $dueTotal = $pointAfter($dueTotal)
        ) {
            Visit::query()->updateOrCreate(
                ['schedule_id' => $schedule->id, 'number' => $schedule->next_number++],
                [
                    'planned_on' => (string) $from,
                    'leading' => 'usage',
                    'due_total' => Quantity::plain($dueTotal),
                    'state' => Visit::SUSPENDED,
                ],
            );
        }

        return $dueTotal;
    }
}
