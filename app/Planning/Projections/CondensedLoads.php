<?php

declare(strict_types=1);

namespace App\Planning\Projections;

use Illuminate\Support\Facades\DB;
use Sundial\Calendar\LocalDate;

/**
 * Adds up the lines that changes of the outlook left behind, some weeks at a time: what they say stays the same.
 * Harmless when run twice, or beside those who write.
 */
final class CondensedLoads
{
    private const KEY = ['site_id', 'planned_on', 'method_id', 'level'];

    /** @return int how many weeks had something to add up */
    public function __invoke(): int
    {
        $weeks = DB::table('outlook_loads')
            ->groupBy(...self::KEY)
            ->havingRaw('COUNT(*) > 1')
            ->selectRaw('site_id, planned_on - INTERVAL WEEKDAY(planned_on) DAY as monday')
            ->distinct()
            ->get();
        foreach ($weeks as $week) {
            DB::transaction(static function () use ($week): void {
                // Only lines that nobody is writing just now are taken; the others wait for the next time.
                $lines = DB::table('outlook_loads')
                    ->where('site_id', $week->site_id)
                    ->whereBetween('planned_on', [
                        $week->monday,
                        (string) LocalDate::parse($week->monday)->plusDays(6),
                    ])
                    ->lock('FOR UPDATE SKIP LOCKED')
                    ->get();
                $sums = $lines
                    ->groupBy(
                        static fn (object $line): string => implode(
                            ' ',
                            array_map(static fn (string $column): string => (string) $line->{$column}, self::KEY),
                        ),
                    )
                    ->filter(static fn ($same): bool => count($same) > 1);
                foreach ($sums->flatten()->pluck('id')->chunk(1000) as $ids) {
                    DB::table('outlook_loads')->whereIn('id', $ids)->delete();
                }
                $rows = $sums
                    ->map(
                        static fn ($same): array => [
                            'visits' => (int) $same->sum('visits'),
                            'expected' => (int) $same->sum('expected'),
                        ] + array_diff_key((array) $same[0], ['id' => 0]),
                    )
                    ->filter(static fn (array $row): bool => $row['visits'] !== 0 || $row['expected'] !== 0);
                foreach ($rows->values()->chunk(500) as $chunk) {
                    DB::table('outlook_loads')->insert($chunk->all());
                }
            });
        }

        return $weeks->count();
    }
}
