<?php

declare(strict_types=1);

namespace App\Stores\Pages;

use App\People\Queries\PeopleLists;
use App\Platform\Access\Rights;
use App\Platform\Sites\CurrentSite;
use App\Stores\Queries\Proposal;
use App\Stores\Queries\Purchases;
use App\Stores\Queries\StockOf;
use App\Stores\Queries\ToBuyIn;
use App\Stores\Queries\WhatToBuyNow;
use App\Stores\Wording\PartsWording;
use Sundial\Access\Right;

/** What to buy, by supplier, and what was bought. */
final readonly class BuyingPage
{
    /** Suppliers in the first answer; the others may follow. */
    private const FIRST = 2;

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

    /** What should be bought, by supplier: those that are named first, and by name. */
    public function known(): BuyingKnown
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

        return new BuyingKnown($toBuy, $by, $suppliers, $this->stock->stores($siteId));
    }

    /** @return array<string, mixed> the first suppliers */
    public function __invoke(BuyingKnown $known): array
    {
        return [
            'groups' => $this->groups($known, 0, self::FIRST),
            ...$this->shared($known),
        ];
    }

    /** @return array<string, mixed> the other suppliers, and what is under way */
    public function rest(BuyingKnown $known): array
    {
        $siteId = $this->site->id();

        return [
            'groups' => $this->groups($known, self::FIRST, null),
            'open' => $this->purchases->open($siteId),
            'over' => $this->purchases->over($siteId),
            ...$this->shared($known),
        ];
    }

    /** @return array<string, mixed> */
    private function shared(BuyingKnown $known): array
    {
        return [
            'suppliers' => $known->suppliers,
            'stores' => $known->stores,
            'partsWords' => $this->words,
            'today' => $this->site->today(),
            'currency' => $this->site->get()->currency,
            'buys' => Rights::has(Right::KeepStores),
            'seesPrices' => Rights::has(Right::SeePrices),
        ];
    }

    /** @return list<array<string, mixed>> */
    private function groups(BuyingKnown $known, int $from, ?int $most): array
    {
        $some = array_slice($known->by, $from, $most, true);
        $shelf = array_merge(...array_column($some, 'shelf'));
        $saving = [];
        foreach ($this->proposals->saving($this->site->id(), $known->toBuy, $shelf) as $one) {
            $saving[(int) $one->part->supplier_id][] = $one;
        }
        $names = $known->suppliers->pluck('name', 'id');
        $groups = [];
        foreach ($some as $id => $group) {
            $orders = $group['orders'] ?? [];
            $lines = $saving[$id] ?? [];
            $groups[] = [
                'id' => $id,
                'name' => $names[$id] ?? 'No supplier named',
                'shelf' => $lines,
                'orders' => $orders,
                'lines' => count($lines) + count($orders),
                'late' => self::late($lines),
            ];
        }

        return $groups;
    }

    /** @param  list<Proposal>  $proposals */
    private static function late(array $proposals): string
    {
        $late = count(array_filter($proposals, static fn (Proposal $one): bool => $one->shortFrom !== null));

        return match ($late) {
            0 => '',
            1 => ', 1 that runs short',
            default => ", {$late} that run short",
        };
    }
}
