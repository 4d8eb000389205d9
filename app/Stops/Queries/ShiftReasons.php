<?php

declare(strict_types=1);

namespace App\Stops\Queries;

use App\Stops\Models\Line;
use App\Stops\Models\ShiftRecord;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use stdClass;
use Sundial\Stops\Span;

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
        $rows = [];
        foreach ($this->stood($record, $now) as [$reason, $kind, $stops, $seconds]) {
            $rows[$reason] ??= ['reason' => $reason, 'kind' => $kind, 'stops' => 0, 'seconds' => 0, 'before' => []];
            $rows[$reason]['stops'] += $stops;
            $rows[$reason]['seconds'] += $seconds;
        }
        foreach ($this->before($record) as $i => $earlier) {
            foreach ($this->stood($earlier->setRelation('line', $record->line), $now) as [$reason, , , $seconds]) {
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

    /** @return list<array{string, string|null, int, int}> reason, kind, how many, seconds within the shift */
    private function stood(ShiftRecord $record, int $now): array
    {
        $shift = $record->span();
        $stood = $this->facts->stops($record->line, $record)->map(static fn (stdClass $stop): array => [
            $stop->reason,
            $stop->kind,
            1,
            Span::open(
                ShiftRecord::second($stop->from_at),
                $stop->to_at === null ? null : ShiftRecord::second($stop->to_at),
                $now,
            )->cut($shift)->seconds(),
        ])->all();
        $short = DB::table('short_stops')
            ->where('line_id', $record->line_id)
            ->whereNull('struck_at')
            ->where('hour_at', '>=', $record->from_at)
            ->where('hour_at', '<', $record->to_at)
            ->get(['reason', 'kind', 'stops', 'seconds'])
            ->map(static fn (stdClass $one): array => [
                $one->reason,
                $one->kind,
                (int) $one->stops,
                (int) $one->seconds,
            ])
            ->all();

        return array_values([...$stood, ...$short]);
    }
}
