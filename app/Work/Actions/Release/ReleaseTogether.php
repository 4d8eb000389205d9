<?php

declare(strict_types=1);

namespace App\Work\Actions\Release;

use App\Planning\Models\Schedule;
use App\Platform\Audit\Actor;
use App\Work\Actions\Moves\TakeVisitsAlong;
use App\Work\Models\WorkOrder;
use Illuminate\Support\Facades\DB;
use Sundial\Support\InvalidInput;

/**
 * Makes one order of the next visits of several schedules: for the one that is due first, and the others taken along.
 */
final readonly class ReleaseTogether
{
    public function __construct(private ReleaseOneVisit $release, private TakeVisitsAlong $take)
    {
    }

    /** @param  list<int>  $scheduleIds  of one site */
    public function __invoke(Actor $by, int $siteId, array $scheduleIds): WorkOrder
    {
        return DB::transaction(function () use ($by, $siteId, $scheduleIds): WorkOrder {
            $schedules = Schedule::standings()
                ->where('schedule_standings.site_id', $siteId)
                ->whereIn('id', $scheduleIds)
                ->orderBy('next_due_on')
                ->orderBy('id')
                ->get();
            $first =
                $schedules->first() ??
                throw InvalidInput::because('none', 'schedules', 'Choose at least one visit.');
            $order = ($this->release)($by, $first);
            $others = $schedules->skip(1)->map(static fn (Schedule $schedule): int => $schedule->id)->values()->all();

            return $others === [] ? $order : ($this->take)($by, $order, array_values($others));
        });
    }
}
