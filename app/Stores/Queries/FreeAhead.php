<?php

declare(strict_types=1);

namespace App\Stores\Queries;

use App\Stores\Demand\DayDemand;
use Illuminate\Support\Facades\DB;
use stdClass;
use Sundial\Calendar\LocalDate;
use Sundial\Stock\FreeStair;
use Sundial\Support\Quantity;

/** What is free of parts from day to day at a site, over its stores, with what takes and what brings some. */
final readonly class FreeAhead
{
    public function __construct(private DemandAhead $demand, private ComingIn $coming)
    {
    }

    /**
     * @param  list<int>|null  $partIds  null: all of which something will be taken
     * @param  list<DayDemand>|null  $asked  what will be taken of them until then or longer, where that is known
     * @return array<int, PartAhead> by part, of those that a store of the site keeps
     */
    public function __invoke(
        int $siteId,
        ?array $partIds,
        LocalDate $today,
        LocalDate $until,
        ?array $asked = null,
    ): array {
        if (DB::table('stock')->where('site_id', $siteId)->doesntExist()) {
            return [];
        }
        $demand = [];
        foreach ($asked ?? $this->demand->totals($siteId, $partIds, $until) as $one) {
            if (! $one->on->isAfter($until)) {
                $demand[$one->partId][] = $one;
            }
        }
        $ids = $partIds ?? array_keys($demand);
        $coming = $this->coming->toParts($ids, $siteId);
        $ahead = [];
        foreach ($this->held($siteId, $ids) as $part) {
            $ahead[(int) $part->id] = new PartAhead(
                (int) $part->id,
                (string) $part->name,
                $part->lead_days === null ? null : (int) $part->lead_days,
                FreeStair::of(
                    $today,
                    Quantity::parse((string) $part->free),
                    array_map(
                        static fn (DayDemand $one): array => [$one->on, $one->thousandths],
                        $demand[(int) $part->id] ?? [],
                    ),
                    $coming[(int) $part->id] ?? [],
                ),
            );
        }

        return $ahead;
    }

    /**
     * @param  list<int>  $ids
     * @return list<stdClass>
     */
    private function held(int $siteId, array $ids): array
    {
        return array_values(
            DB::table('stock as s')
                ->join('parts as p', 'p.id', '=', 's.part_id')
                ->where('s.site_id', $siteId)
                ->whereIn('s.part_id', $ids)
                ->groupBy('p.id', 'p.name', 'p.lead_days')
                ->selectRaw('p.id, p.name, p.lead_days, SUM(s.on_hand - s.promised) as free')
                ->get()
                ->all(),
        );
    }
}
