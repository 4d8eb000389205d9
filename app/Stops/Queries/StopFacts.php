<?php

declare(strict_types=1);

namespace App\Stops\Queries;

use App\Platform\Clock\Clock;
use App\Stops\Models\Stop;
use Illuminate\Support\Facades\DB;
use stdClass;

/** What else is known of a stop: the shift in which it began, others like it, and what an hour of its line is worth. */
final readonly class StopFacts
{
    private const DAYS = 90;

    public function __construct(private Clock $clock)
    {
    }

    /** Of the line that it stops; null: of none, or it is not said. */
    public function hourCents(Stop $stop): ?int
    {
        $cents = DB::table('plant_lines as l')
            ->leftJoin('line_parts as p', 'p.line_id', '=', 'l.id')
            ->where(static fn ($any) => $any
                ->where('l.asset_id', $stop->asset_id)
                ->orWhere('p.asset_id', $stop->asset_id))
            ->max('l.hour_cents');

        return $cents === null ? null : (int) $cents;
    }

    /** The shift of its line in which it began. */
    public function shift(Stop $stop): ?stdClass
    {
        return DB::table('shift_records as r')
            ->join('plant_lines as l', 'l.id', '=', 'r.line_id')
            ->leftJoin('line_parts as p', 'p.line_id', '=', 'l.id')
            ->where(static fn ($any) => $any
                ->where('l.asset_id', $stop->asset_id)
                ->orWhere('p.asset_id', $stop->asset_id))
            ->where('r.from_at', '<=', $stop->from_at)
            ->where('r.to_at', '>', $stop->from_at)
            ->first(['r.id', 'r.day', 'r.shift']);
    }

    /** @return array{stops: int, minutes: int} of the same machine and reason in the days before now */
    public function like(Stop $stop): array
    {
        $since = $this->clock->now()->modify('-'.self::DAYS.' days')->format('Y-m-d H:i:s');
        $row = DB::table('stops')
            ->where('asset_id', $stop->asset_id)
            ->where('reason', $stop->reason)
            ->whereNull('struck_at')
            ->where('from_at', '>', $since)
            ->selectRaw('COUNT(*) as stops, COALESCE(SUM(TIMESTAMPDIFF(SECOND, from_at, to_at)), 0) as seconds')
            ->first();

        return ['stops' => (int) $row?->stops, 'minutes' => intdiv((int) $row?->seconds, 60)];
    }
}
