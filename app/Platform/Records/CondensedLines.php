<?php

declare(strict_types=1);

namespace App\Platform\Records;

use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use stdClass;
use Sundial\Calendar\LocalDate;

/**
 * Adds up the lines by which sums of days are kept: each change leaves one of its own, so that nobody waits for
 * another. What they say together stays the same. Some weeks at a time; harmless when run twice, or beside those who
 * write.
 */
final readonly class CondensedLines
{
    /**
     * @param  list<string>  $key  the columns by which there is one sum, the site and the day among them
     * @param  list<string>  $sums
     */
    public function __construct(private string $table, private string $day, private array $key, private array $sums)
    {
    }

    /** @return int how many weeks had something to add up */
    public function __invoke(): int
    {
        $weeks = DB::table($this->table)
            ->groupBy(...$this->key)
            ->havingRaw('COUNT(*) > 1')
            ->selectRaw("site_id, {$this->day} - INTERVAL WEEKDAY({$this->day}) DAY as monday")
            ->distinct()
            ->get();
        foreach ($weeks as $week) {
            DB::transaction(fn () => $this->week((int) $week->site_id, (string) $week->monday));
        }

        return $weeks->count();
    }

    private function week(int $siteId, string $monday): void
    {
        // Only lines that nobody is writing just now are taken; the others wait for the next time.
        $lines = DB::table($this->table)
            ->where('site_id', $siteId)
            ->whereBetween($this->day, [$monday, (string) LocalDate::parse($monday)->plusDays(6)])
            ->lock('FOR UPDATE SKIP LOCKED')
            ->get()
            ->groupBy(fn (stdClass $line): string => implode(
                "\n",
                array_map(static fn (string $column): string => (string) $line->{$column}, $this->key),
            ))
            ->filter(static fn (Collection $same): bool => $same->count() > 1);
        foreach ($lines->flatten()->pluck('id')->chunk(1000) as $ids) {
            DB::table($this->table)->whereIn('id', $ids)->delete();
        }
        $rows = $lines
            ->map(fn (Collection $same): array => $this->together($same))
            ->filter(fn (array $row): bool => array_filter(array_intersect_key($row, array_flip($this->sums))) !== []);
        foreach ($rows->values()->chunk(500) as $some) {
            DB::table($this->table)->insert($some->values()->all());
        }
    }

    /**
     * @param  Collection<int, stdClass>  $same
     * @return array<string, mixed>
     */
    private function together(Collection $same): array
    {
        $row = array_intersect_key((array) $same->first(), array_flip($this->key));
        foreach ($this->sums as $column) {
            $row[$column] = (int) $same->sum($column);
        }

        return $row;
    }
}
