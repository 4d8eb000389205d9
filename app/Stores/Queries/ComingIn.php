<?php

declare(strict_types=1);

namespace App\Stores\Queries;

use Illuminate\Database\Query\Builder;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use stdClass;
use Sundial\Calendar\LocalDate;
use Sundial\Stock\PurchaseState;
use Sundial\Stock\Resupply;
use Sundial\Support\Quantity;

/** What is on its way to a shelf: what was ordered, and what comes back from repair. */
final readonly class ComingIn
{
    public function __construct(private OutForRepairs $repairs)
    {
    }

    /**
     * @param  list<int>  $stockIds
     * @return array<int, Resupply> by stock; where nothing is on its way, none
     */
    public function toStocks(array $stockIds): array
    {
        $lines = $this->open()->whereIn('l.stock_id', $stockIds)->get($this->columns())->groupBy('stock_id');
        $coming = $this->repairs->toStocks($stockIds);
        foreach ($lines as $stockId => $some) {
            $coming[(int) $stockId] = [...$coming[(int) $stockId] ?? [], ...$this->expected($some)];
        }

        return array_map(Resupply::of(...), $coming);
    }

    /**
     * @param  list<int>  $partIds
     * @return array<int, list<array{LocalDate, int}>> day and quantity that is expected at a site, by part
     */
    public function toParts(array $partIds, int $siteId): array
    {
        $coming = $this->repairs->toParts($partIds, $siteId);
        $lines = $this->open()
            ->where('l.site_id', $siteId)
            ->whereNotNull('l.stock_id')
            ->whereIn('l.part_id', $partIds)
            ->get([...$this->columns(), 'l.part_id']);
        foreach ($lines->whereNotNull('expected_on') as $one) {
            $coming[(int) $one->part_id][] = [
                LocalDate::parse((string) $one->expected_on),
                Quantity::parse((string) $one->quantity) - Quantity::parse((string) $one->received),
            ];
        }

        return $coming;
    }

    /** @return Collection<int, stdClass> the lines of a part at a site, first expected first */
    public function toPart(int $partId, int $siteId): Collection
    {
        return $this->open()
            ->where('l.site_id', $siteId)
            ->where('l.part_id', $partId)
            ->whereNotNull('l.stock_id')
            ->join('suppliers as s', 's.id', '=', 'p.supplier_id')
            ->orderByRaw('COALESCE(l.expected_on, p.expected_on) IS NULL')
            ->orderByRaw('COALESCE(l.expected_on, p.expected_on)')
            ->get([...$this->columns(), 'p.id as purchase_id', 'p.number', 's.name as supplier'])
            ->toBase();
    }

    private function open(): Builder
    {
        return DB::table('purchase_lines as l')
            ->join('purchases as p', 'p.id', '=', 'l.purchase_id')
            ->whereIn('p.state', [PurchaseState::Sent->value, PurchaseState::PartReceived->value])
            ->whereColumn('l.received', '<', 'l.quantity');
    }

    /** @return list<mixed> */
    private function columns(): array
    {
        return [
            'l.id',
            'l.stock_id',
            'l.quantity',
            'l.received',
            DB::raw('COALESCE(l.expected_on, p.expected_on) as expected_on'),
        ];
    }

    /**
     * @param  Collection<int, stdClass>  $lines  those without a day are promised to nobody
     * @return list<array{LocalDate, int}>
     */
    private function expected(Collection $lines): array
    {
        return array_values(
            $lines
                ->whereNotNull('expected_on')
                ->map(static fn (stdClass $one): array => [
                    LocalDate::parse((string) $one->expected_on),
                    Quantity::parse((string) $one->quantity) - Quantity::parse((string) $one->received),
                ])
                ->all(),
        );
    }
}
