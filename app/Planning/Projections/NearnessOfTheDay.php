<?php

declare(strict_types=1);

namespace App\Planning\Projections;

use App\Platform\Sites\DayBegan;
use Illuminate\Support\Facades\DB;

/** When a day begins, brings those schedules and assets up to date that stand nearer by the calendar alone. */
final readonly class NearnessOfTheDay
{
    public function __construct(private AssetNearness $refresh)
    {
    }

    public function __invoke(DayBegan $day): void
    {
        $today = (string) $day->today;
        // A clock that was set back may have anything standing nearer than it is.
        $all = $day->before !== null && $day->before->isAfter($day->today);
        if ($all) {
            DB::table('schedule_standings')
                ->where('site_id', $day->siteId)
                ->update(['nearness_changes_on' => $today]);
        }
        $schedules = DB::table('schedule_standings as n')
            ->join('schedules as s', 's.id', '=', 'n.schedule_id')
            ->where('n.site_id', $day->siteId)
            ->where('n.nearness_changes_on', '<=', $today)
            ->distinct()
            ->pluck('s.asset_id');
        $assets = $all
            ? []
            : DB::table('asset_summaries')
                ->where('site_id', $day->siteId)
                ->where('changes_on', '<=', $today)
                ->pluck('asset_id')
                ->all();
        $parts = $schedules->merge($assets)
            ->map(static fn (mixed $id): int => (int) $id)
            ->unique()
            ->sort()
            ->chunk(200);
        foreach ($parts as $ids) {
            ($this->refresh)(...$ids->values()->all());
        }
    }
}
