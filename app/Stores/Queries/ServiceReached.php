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

    /** @return stdClass demands, met: of them at once and whole */
    public function total(int $siteId, LocalDate $since, ?int $partId = null): stdClass
    {
        return $this->counted($siteId, $since, $partId)->firstOrFail();
    }

    /** @return Collection<int, stdClass> id, name, number, criticality, demands, met, the worst first */
    public function byPart(int $siteId, LocalDate $since): Collection
    {
        return $this->counted($siteId, $since, null)
            ->join('parts as p', 'p.id', '=', 's.part_id')
            ->groupBy('p.id', 'p.name', 'p.number', 'p.criticality')
            ->havingRaw('SUM(d.at_once < d.quantity) > 0')
            ->orderByRaw('AVG(d.at_once = d.quantity)')
            ->orderBy('p.name')
            ->limit(self::MOST)
            ->addSelect(['p.id', 'p.name', 'p.number', 'p.criticality'])
            ->get()
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

    private function counted(int $siteId, LocalDate $since, ?int $partId): Builder
    {
        return $this->demands($siteId, $since, $partId)
            ->selectRaw('COUNT(*) as demands, COALESCE(SUM(d.at_once = d.quantity), 0) as met');
    }

    private function demands(int $siteId, LocalDate $since, ?int $partId): Builder
    {
        return DB::table('stock_demands as d')
            ->join('stock as s', 's.id', '=', 'd.stock_id')
            ->where('d.site_id', $siteId)
            ->where('d.demanded_on', '>=', (string) $since)
            ->when($partId !== null, static fn (Builder $some) => $some->where('s.part_id', $partId));
    }
}
