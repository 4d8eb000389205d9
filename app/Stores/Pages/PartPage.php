<?php

declare(strict_types=1);

namespace App\Stores\Pages;

use App\People\Queries\PeopleLists;
use App\People\Queries\PeopleOf;
use App\Platform\Access\Rights;
use App\Platform\Audit\LogQuery;
use App\Platform\Extension\Extensions;
use App\Platform\Fields\FieldsOf;
use App\Platform\Frame\Wording;
use App\Platform\Sites\CurrentSite;
use App\Stores\Demand\AskedFor;
use App\Stores\Demand\DayDemand;
use App\Stores\Models\Movement;
use App\Stores\Models\Part;
use App\Stores\Models\Stock;
use App\Stores\Queries\AlternativesOf;
use App\Stores\Queries\ComingIn;
use App\Stores\Queries\DemandAhead;
use App\Stores\Queries\FitsOf;
use App\Stores\Queries\LotsOf;
use App\Stores\Queries\MovesOf;
use App\Stores\Queries\OutForRepairs;
use App\Stores\Queries\Promised;
use App\Stores\Queries\ServiceReached;
use App\Stores\Queries\StockOf;
use App\Stores\Queries\SuppliersOf;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Collection as Lines;
use stdClass;
use Sundial\Access\Right;
use Sundial\Calendar\LocalDate;
use Sundial\Stock\FreeStair;
use Sundial\Stock\StockBalance;
use Sundial\Support\Quantity;

/** The sheet of a part: what a site holds of it, to whom that is promised, and what is coming. */
final readonly class PartPage
{
    /** Days ahead that are drawn. */
    private const AHEAD = 84;

    private const MOVES = 30;

    private const DEMANDS = 30;

    public function __construct(
        private CurrentSite $site,
        private StockOf $stock,
        private DemandAhead $demand,
        private ComingIn $coming,
        private Promised $promised,
        private FitsOf $fits,
        private PeopleOf $people,
        private Wording $words,
        private Extensions $extensions,
        private HoldListPage $hold,
        private AlternativesOf $instead,
        private SuppliersOf $supplies,
        private PeopleLists $lists,
        private MovesOf $balances,
        private ServiceReached $service,
        private LotsOf $lots,
        private OutForRepairs $repairs,
        private FieldsOf $fields,
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

    /**
     * @param  list<DayDemand>  $asked  what will be taken of it
     * @return array<string, mixed>
     */
    public function __invoke(Part $part, LocalDate $on, array $asked): array
    {
        $siteId = $this->site->id();
        $rows = $this->stock->part($part->id, $siteId);
        $until = $this->site->today()->plusDays(self::AHEAD);
        $demand = array_values(array_filter($asked, static fn (DayDemand $one): bool => $one->partId === $part->id));
        $first = new AskedFor($siteId, $part->id, null, $until, self::DEMANDS + 1);
        $named = $this->demand->first(...AskedFor::knowing($demand, $first));
        $coming = $this->coming->toPart($part->id, $siteId);
        $keeps = Rights::has(Right::KeepStores);

        return [
            'part' => $part,
            'rows' => $rows,
            'stores' => $this->stock->stores($siteId),
            'total' => $this->total($rows),
            'lies' => $this->lies($rows),
            'average' => $this->average($rows),
            'shelf' => $rows->isEmpty() ? null : $this->shelf($rows),
            'hold' => $rows->isEmpty() ? null : $this->hold->of($part, $rows->toBase()),
            'stair' => $rows->isEmpty() ? null : $this->stair($part, $rows, $demand, $coming, $until),
            'until' => $until,
            'service' => $this->service->total($siteId, $this->site->today()->plusDays(-365), $part->id),
            'asked' => $this->service->lines($siteId, $this->site->today()->plusDays(-365), $part->id),
            'demand' => array_slice($named, 0, self::DEMANDS),
            'isMore' => count($named) > self::DEMANDS,
            'claims' => $this->promised->ofPart($part->id, $siteId),
            'coming' => $coming,
            'repairs' => $this->repairs->part($part->id, $siteId),
            'site' => $this->site->get(),
            'lots' => $part->tracked === null ? collect() : $this->lots->part($part->id, $siteId),
            'fittings' => $part->tracked === 'serial' ? $this->lots->fittings($part->id, $siteId) : collect(),
            'today' => (string) $this->site->today(),
            'moves' => $this->moves($rows),
            'on' => $on,
            'then' => $this->balances->of($part->id, $siteId, $on),
            'instead' => $this->instead->of($part->id, $siteId),
            'proposes' => Rights::has(Right::WorkOnOwnOrders) || $keeps,
            'supplies' => $this->supplies->part($part->id, $this->site->today()),
            'suppliers' => $keeps ? $this->lists->suppliers() : collect(),
            'fields' => $this->fields->of('part', $part->class),
            'fieldValues' => $this->fields->values('part', $part->id),
            'mayFill' => Rights::has(Right::WriteParts),
            'gone' => Part::query()->where('merged_into_id', $part->id)->orderBy('number')->get(['id', 'number']),
            'fits' => $this->fits->part($part, $siteId),
            'seesPrices' => Rights::has(Right::SeePrices),
            'keeps' => $keeps,
            'seconds' => $keeps ? $this->people->with(Right::SeePlant, $siteId) : collect(),
            'sections' => $this->extensions->sections($part->subject()),
            'offers' => $this->extensions->actions($part->subject()),
            'log' => (new LogQuery())->of($part->subject(), $this->site->get()->zone()),
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

    /**
     * @param  Collection<int, Stock>  $rows
     * @param  list<DayDemand>  $demand
     * @param  Lines<int, stdClass>  $coming
     */
    private function stair(Part $part, Collection $rows, array $demand, Lines $coming, LocalDate $until): StairShown
    {
        $today = $this->site->today();
        $taken = array_map(static fn (DayDemand $one): array => [$one->on, $one->thousandths], $demand);
        $receipts = [];
        foreach ($coming->whereNotNull('expected_on') as $one) {
            $day = LocalDate::parse((string) $one->expected_on);
            if ($day->epochDay <= $until->epochDay) {
                $receipts[] = [
                    $day,
                    Quantity::parse((string) $one->quantity) - Quantity::parse((string) $one->received),
                    "B-{$one->number}",
                ];
            }
        }
        foreach ($this->repairs->toParts([$part->id], $this->site->id())[$part->id] ?? [] as [$day, $many]) {
            $receipts[] = [$day, $many, 'repair'];
        }
        $points = $rows->map(static fn (Stock $one): ?int => $one->point())->whereNotNull();

        return StairShown::of(
            FreeStair::of(
                $today,
                $this->total($rows)['free'],
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

    /**
     * @param  Collection<int, Stock>  $rows
     * @return Collection<int, Movement> the last ones first
     */
    private function moves(Collection $rows): Collection
    {
        return Movement::query()
            ->with('stock.store')
            ->whereIn('stock_id', $rows->pluck('id'))
            ->orderByDesc('id')
            ->limit(self::MOVES)
            ->get();
    }
}
