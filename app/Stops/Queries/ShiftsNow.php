<?php

declare(strict_types=1);

namespace App\Stops\Queries;

use App\Platform\Clock\Clock;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use stdClass;

/** The shift that goes on at a site, or went on last, on each of its lines. */
final readonly class ShiftsNow
{
    public function __construct(private Clock $clock)
    {
    }

    /** @return Collection<int, stdClass> by line */
    public function latest(int $siteId): Collection
    {
        $name = $this->name($siteId);
        if ($name === null) {
            return collect();
        }

        return DB::table('shift_records as r')
            ->join('plant_lines as l', 'l.id', '=', 'r.line_id')
            ->join('assets as a', 'a.id', '=', 'l.asset_id')
            ->leftJoin('product_runs as u', 'u.record_id', '=', 'r.id')
            ->where('r.site_id', $siteId)
            ->where('r.day', $name['day'])
            ->where('r.shift', $name['shift'])
            ->groupBy('r.id', 'a.name', 'r.planned_s', 'r.run_s', 'r.ideal_s', 'r.good_s', 'r.remark')
            ->groupBy('r.from_at', 'r.to_at')
            ->orderBy('a.name')
            ->select(['r.id', 'a.name as line', 'r.planned_s', 'r.run_s', 'r.ideal_s', 'r.good_s', 'r.remark'])
            ->addSelect(['r.from_at', 'r.to_at'])
            ->selectRaw('COALESCE(SUM(u.total), 0) as made, COALESCE(SUM(u.rejects), 0) as rejects')
            ->get()
            ->toBase();
    }

    /** @return array{day: string, shift: string}|null the day and the name of the shift that began last */
    public function name(int $siteId): ?array
    {
        $last = DB::table('shift_records')
            ->where('site_id', $siteId)
            ->where('from_at', '<=', $this->clock->now()->format('Y-m-d H:i:s'))
            ->orderByDesc('day')
            ->orderByDesc('from_at')
            ->first(['day', 'shift']);

        return $last === null ? null : ['day' => (string) $last->day, 'shift' => (string) $last->shift];
    }
}
