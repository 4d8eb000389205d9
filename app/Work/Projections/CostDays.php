<?php

declare(strict_types=1);

namespace App\Work\Projections;

use Illuminate\Support\Facades\DB;
use stdClass;
use Sundial\Register\TreePath;

/**
 * Keeps what work cost by day, beside the entries it is the sum of: by what costs are put together, and by what stands
 * at the top. What changes is added as lines of its own, so that two orders booked on the same day never wait for each
 * other; they are added up behind the page.
 */
final readonly class CostDays
{
    /** By what there is one sum for each day of a site. */
    public const BY = [
        'cost_days' => ['site_id', 'on_day', 'kind', 'class_id', 'cost_centre_id', 'type', 'work'],
        'cost_place_days' => ['site_id', 'on_day', 'kind', 'top'],
    ];

    public const SUMS = ['cents', 'unknown', 'seconds'];

    /**
     * @param  iterable<stdClass>  $gone  rows of cost_entries
     * @param  iterable<stdClass>  $come  those that are there instead
     */
    public function changed(iterable $gone, iterable $come): void
    {
        $rows = [];
        foreach ([[$gone, -1], [$come, 1]] as [$entries, $sign]) {
            foreach ($entries as $entry) {
                $rows[] = self::row($entry, $sign);
            }
        }
        foreach (self::BY as $table => $by) {
            foreach (array_chunk(self::together($rows, $by), 500) as $some) {
                DB::table($table)->insert($some);
            }
        }
    }

    /** @return array<string, mixed> */
    private static function row(stdClass $entry, int $sign): array
    {
        return [
            'top' => TreePath::of((string) $entry->path)->top(),
            'cents' => $sign * (int) $entry->cents,
            'unknown' => $entry->cents === null ? $sign : 0,
            'seconds' => $sign * (int) $entry->seconds,
        ] + (array) $entry;
    }

    /**
     * @param  list<array<string, mixed>>  $rows
     * @param  list<string>  $by
     * @return list<array<string, mixed>> one for all that are the same, where there is something to add
     */
    private static function together(array $rows, array $by): array
    {
        $lines = [];
        foreach ($rows as $row) {
            $of = array_intersect_key($row, array_flip($by));
            ksort($of);
            $line = $lines[implode("\n", $of)] ?? $of + array_fill_keys(self::SUMS, 0);
            foreach (self::SUMS as $sum) {
                $line[$sum] += $row[$sum];
            }
            $lines[implode("\n", $of)] = $line;
        }

        return array_values(array_filter(
            $lines,
            static fn (array $line): bool => array_filter(array_intersect_key($line, array_flip(self::SUMS))) !== [],
        ));
    }
}
