<?php

declare(strict_types=1);

namespace App\Planning\Extension;

use App\Planning\Models\Schedule;
use App\Planning\Queries\ScheduleWords;
use App\Platform\Access\Rights;
use App\Platform\Extension\TodayCard;
use App\Platform\Today\Group;
use App\Platform\Today\Line;
use Illuminate\Database\Eloquent\Builder;
use Sundial\Access\Right;
use Sundial\Calendar\LocalDate;

/** On Today: visits that are late, due or near and have no order, and readings that are wanted. */
final readonly class PlansToday implements TodayCard
{
    private const LINES = 6;

    public function __construct(private ScheduleWords $words)
    {
    }

    public function groups(int $siteId, LocalDate $today): array
    {
        if (! Rights::has(Right::SeePlant)) {
            return [];
        }
        $on = (string) $today;
        $free = Schedule::query()->where('site_id', $siteId)->where('ended', false)->whereNull('held_from')->whereNull('in_hand');
        $plans = Rights::has(Right::WritePlans);
        $release = Rights::has(Right::Release) ? ['label' => 'See the release', 'href' => '/release', 'method' => 'get'] : null;
        $notLate = static fn (Builder $any) => $any->whereNull('late_from')->orWhere('late_from', '>', $on);
        $reading = static fn (Schedule $schedule): ?array => Rights::has(Right::TakeReadings) && $schedule->meter_id !== null ? ['label' => 'Take the reading', 'href' => "/meters/{$schedule->meter_id}#read", 'method' => 'get'] : null;

        return array_values(array_filter([
            $this->group('late visits', 'Late, and no order yet', $plans ? 10 : 60, (clone $free)->where('late_from', '<=', $on), '/schedules?near=late', $today, static fn (): ?array => $release),
            $this->group('due visits', 'Due, and no order yet', $plans ? 12 : 62, (clone $free)->where('next_due_on', '<=', $on)->where($notLate)->where(static fn (Builder $any) => $any->whereNull('usage_on')->orWhere('usage_reached', true)->orWhere('usage_on', '>', $on)), '/schedules?near=due', $today, static fn (): ?array => $release),
            $this->group('readings wanted', 'Readings wanted', 14, (clone $free)->whereNotNull('usage_on')->where('usage_reached', false)->where('usage_on', '<=', $on), '/meters', $today, $reading),
            $this->group('near visits', 'Near: the order comes by itself', $plans ? 40 : 70, (clone $free)->where('near_from', '<=', $on)->where('next_due_on', '>', $on), '/schedules?near=near', $today, static fn (Schedule $schedule): array => ['label' => 'Open', 'href' => "/schedules/{$schedule->id}", 'method' => 'get']),
        ]));
    }

    /** @param  Builder<Schedule>  $schedules
     * @param  callable(Schedule): (array{label: string, href: string, method: string}|null)  $next */
    private function group(string $key, string $title, int $position, Builder $schedules, string $all, LocalDate $today, callable $next): ?Group
    {
        $rows = $schedules->with(['asset:id,tag,name', 'meter'])->orderBy('next_due_on')->orderBy('id')->limit(self::LINES + 1)->get();
        if ($rows->isEmpty()) {
            return null;
        }
        $count = $rows->count() <= self::LINES ? $rows->count() : min(1000, $schedules->limit(1000)->count());
        $lines = $rows->take(self::LINES)->map(function (Schedule $schedule) use ($today, $next): Line {
            $visit = $schedule->nextVisit();
            $near = $visit?->nearness($today);

            return new Line(['dial', ['nearness' => $near, 'consumed' => $visit?->consumed($today), 'other' => $this->words->otherShare($schedule)]], $schedule->name, $schedule->asset->tag, "{$this->words->standing($schedule)} · {$schedule->asset->name}", $near->value ?? '', "/schedules/{$schedule->id}", $next($schedule));
        })->values()->all();

        return new Group($key, $title, false, $position, $lines, $count, $all);
    }
}
