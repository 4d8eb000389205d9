<?php

declare(strict_types=1);

namespace App\Stores\Pages;

use App\Platform\Access\Rights;
use App\Platform\Frame\Wording;
use App\Platform\Sites\CurrentSite;
use App\Stores\Demand\DayDemand;
use App\Stores\Demand\DemandKind;
use App\Stores\Inputs\Holding;
use App\Stores\Models\Part;
use App\Stores\Models\Stock;
use App\Stores\Queries\DemandAhead;
use App\Stores\Queries\HoldingBasis;
use App\Stores\Queries\StockOf;
use Sundial\Access\Right;
use Sundial\Costing\UnitPrice;
use Sundial\Stock\FailurePolicy;
use Sundial\Stock\Spares;
use Sundial\Support\InvalidInput;
use Sundial\Support\Quantity;

/** How many of a part to hold: the answer, what each further one buys, and what the usual sum would have said. */
final readonly class HoldPage
{
    private const SOURCES = [
        'counted' => 'counted: what unplanned orders used in 18 months',
        'typed' => 'typed: so many a year',
        'life' => 'from the life of a unit',
    ];

    private const EXPOSURES = [
        'resupply' => 'until resupply comes',
        'repair' => 'until a repair comes back, or resupply for what is beyond repair',
        'horizon' => 'the whole time: it cannot be bought again',
        'interval' => 'one interval: each visit restocks it',
    ];

    public function __construct(
        private CurrentSite $site,
        private StockOf $stock,
        private HoldingBasis $basis,
        private DemandAhead $demand,
        private Wording $words,
    ) {
    }

    /**
     * @param  array<string, string|null>  $typed
     * @return array<string, mixed>
     */
    public function __invoke(Part $part, array $typed): array
    {
        $siteId = $this->site->id();
        $rows = $this->stock->part($part->id, $siteId);
        $usual = $this->basis->usual([$part], $siteId)[$part->id];
        $first = $rows->first();
        $said = Holding::typed($typed, ($first === null ? [] : HoldingBasis::agreed($first)) + $usual);
        try {
            $answer = $this->answer($part, $said);
            $refused = null;
        } catch (InvalidInput $e) {
            [$answer, $refused] = [null, $e];
        }

        return [
            'part' => $part,
            'rows' => $rows,
            'said' => $said,
            'usual' => $usual,
            'sources' => self::SOURCES,
            'exposures' => self::EXPOSURES,
            'policies' => FailurePolicy::cases(),
            'answer' => $answer,
            'refused' => $refused,
            'held' => (int) $rows->sum(static fn (Stock $one): int => Quantity::parse($one->on_hand)),
            'point' => $first?->point(),
            'maySet' => Rights::has(Right::KeepStores) && $rows->isNotEmpty(),
            'seesPrices' => Rights::has(Right::SeePrices),
        ];
    }

    /** @return array<string, mixed> */
    private function answer(Part $part, Holding $said): array
    {
        $failures = $said->failures();
        $spares = Spares::against($failures, $said->service());
        $exposure = $said->exposure();
        $visits = $this->visits($part->id, (int) ceil(max($exposure->length, Holding::YEAR)));
        $price = $part->priceIn($this->site->get()->currency);
        $year = array_sum(array_map(
            static fn (array $one): int => $one[0] < Holding::YEAR ? $one[1] : 0,
            $visits,
        ));
        $perYear = $failures->within(Holding::YEAR);

        return [
            's' => $spares->s,
            'mean' => $spares->mean,
            'length' => $exposure->length,
            'kind' => $exposure->kind,
            'rows' => $this->table($spares, $said, $price),
            'oneForOne' => $spares->pointOneForOne(),
            'planned' => Spares::planned($visits, $exposure),
            'perYear' => $perYear,
            'visitsYear' => $year,
            'spends' => $price === null || ! Rights::has(Right::SeePrices)
                ? ''
                : ", {$this->words->money($price->times((int) round($perYear * 1000) + $year))} in all",
            'classic' => Spares::usualSum($failures, $said->number('interval'), $year),
        ];
    }

    /** @return list<array<string, mixed>> */
    private function table(Spares $spares, Holding $said, ?UnitPrice $price): array
    {
        $rows = [];
        foreach ($spares->rows() as $s) {
            $rows[] = [
                's' => $s,
                'chance' => $spares->noStockOut($s),
                'buys' => $s === 0 ? null : $spares->noStockOut($s) - $spares->noStockOut($s - 1),
                'cost' => $price === null ? null : Spares::holdingCost($s, $price, $said->number('holding')),
                'shortage' => $spares->shortage($s),
                'isChosen' => $s === $spares->s,
            ];
        }

        return $rows;
    }

    /** @return list<array{float, int}> in days from today, and thousandths */
    private function visits(int $partId, int $days): array
    {
        $today = $this->site->today();
        $visits = array_filter(
            $this->demand->totals($this->site->id(), [$partId], $today->plusDays($days)),
            static fn (DayDemand $one): bool => $one->kind === DemandKind::Visit,
        );

        return array_values(array_map(static fn (DayDemand $one): array => [
            (float) max(0, $today->daysUntil($one->on)),
            $one->thousandths,
        ], $visits));
    }
}
