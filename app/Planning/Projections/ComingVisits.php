<?php

declare(strict_types=1);

namespace App\Planning\Projections;

use App\Planning\Models\Schedule;
use App\Planning\Queries\FactsOf;
use App\Planning\Queries\LadderOf;
use App\Platform\Clock\Clock;
use Illuminate\Support\Facades\DB;
use Sundial\Calendar\LocalDate;
use Sundial\Planning\Schedule\Facts;

/**
 * Keeps the visits to come of one schedule in the database, five years ahead and more; writes only those that differ
 * from what stands there.
 */
final readonly class ComingVisits
{
    /** A year more than is shown, so that rolling on is due once a year for each schedule. */
    private const DAYS = 6 * 366;

    public function __construct(
        private FactsOf $facts,
        private Clock $clock,
        private PutOffVisits $later,
        private LadderOf $ladders,
    ) {
    }

    public function __invoke(Schedule $schedule, ?Facts $facts = null): void
    {
        if ($this->later->takes($schedule->id)) {
            return;
        }
        DB::transaction(function () use ($schedule, $facts): void {
            $until = LocalDate::parse($this->clock->now()->format('Y-m-d'))->plusDays(self::DAYS);
            $facts ??= $this->facts->kept($schedule);
            $coming = $schedule->holds()->isGoingOn() ? $this->coming($schedule, $facts, $until) : [];
            self::keep($schedule, $coming);
            // Of those in hand what they take is added up without looking at each visit.
            $next = $coming[(string) $schedule->standing->next_due_on] ?? null;
            $schedule->standing
                ->fill([
                    'outlook_until' => (string) $until,
                    'next_method_id' => $next['method_id'] ?? null,
                    'next_level' => $next['level'] ?? null,
                ])
                ->save();
        });
    }

    /** Takes all of them away, before the schedule itself goes. */
    public function clear(Schedule $schedule): void
    {
        DB::transaction(static fn () => self::keep($schedule, []));
    }

    /** @param  array<string, array<string, mixed>>  $coming by day */
    private static function keep(Schedule $schedule, array $coming): void
    {
        $standing = DB::table('coming_visits')
            ->where('schedule_id', $schedule->id)
            ->get(['planned_on', 'site_id', 'expected', 'early_on', 'late_on', 'method_id', 'level'])
            ->keyBy('planned_on')
            ->all();
        $gone = array_values(array_diff(array_keys($standing), array_keys($coming)));
        $new = array_filter(
            $coming,
            static fn (array $row, string $day): bool => ! isset($standing[$day]) ||
                [
                    (int) $standing[$day]->expected,
                    $standing[$day]->early_on,
                    $standing[$day]->late_on,
                    (int) $standing[$day]->method_id,
                    (int) $standing[$day]->level,
                ] !== [$row['expected'], $row['early_on'], $row['late_on'], $row['method_id'], $row['level']],
            ARRAY_FILTER_USE_BOTH,
        );
        self::addLoads($standing, $coming, [...$gone, ...array_keys($new)]);
        if ($gone !== []) {
            DB::table('coming_visits')
                ->where('schedule_id', $schedule->id)
                ->whereIn('planned_on', $gone)
                ->delete();
        }
        foreach (array_chunk(array_values($new), 400) as $rows) {
            DB::table('coming_visits')->upsert(
                $rows,
                ['schedule_id', 'planned_on'],
                ['expected', 'early_on', 'late_on', 'method_id', 'level'],
            );
        }
    }

    /**
     * Lines beside the sums of the outlook for what went and what came; they are added up behind the page, so that
     * two schedules with visits on one day never wait for each other.
     *
     * @param  array<string, object>  $standing
     * @param  array<string, array<string, mixed>>  $coming
     * @param  list<string>  $days
     */
    private static function addLoads(array $standing, array $coming, array $days): void
    {
        $lines = [];
        foreach ($days as $day) {
            $changes = [[(array) ($standing[$day] ?? []), -1], [$coming[$day] ?? [], 1]];
            foreach ($changes as [$visit, $sign]) {
                if ($visit !== []) {
                    $lines[] = [
                        'site_id' => $visit['site_id'],
                        'planned_on' => $day,
                        'method_id' => $visit['method_id'],
                        'level' => $visit['level'],
                        'visits' => $sign,
                        'expected' => $sign * (int) $visit['expected'],
                    ];
                }
            }
        }
        foreach (array_chunk($lines, 500) as $some) {
            DB::table('outlook_loads')->insert($some);
        }
    }

    /**
     * @return array<string, array{schedule_id: int, planned_on: string, site_id: int, asset_id: int,
     *     method_id: int, week_on: string, expected: int, early_on: string|null, late_on: string|null,
     *     level: int}> by day
     */
    private function coming(Schedule $schedule, Facts $facts, LocalDate $until): array
    {
        $rows = [];
        $ladder = $this->ladders->method($schedule->method_id);
        $count = $ladder === null ? null : $this->ladders->count($schedule, $ladder);
        foreach ($schedule->agreed()->outlook($schedule->state(), $facts) as $visit) {
            $planned = $visit->planned;
            if ($planned->isAfter($until) || count($rows) >= 2000) {
                break;
            }
            $number = $schedule->standing->next_number + count($rows);
            $level = $ladder === null || $count === null ? 1 : $ladder->levelAt($number, $count);
            $count = $count?->done($number, $level);
            $rows[(string) $planned] = [
                'schedule_id' => $schedule->id,
                'planned_on' => (string) $planned,
                'site_id' => $schedule->site_id,
                'asset_id' => $schedule->asset_id,
                'method_id' => $schedule->method_id,
                'week_on' => (string) $planned->plusDays(1 - $planned->weekday()),
                'expected' => (int) $visit->expected,
                'early_on' => $visit->early === null ? null : (string) $visit->early,
                'late_on' => $visit->late === null ? null : (string) $visit->late,
                'level' => $level,
            ];
        }

        return $rows;
    }
}
