<?php

declare(strict_types=1);

namespace App\Work\Queries;

use Illuminate\Database\Query\Builder;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use stdClass;
use Sundial\Calendar\LocalDate;

/** On what a part was used at a site, and how much of it by month; what was given back is taken off. */
final readonly class PartUses
{
    private const MOST = 60;

    /** @return Collection<int, stdClass> asset or place: kind, id, name, tag; used, orders, last_on; most used first */
    public function byAsset(int $partId, int $siteId, LocalDate $since): Collection
    {
        return $this->uses($partId, $siteId, $since)
            ->leftJoin('order_assets as r', 'r.id', '=', 'u.row_id')
            ->leftJoin('assets as a', 'a.id', '=', DB::raw('COALESCE(r.asset_id, o.asset_id)'))
            ->leftJoin('locations as l', 'l.id', '=', 'o.location_id')
            ->groupBy('a.id', 'a.name', 'a.tag', 'l.id', 'l.name')
            ->havingRaw('SUM(u.quantity) > 0')
            ->orderByDesc('used')
            ->limit(self::MOST)
            ->selectRaw("IF(a.id IS NULL, 'places', 'assets') as kind, COALESCE(a.id, l.id) as id")
            ->selectRaw('COALESCE(a.name, l.name) as name, a.tag, SUM(u.quantity) as used')
            ->selectRaw('COUNT(DISTINCT o.id) as orders, MAX(u.used_on) as last_on')
            ->get()
            ->toBase();
    }

    /** @return Collection<int, stdClass> month, used; the first month first */
    public function byMonth(int $partId, int $siteId, LocalDate $since): Collection
    {
        return $this->uses($partId, $siteId, $since)
            ->groupByRaw("DATE_FORMAT(u.used_on, '%Y-%m')")
            ->orderByRaw("DATE_FORMAT(u.used_on, '%Y-%m')")
            ->selectRaw("DATE_FORMAT(u.used_on, '%Y-%m') as month, SUM(u.quantity) as used")
            ->get()
            ->toBase();
    }

    /** Under its own number, or under one that was merged into it. */
    private function uses(int $partId, int $siteId, LocalDate $since): Builder
    {
        return DB::table('part_uses as u')
            ->join('work_orders as o', 'o.id', '=', 'u.order_id')
            ->whereIn('u.part_id', static fn (Builder $parts) => $parts
                ->from('parts')
                ->where('id', $partId)
                ->orWhere('merged_into_id', $partId)
                ->select('id'))
            ->where('o.site_id', $siteId)
            ->where('u.used_on', '>=', (string) $since);
    }
}
