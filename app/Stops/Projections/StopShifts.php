<?php

declare(strict_types=1);

namespace App\Stops\Projections;

use App\Platform\Clock\Clock;
use App\Stops\Models\Line;
use App\Stops\Models\ShiftRecord;
use App\Stops\Models\Stop;
use DateTimeImmutable;
use Illuminate\Support\Facades\DB;

/**
 * Keeps what stood of each asset on each day (UTC) by the shift and the product in which it began, and by what caused
 * it: as {@see StopDays} keeps it by reason. Of stops that are over. It can be made anew from stops and shifts.
 */
final readonly class StopShifts
{
    private const DAYS = '+10 days';

    public function __construct(private Clock $clock)
    {
    }

    /** Of all that stops a line, while one of its shifts was on. */
    public function ofShift(ShiftRecord $record, Line $line): void
    {
        foreach ($line->assetIds() as $assetId) {
            $this->keep($assetId, $record->from_at, $record->to_at);
        }
    }

    /** Anew, from one instant to another; null: up to now. */
    public function keep(int $assetId, string $from, ?string $to): void
    {
        $first = new DateTimeImmutable(substr($from, 0, 10));
        $last = new DateTimeImmutable(substr($to ?? $this->clock->now()->format('Y-m-d'), 0, 10));
        $line = $this->lineOf($assetId);
        DB::table('stop_shift_days')
            ->where('asset_id', $assetId)
            ->where('day', '>=', $first->format('Y-m-d'))
            ->where('day', '<=', $last->format('Y-m-d'))
            ->delete();
        // Some days at a time: to find the shift of a stop, all those of the time are looked through.
        for ($begin = $first; $begin <= $last; $begin = $begin->modify(self::DAYS)) {
            $this->insert($assetId, $line, $begin, min($last, $begin->modify(self::DAYS)->modify('-1 day')));
        }
    }

    private function insert(int $assetId, ?int $line, DateTimeImmutable $first, DateTimeImmutable $last): void
    {
        [$from, $to] = [$first->format('Y-m-d'), $last->format('Y-m-d')];
        // Stops of one asset follow each other: one at the most reaches into the first day.
        $before = Stop::standing()
            ->where('asset_id', $assetId)
            ->where('from_at', '<', $from)
            ->orderByDesc('from_at')
            ->first(['from_at', 'to_at']);
        $since = $before === null || ($before->to_at ?? '') <= $from ? $from : $before->from_at;
        $shifts = (new DateTimeImmutable($since))->modify('-2 days')->format('Y-m-d H:i:s');
        [$day, $seconds] = [StopDays::DAY, StopDays::SECONDS];
        DB::insert(
            "INSERT INTO stop_shift_days
                    (site_id, asset_id, day, shift, product_id, cause_asset_id, planned, stops, seconds)
                SELECT s.site_id, s.asset_id, {$day} as day, h.shift, u.product_id, s.cause_asset_id, s.planned,
                    SUM(d.seq = 0),
                    SUM({$seconds})
                FROM stops s
                LEFT JOIN (
                    SELECT id, shift, from_at, to_at FROM shift_records
                    WHERE line_id = ? AND from_at >= ? AND from_at < DATE_ADD(?, INTERVAL 1 DAY)
                ) h ON h.from_at <= s.from_at AND h.to_at > s.from_at
                LEFT JOIN product_runs u ON u.record_id = h.id AND u.from_at <= s.from_at AND u.to_at > s.from_at
                JOIN ".StopDays::EACH_DAY."
                WHERE s.asset_id = ? AND s.struck_at IS NULL AND s.to_at IS NOT NULL
                    AND s.from_at >= ? AND s.from_at < DATE_ADD(?, INTERVAL 1 DAY)
                    AND {$day} BETWEEN ? AND ?
                GROUP BY s.site_id, s.asset_id, {$day}, h.shift, u.product_id, s.cause_asset_id, s.planned",
            [$line, $shifts, $to, $assetId, $since, $to, $from, $to],
        );
    }

    /** The line that an asset stops, the first one of several, so that nothing counts twice. */
    private function lineOf(int $assetId): ?int
    {
        $own = DB::table('plant_lines')->where('asset_id', $assetId)->select('id');
        $lines = DB::table('line_parts')->where('asset_id', $assetId)->select('line_id as id')->unionAll($own);
        $first = DB::query()->fromSub($lines, 'both')->min('id');

        return $first === null ? null : (int) $first;
    }
}
