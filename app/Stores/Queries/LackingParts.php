<?php

declare(strict_types=1);

namespace App\Stores\Queries;

use App\Stores\Demand\PartDemand;
use Illuminate\Support\Facades\DB;
use Sundial\Calendar\LocalDate;
use Sundial\Stock\FreeStair;
use Sundial\Support\Quantity;

/** What will be without its parts as things stand: whatever takes a part on a day on which it is short. */
final readonly class LackingParts
{
    public function __construct(private DemandAhead $demand, private ComingIn $coming)
    {
    }

    /** @return array<string, list<string>> names of parts, by address and day: "/schedules/12 2026-03-20" */
    public function __invoke(int $siteId, LocalDate $today, LocalDate $until): array
    {
        if (DB::table('stock')->where('site_id', $siteId)->doesntExist()) {
            return [];
        }
        $by = [];
        foreach (($this->demand)($siteId, null, $until) as $one) {
            $by[$one->partId][] = $one;
        }
        $coming = $this->coming->toParts(array_keys($by), $siteId);
        $lacking = [];
        $parts = DB::table('stock as s')
            ->join('parts as p', 'p.id', '=', 's.part_id')
            ->where('s.site_id', $siteId)
            ->whereIn('s.part_id', array_keys($by))
            ->groupBy('p.id', 'p.name')
            ->selectRaw('p.id, p.name, SUM(s.on_hand - s.promised) as free')
            ->get();
        foreach ($parts as $part) {
            $stair = FreeStair::of(
                $today,
                Quantity::parse((string) $part->free),
                array_map(static fn (PartDemand $one): array => [$one->on, $one->thousandths], $by[(int) $part->id]),
                $coming[(int) $part->id] ?? [],
            );
            foreach ($by[(int) $part->id] as $one) {
                if ($stair->on($one->on) < 0) {
                    $lacking["{$one->href} {$one->on}"][] = (string) $part->name;
                }
            }
        }

        return $lacking;
    }
}
