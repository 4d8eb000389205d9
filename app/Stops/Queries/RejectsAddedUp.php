<?php

declare(strict_types=1);

namespace App\Stops\Queries;

use Illuminate\Database\Query\Builder;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use stdClass;

/** What was rejected in some shifts, added up by why, where and of what, in pieces, ideal time and money. */
final readonly class RejectsAddedUp
{
    /** By what they are added up, and what stands for each. */
    public const BY = [
        'reason' => 'n.name',
        'group' => 'COALESCE(g.name, n.name)',
        'line' => 'a.name',
        'product' => 'd.name',
        'shift' => 'r.shift',
    ];

    /** @return Collection<int, stdClass> key, pieces, seconds, cents; most time lost first */
    public function by(OeeSlice $slice, string $by): Collection
    {
        $key = self::BY[$by] ?? self::BY['reason'];

        return $this->rows($slice)
            ->groupByRaw($key)
            ->orderByDesc('seconds')
            ->selectRaw("{$key} as `key`, SUM(j.pieces) as pieces, SUM(j.pieces * u.ideal_seconds) as seconds")
            ->selectRaw('SUM(j.pieces * u.ideal_seconds * COALESCE(l.hour_cents, 0)) / 3600 as cents')
            ->get()
            ->toBase();
    }

    /** @return Collection<int, stdClass> what one figure was counted from, the last shifts first */
    public function behind(OeeSlice $slice, string $by, string $value, int $most): Collection
    {
        return $this->rows($slice)
            ->whereRaw((self::BY[$by] ?? self::BY['reason']).' = ?', [$value])
            ->orderByDesc('u.from_at')
            ->orderBy('n.name')
            ->limit($most)
            ->selectRaw('r.id, r.day, r.shift, a.name as line, d.name as product, d.unit, n.name as reason, j.pieces')
            ->selectRaw('j.pieces * u.ideal_seconds as seconds')
            ->get()
            ->toBase();
    }

    private function rows(OeeSlice $slice): Builder
    {
        return DB::table('run_rejects as j')
            ->join('reject_reasons as n', 'n.id', '=', 'j.reason_id')
            ->leftJoin('reject_reasons as g', 'g.id', '=', 'n.parent_id')
            ->join('product_runs as u', 'u.id', '=', 'j.run_id')
            ->join('products as d', 'd.id', '=', 'u.product_id')
            ->join('shift_records as r', 'r.id', '=', 'u.record_id')
            ->join('plant_lines as l', 'l.id', '=', 'r.line_id')
            ->join('assets as a', 'a.id', '=', 'l.asset_id')
            ->where('r.site_id', $slice->siteId)
            ->whereBetween('r.day', [(string) $slice->from, (string) $slice->to])
            ->when($slice->lineId !== null, static fn (Builder $some) => $some->where('r.line_id', $slice->lineId));
    }
}
