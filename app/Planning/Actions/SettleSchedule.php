<?php

declare(strict_types=1);

namespace App\Planning\Actions;

use App\Planning\Models\Schedule;
use App\Planning\Queries\ScheduleStanding;
use Illuminate\Support\Facades\DB;
use Sundial\Calendar\LocalDate;
use Sundial\Planning\Trigger\Triggers;

/**
 * Stands a schedule where it counts on from, and keeps what hangs on it: the summary of its asset and its visits to
 * come. The caller holds its row.
 */
final readonly class SettleSchedule
{
    public function __construct(
        private ScheduleStanding $standing,
        private RefreshNearness $refresh,
        private KeepOutlook $keep,
    ) {
    }

    public function __invoke(
        Schedule $schedule,
        Triggers $triggers,
        ?LocalDate $point,
        ?int $dueTotal,
        LocalDate $base,
    ): Schedule {
        return DB::transaction(function () use ($schedule, $triggers, $point, $dueTotal, $base): Schedule {
            $this->standing->fill($schedule, $triggers, $point, $dueTotal, $base)->save();
            ($this->keep)($schedule, $triggers->calendar?->workingDays);
            ($this->refresh)($schedule->asset_id);

            return $schedule;
        });
    }
}
