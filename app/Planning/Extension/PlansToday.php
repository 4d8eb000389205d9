<?php

declare(strict_types=1);

namespace App\Planning\Extension;

use App\Planning\Models\Schedule;
use App\Planning\Wording\ScheduleWording;
use App\Platform\Access\Rights;
use App\Platform\Extension\TodayCard;
use App\Platform\Frame\Dial;
use App\Platform\Today\Counts;
use App\Platform\Today\Group;
use App\Platform\Today\Line;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use Sundial\Access\Right;
use Sundial\Calendar\LocalDate;
use Sundial\Planning\Visit\Nearness;

/** On Today: visits that are late, due or near and have no order, and readings that are wanted. */
final readonly class PlansToday implements TodayCard
{
    private const LINES = 6;

    public function __construct(private ScheduleWording $words)
    {
    }

    public function groups(int $siteId, LocalDate $today): array
    {
        if (! Rights::has(Right::SeePlant)) {
            return [];
        }
        $on = (string) $today;
        $plans = Rights::has(Right::WritePlans);
        $release = Rights::has(Right::Release)
            ? ['label' => 'See the release', 'href' => '/release', 'method' => 'get']
            : null;
        $standing = static fn (Nearness $nearness): Builder => DB::table('schedule_standings')
            ->where('site_id', $siteId)
            ->where('nearness', $nearness->value);
        $reading = static fn (Schedule $schedule): ?array => Rights::has(Right::TakeReadings) &&
        $schedule->meter_id !== null
            ? ['label' => 'Take the reading', 'href' => "/meters/{$schedule->meter_id}#read", 'method' => 'get']
            : null;
        $unread = static fn (Builder $query): Builder => $query
            ->where('usage_reached', false)
            ->where('usage_on', '<=', $on);

        $wanted = [
            'late visits' => [
                'Late, and no order yet',
                $plans ? 10 : 60,
                $standing(Nearness::Late),
                '/schedules?near=late',
                static fn (): ?array => $release,
            ],
            'due visits' => [
                'Due, and no order yet',
                $plans ? 12 : 62,
                $standing(Nearness::Due)->where(
                    static fn (Builder $any) => $any
                        ->whereNull('usage_on')
                        ->orWhere('usage_reached', true)
                        ->orWhere('usage_on', '>', $on),
                ),
                '/schedules?near=due',
                static fn (): ?array => $release,
            ],
            'readings wanted' => ['Readings wanted', 14, $unread($standing(Nearness::Due)), '/meters', $reading],
            'near visits' => [
                'Near: the order comes by itself',
                $plans ? 40 : 70,
                $standing(Nearness::Near),
                '/schedules?near=near',
                static fn (Schedule $schedule): array => [
                    'label' => 'Open',
                    'href' => "/schedules/{$schedule->id}",
                    'method' => 'get',
                ],
            ],
        ];
        $rows = $this->rows(array_map(static fn (array $group): Builder => $group[2], $wanted));
        $more = Counts::of(
            array_map(
                static fn (array $group): Builder => $group[2],
                array_filter(
                    $wanted,
                    static fn (string $key): bool => ($rows[$key] ?? new Collection())->count() > self::LINES,
                    ARRAY_FILTER_USE_KEY,
                ),
            ),
        );
        $groups = [];
        foreach ($wanted as $key => [$title, $position, , $all, $next]) {
            $found = $rows[$key] ?? new Collection();
            if ($found->isNotEmpty()) {
                $groups[] = new Group(
                    $key,
                    $title,
                    false,
                    $position,
                    array_values(
                        $found
                            ->take(self::LINES)
                            ->map(fn (Schedule $schedule): Line => $this->line($schedule, $today, $next($schedule)))
                            ->values()
                            ->all(),
                    ),
                    $more[$key] ?? $found->count(),
                    $all,
                );
            }
        }

        return $groups;
    }

    /**
     * The first schedules of every group; which they are is found in one statement that reads an index and nothing
     * else.
     *
     * @param  array<string, Builder>  $queries
     * @return array<string, Collection<int, Schedule>>
     */
    private function rows(array $queries): array
    {
        $union = null;
        foreach ($queries as $key => $query) {
            $one = (clone $query)
                ->select('schedule_id')
                ->selectRaw('? as today_group', [$key])
                ->orderBy('next_due_on')
                ->orderBy('schedule_id')
                ->limit(self::LINES + 1);
            $union = $union === null ? $one : $union->unionAll($one);
        }
        $group = $union?->get()->pluck('today_group', 'schedule_id') ?? collect();
        $rows = Schedule::standings()
            ->whereIn('schedules.id', $group->keys())
            ->orderBy('next_due_on')
            ->orderBy('schedules.id')
            ->get();
        $rows->load(['asset:id,tag,name', 'meter', 'gauge', 'round:id,name']);

        return $rows->groupBy(static fn (Schedule $schedule): string => (string) $group[$schedule->id])->all();
    }

    /** @param  array{label: string, href: string, method: string}|null  $next */
    private function line(Schedule $schedule, LocalDate $today, ?array $next): Line
    {
        $visit = $schedule->nextVisit();
        $near = $visit?->nearness($today);

        return new Line(
            Dial::svg($near, $visit?->consumed($today), null, $this->words->otherShare($schedule)),
            $schedule->name,
            $schedule->asset->tag,
            "{$this->words->standing($schedule)} · {$schedule->asset->name}",
            $near->value ?? '',
            "/schedules/{$schedule->id}",
            $next,
        );
    }
}
