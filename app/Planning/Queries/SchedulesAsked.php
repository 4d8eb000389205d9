<?php

declare(strict_types=1);

namespace App\Planning\Queries;

use App\Planning\Models\Schedule;
use App\Planning\Models\Visit;
use Illuminate\Support\Collection;

/** Schedules and their visits as programs ask for them, page by page: one more than a page holds, if there is more. */
final readonly class SchedulesAsked
{
    /**
     * @param  list<int>  $sites
     * @param  array<string, mixed>  $asked  tag, nearness, after: as they were asked
     * @return Collection<int, Schedule>
     */
    public function __invoke(array $sites, array $asked, int $limit): Collection
    {
        return Schedule::standings()
            ->whereIn('schedule_standings.site_id', $sites)
            ->where('id', '>', (int) ($asked['after'] ?? 0))
            ->with(['asset:id,tag', 'method:id,code', 'team:id,name', 'meter', 'gauge'])
            ->when(isset($asked['tag']), static fn ($query) => $query->whereRelation('asset', 'tag', $asked['tag']))
            ->when(isset($asked['nearness']), static fn ($query) => $query->where('nearness', $asked['nearness']))
            ->orderBy('id')
            ->limit($limit)
            ->get()
            ->toBase();
    }

    /** @return Collection<int, Visit> the last first */
    public function visits(Schedule $schedule, ?int $before, int $limit): Collection
    {
        return Visit::query()
            ->where('schedule_id', $schedule->id)
            ->when($before !== null, static fn ($query) => $query->where('number', '<', $before))
            ->orderByDesc('number')
            ->limit($limit)
            ->get()
            ->toBase();
    }
}
