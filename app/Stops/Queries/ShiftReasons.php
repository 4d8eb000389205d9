<?php

declare(strict_types=1);

namespace App\Stops\Queries;

use App\Stops\Models\Line;
use App\Stops\Models\ShiftRecord;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use stdClass;

/** Why a line stood in a shift, in minutes by reason, with the shifts before beside it. */
final readonly class ShiftReasons
{
    public const BEFORE = 3;

    public function __construct(private ShiftFactsOf $facts)
    {
    }

    /**
     * Most first; before: seconds on the shifts before, the nearest first.
     *
     * @return list<array{reason: string, kind: string|null, stops: int, seconds: int, before: list<int>}>
     */
    public function of(ShiftRecord $record, int $now): array
    {
        $before = $this->before($record);
        $from = (string) $before->min('from_at') ?: $record->from_at;
        $stops = $this->facts->between($record->line, $from, $record->to_at);
        $short = $this->short($record->line_id, $from, $record->to_at);
        $rows = [];
        foreach (self::stood($record, $stops, $short, $now) as [$reason, $kind, $many, $seconds]) {
            $rows[$reason] ??= ['reason' => $reason, 'kind' => $kind, 'stops' => 0, 'seconds' => 0, 'before' => []];
            $rows[$reason]['stops'] += $many;
            $rows[$reason]['seconds'] += $seconds;
        }
        foreach ($before as $i => $earlier) {
            foreach (self::stood($earlier, $stops, $short, $now) as [$reason, , , $seconds]) {
                if (isset($rows[$reason])) {
                    $rows[$reason]['before'][$i] = ($rows[$reason]['before'][$i] ?? 0) + $seconds;
                }
            }
            foreach (array_keys($rows) as $reason) {
                $rows[$reason]['before'][$i] ??= 0;
            }
        }
        usort($rows, static fn (array $a, array $b): int => $b['seconds'] <=> $a['seconds']);

        return array_map(static fn (array $row): array => [
            ...$row,
            'before' => array_values($row['before']),
        ], $rows);
    }

    /** @return Collection<int, ShiftRecord> those right before it on its line */
    public function before(ShiftRecord $record): Collection
    {
        return ShiftRecord::query()
            ->where('line_id', $record->line_id)
            ->where('from_at', '<', $record->from_at)
            ->orderByDesc('from_at')
            ->limit(self::BEFORE)
            ->get()
            ->toBase();
    }

    /**
     * @param  Collection<int, stdClass>  $stops
     * @param  Collection<int, stdClass>  $short
     * @return list<array{string, string|null, int, int}> reason, kind, how many, seconds within the shift
     */
    private static function stood(ShiftRecord $record, Collection $stops, Collection $short, int $now): array
    {
        $shift = $record->span();
        $stood = [];
        foreach ($stops as $stop) {
            $span = ShiftFactsOf::span($stop, $now)->cut($shift);
            if (! $span->isEmpty()) {
                $stood[] = [$stop->reason, $stop->kind, 1, $span->seconds()];
            }
        }
        foreach ($short as $one) {
            if ($one->hour_at >= $record->from_at && $one->hour_at < $record->to_at) {
                $stood[] = [$one->reason, $one->kind, (int) $one->stops, (int) $one->seconds];
            }
        }

        return $stood;
    }

    /** @return Collection<int, stdClass> */
    private function short(int $lineId, string $from, string $to): Collection
    {
        return DB::table('short_stops')
            ->where('line_id', $lineId)
            ->whereNull('struck_at')
            ->where('hour_at', '>=', $from)
            ->where('hour_at', '<', $to)
            ->get(['hour_at', 'reason', 'kind', 'stops', 'seconds'])
            ->toBase();
    }
}
