<?php

declare(strict_types=1);

namespace App\Stores\Queries;

use App\Platform\Sites\SiteDays;
use App\Stores\Demand\AskedFor;
use App\Stores\Demand\DayDemand;
use App\Stores\Demand\DemandKind;
use App\Stores\Demand\PartDemand;
use App\Stores\Models\Part;
use App\Stores\Models\Stock;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use Sundial\Calendar\LocalDate;
use Sundial\Costing\UnitPrice;
use Sundial\Stock\FreeStair;
use Sundial\Stock\Promise;
use Sundial\Stock\PromisedStock;
use Sundial\Stock\ReorderPosition;
use Sundial\Stock\StoreRules;
use Sundial\Support\Quantity;

/**
 * What should be bought for a site: what approved orders are short of, what falls to its reorder point once the visits
 * and orders of its window have taken theirs.
 */
final readonly class WhatToBuyNow
{
    private const NAMED = 3;

    /** For so many it is named what they save. */
    private const SAVING = 60;

    public function __construct(
        private DemandAhead $demand,
        private ComingIn $coming,
        private StoreRulesOf $rules,
        private SiteDays $days,
        private SuppliersOf $supplies,
    ) {
    }

    /** @return list<Proposal> the earliest that is short first */
    public function __invoke(int $siteId): array
    {
        $today = $this->days->today($siteId);
        $rules = $this->rules->ofSite($siteId);
        $asked = $this->demand->totals($siteId, null, $this->farthest($siteId));
        $proposals = $this->agreed($this->proposals($siteId, $today, $rules, $asked), $today);
        usort($proposals, static fn (Proposal $a, Proposal $b): int => [
            $a->shortFrom->epochDay ?? PHP_INT_MAX,
            $a->part->name,
        ] <=> [$b->shortFrom->epochDay ?? PHP_INT_MAX, $b->part->name]);
        $named = array_slice($proposals, 0, self::SAVING);
        $saved = $this->demand->firstOf(
            ...AskedFor::knowing($asked, ...$this->saving($siteId, $today, $rules, $named)),
        );

        return array_map(static fn (Proposal $one): Proposal => $one->saving(array_map(
            static fn (PartDemand $of): array => [$of->what, $of->href],
            $saved[$one->part->id] ?? [],
        )), $proposals);
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
        return count($this->proposals(
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
        $demand = [];
        foreach ($asked as $one) {
            $demand[$one->partId][] = $one;
        }
        $rows = $this->rows($siteId, array_keys($demand));
        $coming = $this->coming->toParts(array_values($rows->keys()->map(intval(...))->all()), $siteId);
        $proposals = [];
        foreach ($rows as $partId => $some) {
            $until = $today->plusDays($rules->window($some->firstOrFail()->part->lead_days));
            $proposals[] = $this->of(
                $some,
                array_values(array_filter(
                    $demand[$partId] ?? [],
                    static fn (DayDemand $one): bool => ! $one->on->isAfter($until),
                )),
                array_values(array_filter(
                    $coming[$partId] ?? [],
                    static fn (array $one): bool => ! $one[0]->isAfter($until),
                )),
                $today,
            );
        }

        return array_values(array_filter($proposals));
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
     * @return Collection<int, Collection<int, Stock>> by part
     */
    private function rows(int $siteId, array $wanted): Collection
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

        return Stock::query()
            ->with('part.supplier')
            ->where('site_id', $siteId)
            ->whereIn('part_id', array_unique([...$low, ...$wanted]))
            ->whereHas('part', static fn ($one) => $one->where('retired', false))
            ->orderByRaw('reorder_point IS NULL')
            ->orderBy('id')
            ->get()
            ->toBase()
            ->groupBy('part_id');
    }

    /**
     * @param  Collection<int, Stock>  $rows
     * @param  list<DayDemand>  $demand
     * @param  list<array{LocalDate, int}>  $coming
     */
    private function of(Collection $rows, array $demand, array $coming, LocalDate $today): ?Proposal
    {
        $sum = static fn (string $what): int => (int) $rows->sum(
            static fn (Stock $one): int => Quantity::parse((string) ($one->getAttributes()[$what] ?? '0')),
        );
        $ahead = array_sum(array_map(
            static fn (DayDemand $one): int => $one->kind === DemandKind::Approved ? 0 : $one->thousandths,
            $demand,
        ));
        $hasPoint = $rows->whereNotNull('reorder_point')->isNotEmpty();
        $position = ReorderPosition::of(
            PromisedStock::of($sum('on_hand'), Promise::to('orders', $sum('promised'), $sum('short'))),
            array_sum(array_column($coming, 1)),
            $ahead,
            $hasPoint ? $sum('reorder_point') : null,
        );
        $first = $rows->firstOrFail();
        $buy = $position->toBuy(
            $first->order_quantity === null ? null : Quantity::parse($first->order_quantity),
            $rows->whereNotNull('most')->isEmpty() ? null : $sum('most'),
        );
        if ($buy === 0) {
            return null;
        }
        $stair = FreeStair::of(
            $today,
            $sum('on_hand') - $sum('promised'),
            array_map(static fn (DayDemand $one): array => [$one->on, $one->thousandths], $demand),
            $coming,
        );

        return new Proposal(
            $first->part,
            $first->store_id,
            $buy,
            $stair->orderBy($first->part->lead_days),
            new ProposalFigures(
                $sum('short'),
                $ahead,
                $sum('on_hand') - $sum('promised'),
                // What comes back from repair is on its way, too.
                max($sum('on_order'), array_sum(array_column($coming, 1))),
                $hasPoint ? $sum('reorder_point') : null,
            ),
            $stair->shortFrom(),
        );
    }

    /**
     * What would be without them is asked for by name, of those that run short.
     *
     * @param  list<Proposal>  $proposals
     * @return list<AskedFor>
     */
    private function saving(int $siteId, LocalDate $today, StoreRules $rules, array $proposals): array
    {
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
