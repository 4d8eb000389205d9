<?php

declare(strict_types=1);

namespace App\Stores\Queries;

use Illuminate\Database\Query\Builder;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use stdClass;
use Sundial\Calendar\LocalDate;

/** How often what was asked of the stores was there at once: the service that was reached. */
final readonly class ServiceReached
{
    private const MOST = 60;

    private const COUNTED = 'COUNT(*) as demands, COALESCE(SUM(d.at_once = d.quantity), 0) as met';

    /** @return stdClass demands, met: of them at once and whole */
    public function total(int $siteId, LocalDate $since, ?int $partId = null): stdClass
    {
        return $this->demands($siteId, $since, $partId)->selectRaw(self::COUNTED)->firstOrFail();
    }

    /** @return Collection<int, stdClass> id, name, number, criticality, demands, met, the worst first */
    public function byPart(int $siteId, LocalDate $since): Collection
    {
        // Counted by shelf first, from the index alone; parts are few of those then, and named last.
        $shelves = $this->demands($siteId, $since, null)
            ->groupBy('d.stock_id')
            ->selectRaw('d.stock_id, '.self::COUNTED);
        $worst = DB::query()
            ->fromSub($shelves, 'x')
            ->join('stock as s', 's.id', '=', 'x.stock_id')
            ->groupBy('s.part_id')
            ->havingRaw('SUM(x.met) < SUM(x.demands)')
            ->selectRaw('s.part_id, SUM(x.demands) as demands, SUM(x.met) as met');

        return DB::query()
            ->fromSub($worst, 'w')
            ->join('parts as p', 'p.id', '=', 'w.part_id')
            ->orderByRaw('w.met / w.demands')
            ->orderBy('p.name')
            ->limit(self::MOST)
            ->get(['p.id', 'p.name', 'p.number', 'p.criticality', 'w.demands', 'w.met'])
            ->toBase();
    }

    /** @return Collection<int, stdClass> the demands of a part, the last first */
    public function lines(int $siteId, LocalDate $since, int $partId): Collection
    {
        return $this->demands($siteId, $since, $partId)
            ->orderByDesc('d.id')
            ->limit(self::MOST)
            ->get(['d.subject_kind', 'd.subject_id', 'd.label', 'd.quantity', 'd.at_once', 'd.demanded_on'])
            ->toBase();
    }

    private function demands(int $siteId, LocalDate $since, ?int $partId): Builder
    {
        return DB::table('stock_demands as d')
            ->where('d.site_id', $siteId)
            ->where('d.demanded_on', '>=', (string) $since)
            ->when($partId !== null, static fn (Builder $some) => $some
                ->join('stock as s', 's.id', '=', 'd.stock_id')
                ->where('s.part_id', $partId));
    }
}
