<?php

declare(strict_types=1);

namespace App\Stores\Pages;

use App\People\Queries\PeopleLists;
use App\People\Queries\PeopleOf;
use App\Platform\Access\Rights;
use App\Platform\Audit\LogQuery;
use App\Platform\Extension\Extensions;
use App\Platform\Fields\FieldsOf;
use App\Platform\Sites\CurrentSite;
use App\Platform\Writing\Seen;
use App\Stores\Demand\AskedFor;
use App\Stores\Demand\DayDemand;
use App\Stores\Demand\PartDemand;
use App\Stores\Models\Movement;
use App\Stores\Models\Part;
use App\Stores\Models\Stock;
use App\Stores\Queries\AlternativesOf;
use App\Stores\Queries\DemandAhead;
use App\Stores\Queries\FitsOf;
use App\Stores\Queries\LotsOf;
use App\Stores\Queries\MovesOf;
use App\Stores\Queries\OutForRepairs;
use App\Stores\Queries\Promised;
use App\Stores\Queries\ServiceReached;
use App\Stores\Queries\SuppliersOf;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Collection as Lines;
use stdClass;
use Sundial\Access\Right;
use Sundial\Calendar\LocalDate;

/** The lower sections of the sheet of a part: for whom it is promised, where it lies, what moved, what it fits. */
final readonly class PartRest
{
    private const MOVES = 30;

    private const DEMANDS = 30;

    /** Days back in which it is counted how often it was there at once. */
    private const SERVICE = 365;

    public function __construct(
        private CurrentSite $site,
        private DemandAhead $demand,
        private Promised $promised,
        private FitsOf $fits,
        private PeopleOf $people,
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
     * @param  list<DayDemand>  $asked  what will be taken of it, and maybe of others
     * @return array<string, mixed>
     */
    public function __invoke(PartKnown $known, LocalDate $on, array $asked): array
    {
        $siteId = $this->site->id();
        $part = $known->part;
        $rows = $known->rows;
        $keeps = Rights::has(Right::KeepStores);

        return [
            'part' => $part,
            'by' => "/parts/{$part->id}",
            'rows' => $rows,
            'stores' => $known->stores,
            'coming' => $known->coming,
            'hold' => $rows->isEmpty() ? null : $this->hold->of($part, $rows->toBase()),
            ...$this->named($part, $asked),
            ...$this->reached($part),
            'claims' => $this->promised->ofPart($part->id, $siteId),
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
            'fieldsSeen' => Seen::mark($this->fields->typed('part', $part->id, $part->class)),
            'mayFill' => Rights::has(Right::WriteParts),
            'gone' => Part::query()->where('merged_into_id', $part->id)->orderBy('number')->get(['id', 'number']),
            'fits' => $this->fits->part($part, $siteId),
            'seesPrices' => Rights::has(Right::SeePrices),
            'keeps' => $keeps,
            'seconds' => $keeps ? $this->people->with(Right::SeePlant, $siteId) : collect(),
            'sections' => $this->extensions->sections($part->subject()),
            'log' => (new LogQuery())->of($part->subject(), $this->site->get()->zone()),
        ];
    }

    /**
     * What will be taken of it, by name.
     *
     * @param  list<DayDemand>  $asked
     * @return array{demand: list<PartDemand>, isMore: bool}
     */
    private function named(Part $part, array $asked): array
    {
        $demand = array_values(array_filter($asked, static fn (DayDemand $one): bool => $one->partId === $part->id));
        $until = $this->site->today()->plusDays(PartPage::AHEAD);
        $first = new AskedFor($this->site->id(), $part->id, null, $until, self::DEMANDS + 1);
        $named = $this->demand->first(...AskedFor::knowing($demand, $first));

        return ['demand' => array_slice($named, 0, self::DEMANDS), 'isMore' => count($named) > self::DEMANDS];
    }

    /** @return array{service: stdClass, asked: Lines<int, stdClass>} */
    private function reached(Part $part): array
    {
        $since = $this->site->today()->plusDays(-self::SERVICE);

        return [
            'service' => $this->service->total($this->site->id(), $since, $part->id),
            'asked' => $this->service->lines($this->site->id(), $since, $part->id),
        ];
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
