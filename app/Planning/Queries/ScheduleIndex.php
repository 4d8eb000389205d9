<?php

declare(strict_types=1);

namespace App\Planning\Queries;

use App\Planning\Models\Schedule;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\LazyCollection;

/** The schedules of a site, nearest first, as filtered. */
final class ScheduleIndex
{
    private const PER_PAGE = 60;

    /**
     * @param  array{q?: string|null, near?: string|null, method?: int|null}  $filter
     * @return array{schedules: Collection<int, Schedule>, found: int, total: int, hidden: int, more: bool}
     */
    public function __invoke(int $siteId, array $filter, int $page = 1): array
    {
        $query = $this->filtered($siteId, $filter);
        $total = Schedule::query()->where('site_id', $siteId)->count();
        $isAll = array_filter($filter, static fn (mixed $one): bool => $one !== null && $one !== '') === [];
        $found = $isAll ? $total : (clone $query)->count();
        $first = $isAll && $page === 1 ? $this->first($siteId) : [];
        $rows = count($first) > self::PER_PAGE
            ? $this->ordered($query->whereIn('id', $first))->get()
            : $this->ordered($query)
                ->offset(($page - 1) * self::PER_PAGE)
                ->limit(self::PER_PAGE + 1)
                ->get();

        return [
            'schedules' => $rows->take(self::PER_PAGE),
            'found' => $found,
            'total' => $total,
            'hidden' => $total - $found,
            'more' => $rows->count() > self::PER_PAGE,
        ];
    }

    /**
     * @param  array{q?: string|null, near?: string|null, method?: int|null}  $filter
     * @return LazyCollection<int, Schedule> all of them, for a file
     */
    public function all(int $siteId, array $filter): LazyCollection
    {
        return $this->ordered(
            $this->filtered($siteId, $filter)->with(['method:id,code,name', 'team:id,name']),
        )->lazy(500);
    }

    /**
     * The first page of all, where it is of those alone that go on, wait for their day and have one: they are found in
     * the order of an index, as sorting reads every schedule there is.
     *
     * @return list<int>
     */
    private function first(int $siteId): array
    {
        return array_values(DB::table('schedule_standings as n')
            ->forceIndex('schedule_standings_due')
            ->join('schedules as s', 's.id', '=', 'n.schedule_id')
            ->where('n.site_id', $siteId)
            ->whereNotNull('n.next_due_on')
            ->whereNull('n.visit_id')
            ->where('s.ended', false)
            ->whereNull('s.held_from')
            ->orderBy('n.next_due_on')
            ->orderBy('n.schedule_id')
            ->limit(self::PER_PAGE + 1)
            ->selectRaw('STRAIGHT_JOIN n.schedule_id')
            ->pluck('schedule_id')
            ->map(static fn (mixed $id): int => (int) $id)
            ->all());
    }

    /** @param  Builder<Schedule>  $query
     * @return Builder<Schedule> */
    private function ordered(Builder $query): Builder
    {
        return $query
            ->orderBy('ended')
            ->orderByRaw('held_from IS NOT NULL')
            ->orderByRaw('visit_id IS NOT NULL')
            ->orderByRaw('next_due_on IS NULL')
            ->orderBy('next_due_on')
            ->orderBy('id');
    }

    /** @param  array{q?: string|null, near?: string|null, method?: int|null}  $filter
     * @return Builder<Schedule> */
    private function filtered(int $siteId, array $filter): Builder
    {
        $query = Schedule::standings()
            ->where('schedule_standings.site_id', $siteId)
            ->with(['asset:id,tag,name', 'meter', 'gauge', 'round:id,name']);
        if (($filter['q'] ?? '') !== '') {
            $like = '%'.addcslashes((string) $filter['q'], '%_\\').'%';
            $query->where(
                static fn ($any) => $any
                    ->where('schedules.name', 'like', $like)
                    ->orWhereIn(
                        'asset_id',
                        static fn ($assets) => $assets
                            ->select('id')
                            ->from('assets')
                            ->where('tag', 'like', $like)
                            ->orWhere('name', 'like', $like),
                    ),
            );
        }
        if (($filter['method'] ?? null) !== null) {
            $query->where('method_id', $filter['method']);
        }
        match ($filter['near'] ?? '') {
            'late', 'due', 'near', 'in hand', 'clear' => $query->where('nearness', $filter['near']),
            'held' => $query->where('ended', false)->whereNotNull('held_from'),
            'ended' => $query->where('ended', true),
            default => null,
        };

        return $query;
    }
}
