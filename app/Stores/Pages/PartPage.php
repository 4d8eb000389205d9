<?php

declare(strict_types=1);

namespace App\Stores\Pages;

use App\Platform\Access\Rights;
use App\Platform\Extension\Extensions;
use App\Platform\Frame\Wording;
use App\Platform\Sites\CurrentSite;
use App\Stores\Demand\DayDemand;
use App\Stores\Models\Part;
use App\Stores\Models\Stock;
use App\Stores\Queries\ComingIn;
use App\Stores\Queries\DemandAhead;
use App\Stores\Queries\OutForRepairs;
use App\Stores\Queries\StockOf;
use Illuminate\Database\Eloquent\Collection;
use Sundial\Access\Right;
use Sundial\Calendar\LocalDate;
use Sundial\Stock\FreeStair;
use Sundial\Stock\StockBalance;
use Sundial\Support\Quantity;

/** The head of the sheet of a part, and its first section: what a site holds of it, and when it runs short. */
final readonly class PartPage
{
    /** Days ahead that are drawn. */
    public const AHEAD = 84;

    public function __construct(
        private CurrentSite $site,
        private StockOf $stock,
        private DemandAhead $demand,
        private ComingIn $coming,
        private Wording $words,
        private Extensions $extensions,
        private OutForRepairs $repairs,
    ) {
    }

    /**
     * What will be taken of it, and of others that are shown beside it.
     *
     * @param  list<int>  $partIds
     * @return list<DayDemand>
     */
    public function demand(array $partIds): array
    {
        return $this->demand->totals($this->site->id(), $partIds, $this->site->today()->plusDays(self::AHEAD));
    }

    public function known(Part $part): PartKnown
    {
        $siteId = $this->site->id();

        return new PartKnown(
            $part,
            $this->stock->part($part->id, $siteId),
            $this->stock->stores($siteId),
            $this->coming->toPart($part->id, $siteId),
        );
    }

    /**
     * @param  list<DayDemand>  $asked  what will be taken of it, and maybe of others
     * @return array<string, mixed>
     */
    public function __invoke(PartKnown $known, array $asked): array
    {
        $part = $known->part;
        $rows = $known->rows;
        $demand = array_values(array_filter($asked, static fn (DayDemand $one): bool => $one->partId === $part->id));

        return [
            'part' => $part,
            'rows' => $rows,
            'stores' => $known->stores,
            'total' => $this->total($rows),
            'lies' => $this->lies($rows),
            'average' => $this->average($rows),
            'shelf' => $rows->isEmpty() ? null : $this->shelf($rows),
            'stair' => $rows->isEmpty() ? null : $this->stair($known, $demand),
            'seesPrices' => Rights::has(Right::SeePrices),
            'keeps' => Rights::has(Right::KeepStores),
            'offers' => $this->extensions->actions($part->subject()),
        ];
    }

    /**
     * @param  Collection<int, Stock>  $rows
     * @return array{hand: int, promised: int, free: int, order: int, short: int, cents: int}
     */
    private function total(Collection $rows): array
    {
        $sum = static fn (string $what): int => (int) $rows->sum(
            static fn (Stock $one): int => Quantity::parse((string) $one->getAttribute($what)),
        );

        return [
            'hand' => $sum('on_hand'),
            'promised' => $sum('promised'),
            'free' => $sum('on_hand') - $sum('promised'),
            'order' => $sum('on_order'),
            'short' => $sum('short'),
            'cents' => (int) $rows->sum('value_cents'),
        ];
    }

    /** @param  Collection<int, Stock>  $rows */
    private function lies(Collection $rows): string
    {
        $first = $rows->first();
        $bin = $first?->bin === null ? '' : ", bin {$first->bin}";

        return $rows->count() > 1
            ? $this->words->count($rows->count(), 'store')
            : $first?->store->name.$bin;
    }

    /** @param  Collection<int, Stock>  $rows */
    private function average(Collection $rows): string
    {
        $total = $this->total($rows);

        return StockBalance::standing($total['hand'], $total['cents'], null)->average()?->plain() ?? '';
    }

    /** @param  Collection<int, Stock>  $rows */
    private function shelf(Collection $rows): ShelfShown
    {
        $total = $this->total($rows);

        return ShelfShown::of($total['promised'], $total['free'], $total['order']);
    }

    /** @param  list<DayDemand>  $demand  what will be taken of it */
    private function stair(PartKnown $known, array $demand): StairShown
    {
        $today = $this->site->today();
        $until = $today->plusDays(self::AHEAD);
        $taken = array_map(static fn (DayDemand $one): array => [$one->on, $one->thousandths], $demand);
        $receipts = [];
        foreach ($known->coming->whereNotNull('expected_on') as $one) {
            $day = LocalDate::parse((string) $one->expected_on);
            if ($day->epochDay <= $until->epochDay) {
                $receipts[] = [
                    $day,
                    Quantity::parse((string) $one->quantity) - Quantity::parse((string) $one->received),
                    "B-{$one->number}",
                ];
            }
        }
        $partId = $known->part->id;
        foreach ($this->repairs->toParts([$partId], $this->site->id())[$partId] ?? [] as [$day, $many]) {
            $receipts[] = [$day, $many, 'repair'];
        }
        $points = $known->rows->map(static fn (Stock $one): ?int => $one->point())->whereNotNull();

        return StairShown::of(
            FreeStair::of(
                $today,
                $this->total($known->rows)['free'],
                $taken,
                array_map(static fn (array $one): array => [$one[0], $one[1]], $receipts),
            ),
            $taken,
            $receipts,
            $points->isEmpty() ? null : (int) $points->sum(),
            $until,
            $this->words,
        );
    }
}
