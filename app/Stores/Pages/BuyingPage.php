<?php

declare(strict_types=1);

namespace App\Stores\Pages;

use App\People\Models\Supplier;
use App\People\Queries\PeopleLists;
use App\Platform\Access\Rights;
use App\Platform\Sites\CurrentSite;
use App\Stores\Queries\Purchases;
use App\Stores\Queries\StockOf;
use App\Stores\Queries\ToBuyIn;
use App\Stores\Queries\WhatToBuyNow;
use App\Stores\Wording\PartsWording;
use Illuminate\Support\Collection;
use Sundial\Access\Right;

/** What to buy, by supplier, and what was bought. */
final readonly class BuyingPage
{
    public function __construct(
        private CurrentSite $site,
        private WhatToBuyNow $proposals,
        private ToBuyIn $boughtIn,
        private Purchases $purchases,
        private StockOf $stock,
        private PeopleLists $people,
        private PartsWording $words,
    ) {
    }

    /** @return array<string, mixed> what is to buy, of some suppliers line by line and of the others by name */
    public function __invoke(?int $supplierId): array
    {
        $known = $this->bySupplier();
        $shown = $known->shown($supplierId);

        return [
            'groups' => $this->groups($known, $shown),
            'more' => array_map(static fn (int $id): array => [
                'id' => $id,
                'name' => $known->name($id),
                'lines' => $known->lines($id),
                'late' => $known->late($id),
            ], array_values(array_diff(array_keys($known->by), $shown))),
            ...$this->shared($known->suppliers),
        ];
    }

    /** @return array<string, mixed> what is under way and over, and what buying something else asks for */
    public function rest(): array
    {
        $siteId = $this->site->id();

        return [
            'open' => $this->purchases->open($siteId),
            'over' => $this->purchases->over($siteId),
            ...$this->shared($this->people->suppliers()),
        ];
    }

    /**
     * @param  Collection<int, Supplier>  $suppliers
     * @return array<string, mixed>
     */
    private function shared(Collection $suppliers): array
    {
        return [
            'suppliers' => $suppliers,
            'stores' => $this->stock->stores($this->site->id()),
            'partsWords' => $this->words,
            'today' => $this->site->today(),
            'currency' => $this->site->get()->currency,
            'buys' => Rights::has(Right::KeepStores),
            'seesPrices' => Rights::has(Right::SeePrices),
        ];
    }

    /** What should be bought, by supplier: those that are named first, and by name. */
    private function bySupplier(): BuyingBySupplier
    {
        $siteId = $this->site->id();
        $toBuy = ($this->proposals)($siteId);
        $by = [];
        foreach ($toBuy->proposals as $one) {
            $by[(int) $one->part->supplier_id]['shelf'][] = $one;
        }
        foreach (($this->boughtIn)($siteId) as $one) {
            $by[(int) $one->supplierId]['orders'][] = $one;
        }
        $suppliers = $this->people->suppliers();
        $names = $suppliers->pluck('name', 'id');
        uksort($by, static fn (int $a, int $b): int => [$a === 0, $names[$a] ?? ''] <=> [$b === 0, $names[$b] ?? '']);

        return new BuyingBySupplier($toBuy, $by, $suppliers);
    }

    /**
     * @param  list<int>  $ids  suppliers
     * @return list<array<string, mixed>>
     */
    private function groups(BuyingBySupplier $known, array $ids): array
    {
        $shelf = array_merge(...array_map(static fn (int $id): array => $known->by[$id]['shelf'] ?? [], $ids));
        $saving = [];
        foreach ($this->proposals->saving($this->site->id(), $known->toBuy, $shelf) as $one) {
            $saving[(int) $one->part->supplier_id][] = $one;
        }

        return array_map(static fn (int $id): array => [
            'id' => $id,
            'name' => $known->name($id),
            'shelf' => $saving[$id] ?? [],
            'orders' => $known->by[$id]['orders'] ?? [],
            'lines' => $known->lines($id),
            'late' => $known->late($id),
        ], $ids);
    }
}
