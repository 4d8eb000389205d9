<?php

declare(strict_types=1);

namespace App\Stops\Projections;

use App\Platform\Clock\Clock;
use App\Stops\Models\Stop;
use Illuminate\Support\Facades\DB;

/**
 * Keeps what stood of each asset on each day (UTC), by reason, and of its days what stood in each month: a year is
 * added up from few rows. Of stops that are over; a stop is counted on the day on which it began. It can be made anew
 * from the stops.
 */
final readonly class StopDays
{
    /** Nothing stands for longer, in days. */
    private const MOST = 4000;

    /** Each day (UTC) of a stop s, counted by d from the one on which it began, in SQL. */
    public const DAY = 'DATE_ADD(DATE(s.from_at), INTERVAL d.seq DAY)';

    public const EACH_DAY = 'seq_0_to_'.self::MOST.' d ON d.seq <= DATEDIFF(s.to_at, s.from_at)';

    /** How long it stood on that day. */
    public const SECONDS = 'TO_SECONDS(LEAST(s.to_at, DATE_ADD('.self::DAY.', INTERVAL 1 DAY))) - '.
        'TO_SECONDS(GREATEST(s.from_at, '.self::DAY.'))';

    public function __construct(private Clock $clock)
    {
    }

    /** Anew, from one instant to another; null: up to now. */
    public function keep(int $assetId, string $from, ?string $to): void
    {
        $first = substr($from, 0, 10);
        $last = substr($to ?? $this->clock->now()->format('Y-m-d'), 0, 10);
        DB::table('stop_days')
            ->where('asset_id', $assetId)
            ->where('day', '>=', $first)
            ->where('day', '<=', $last)
            ->delete();
        // Stops of one asset follow each other: one at the most reaches into the first day.
        $before = Stop::standing()
            ->where('asset_id', $assetId)
            ->where('from_at', '<', $first)
            ->orderByDesc('from_at')
            ->value('from_at');
        [$day, $seconds] = [self::DAY, self::SECONDS];
        DB::insert(
            "INSERT INTO stop_days (site_id, asset_id, day, reason, reason_id, kind, planned, stops, seconds)
                SELECT s.site_id, s.asset_id, {$day} as day, s.reason, MAX(s.reason_id), s.kind, s.planned,
                    SUM(d.seq = 0),
                    SUM({$seconds})
                FROM stops s
                JOIN ".self::EACH_DAY."
                WHERE s.asset_id = ? AND s.struck_at IS NULL AND s.to_at IS NOT NULL
                    AND s.from_at >= ? AND s.from_at < DATE_ADD(?, INTERVAL 1 DAY)
                    AND {$day} BETWEEN ? AND ?
                GROUP BY s.site_id, s.asset_id, {$day}, s.reason, s.kind, s.planned",
            [$assetId, $before ?? $first, $last, $first, $last],
        );
        $this->keepMonths($assetId, substr($first, 0, 7).'-01', $last);
    }

    private function keepMonths(int $assetId, string $first, string $last): void
    {
        DB::table('stop_months')
            ->where('asset_id', $assetId)
            ->where('month', '>=', $first)
            ->where('month', '<=', $last)
            ->delete();
        $month = "DATE_FORMAT(day, '%Y-%m-01')";
        DB::insert(
            "INSERT INTO stop_months (site_id, asset_id, month, reason, reason_id, kind, planned, stops, seconds)
                SELECT site_id, asset_id, {$month}, reason, MAX(reason_id), kind, planned, SUM(stops), SUM(seconds)
                FROM stop_days
                WHERE asset_id = ? AND day >= ? AND day <= LAST_DAY(?)
                GROUP BY site_id, asset_id, {$month}, reason, kind, planned",
            [$assetId, $first, $last],
        );
    }
}
