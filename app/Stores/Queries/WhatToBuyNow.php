<?php

declare(strict_types=1);

namespace App\Stores\Queries;

use App\Platform\Sites\SiteDays;
use App\Stores\Demand\AskedFor;
use App\Stores\Demand\DayDemand;
use App\Stores\Demand\PartDemand;
use App\Stores\Models\Part;
use Illuminate\Support\Facades\DB;
use Sundial\Calendar\LocalDate;
use Sundial\Costing\UnitPrice;
use Sundial\Stock\StoreRules;
use Sundial\Support\Quantity;

/**
 * What should be bought for a site: what approved orders are short of, what falls to its reorder point once the visits
 * and orders of its window have taken theirs.
 */
final readonly class WhatToBuyNow
{
    private const NAMED = 3;

    public function __construct(
        private DemandAhead $demand,
        private ComingIn $coming,
        private StoreRulesOf $rules,
        private SiteDays $days,
        private SuppliersOf $supplies,
    ) {
    }

    /** What should be bought; what each saves is asked for apart. */
    public function __invoke(int $siteId): ToBuy
    {
        $asked = $this->demand->totals($siteId, null, $this->farthest($siteId));
        $today = $this->days->today($siteId);
        $proposals = $this->agreed(
            $this->proposals($siteId, $today, $this->rules->ofSite($siteId), $asked),
            $today,
        );
        $short = array_map(static fn (Proposal $one): int => $one->shortFrom->epochDay ?? PHP_INT_MAX, $proposals);
        $names = array_map(static fn (Proposal $one): string => $one->part->name, $proposals);
        array_multisort($short, $names, array_keys($names), $proposals);

        return new ToBuy($proposals, $asked);
    }

    /**
     * @param  list<Proposal>  $some
     * @return list<Proposal> the same; of those that run short it is said what would do without
     */
    public function saving(int $siteId, ToBuy $all, array $some): array
    {
        $saved = $this->demand->firstOf(...AskedFor::knowing($all->asked, ...$this->shortOf($siteId, $some)));

        return array_map(static fn (Proposal $one): Proposal => $one->saving(array_map(
            static fn (PartDemand $of): array => [$of->what, $of->href],
            $saved[$one->part->id] ?? [],
        )), $some);
    }

    /** The last day at which it looks: that of the part that takes longest to come. */
    public function farthest(int $siteId): LocalDate
    {
        $rules = $this->rules->ofSite($siteId);

        return $this->days->today($siteId)->plusDays(
            $rules->window(max((int) Part::query()->max('lead_days'), StoreRules::LEAD)),
        );
    }

    /** @param  list<DayDemand>  $asked  what will be taken of all parts up to the farthest day */
    public function count(int $siteId, array $asked): int
    {
        return count($this->needs(
            $siteId,
            $this->days->today($siteId),
            $this->rules->ofSite($siteId),
            $asked,
        ));
    }

    /**
     * @param  list<DayDemand>  $asked
     * @return list<Proposal> before anything is agreed with a supplier
     */
    private function proposals(int $siteId, LocalDate $today, StoreRules $rules, array $asked): array
    {
        $needs = $this->needs($siteId, $today, $rules, $asked);
        $parts = Part::query()
            ->with('supplier')
            ->whereIn('id', array_map(static fn (PartNeed $one): int => $one->shelves->partId, $needs))
            ->get()
            ->keyBy('id')
            ->all();

        return array_map(static fn (PartNeed $one): Proposal => $one->proposal(
            $parts[$one->shelves->partId],
            $today,
        ), $needs);
    }

    /**
     * @param  list<DayDemand>  $asked
     * @return list<PartNeed> of parts that have to be bought
     */
    private function needs(int $siteId, LocalDate $today, StoreRules $rules, array $asked): array
    {
        $demand = [];
        foreach ($asked as $one) {
            $demand[$one->partId][] = $one;
        }
        $shelves = $this->shelves($siteId, array_keys($demand));
        $coming = $this->coming->toParts(array_keys($shelves), $siteId);
        $needs = [];
        foreach ($shelves as $partId => $of) {
            $until = $today->plusDays($rules->window($of->leadDays));
            $needs[] = PartNeed::of(
                $of,
                array_values(array_filter(
                    $demand[$partId] ?? [],
                    static fn (DayDemand $one): bool => ! $one->on->isAfter($until),
                )),
                array_values(array_filter(
                    $coming[$partId] ?? [],
                    static fn (array $one): bool => ! $one[0]->isAfter($until),
                )),
            );
        }

        return array_values(array_filter($needs));
    }

    /**
     * @param  list<Proposal>  $proposals
     * @return list<Proposal>
     */
    private function agreed(array $proposals, LocalDate $today): array
    {
        $terms = $this->supplies->usual(
            array_map(static fn (Proposal $one): int => $one->part->id, $proposals),
            $today,
        );

        return array_map(static function (Proposal $one) use ($terms): Proposal {
            $of = $terms[$one->part->id] ?? null;

            $agreed = $of === null ? $one : $one->agreed(
                $of->price === null ? null : UnitPrice::parse((string) $of->price),
                $of->currency,
                $of->least === null ? 0 : Quantity::parse((string) $of->least),
            );

            return $agreed->packed();
        }, $proposals);
    }

    /**
     * Only what could have to be bought: what is short, stands at its point without what is on order, or is wanted.
     *
     * @param  list<int>  $wanted  parts
     * @return array<int, Shelves> by part
     */
    private function shelves(int $siteId, array $wanted): array
    {
        // A part stands low only where it does in one of its stores, of which few do.
        $some = DB::table('stock')->where('site_id', $siteId)->where('is_low', true)->select('part_id');
        $low = DB::table('stock')
            ->where('site_id', $siteId)
            ->whereIn('part_id', $some)
            ->groupBy('part_id')
            ->havingRaw('SUM(short) > 0 OR SUM(on_hand - promised - short) <= SUM(reorder_point)')
            ->pluck('part_id')
            ->all();
        $rows = DB::table('stock as s')
            ->join('parts as p', 'p.id', '=', 's.part_id')
            ->where('s.site_id', $siteId)
            ->whereIn('s.part_id', array_unique([...$low, ...$wanted]))
            ->where('p.retired', false)
            ->orderByRaw('s.reorder_point IS NULL')
            ->orderBy('s.id')
            ->get([
                's.part_id', 's.store_id', 's.on_hand', 's.promised', 's.short', 's.on_order', 's.reorder_point',
                's.most', 's.order_quantity', 'p.lead_days',
            ]);
        $by = [];
        foreach ($rows as $row) {
            $by[(int) $row->part_id][] = $row;
        }

        return array_map(Shelves::of(...), $by);
    }

    /**
     * What would be without them is asked for by name, of those that run short.
     *
     * @param  list<Proposal>  $proposals
     * @return list<AskedFor>
     */
    private function shortOf(int $siteId, array $proposals): array
    {
        $today = $this->days->today($siteId);
        $rules = $this->rules->ofSite($siteId);
        $asked = [];
        foreach ($proposals as $one) {
            if ($one->shortFrom !== null) {
                $until = $today->plusDays($rules->window($one->part->lead_days));
                // What is late or wanted today is short today.
                $from = $one->shortFrom->isAfter($today) ? $one->shortFrom : null;
                $asked[] = new AskedFor($siteId, $one->part->id, $from, $until, self::NAMED);
            }
        }

        return $asked;
    }
}
