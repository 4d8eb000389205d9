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

    /** @return array<string, mixed> */
    public function __invoke(): array
    {
        $siteId = $this->site->id();
        $by = [];
        foreach (($this->proposals)($siteId) as $one) {
            $by[(int) $one->part->supplier_id]['shelf'][] = $one;
        }
        foreach (($this->boughtIn)($siteId) as $one) {
            $by[(int) $one->supplierId]['orders'][] = $one;
        }
        $names = $this->people->suppliers()->pluck('name', 'id');
        uksort($by, static fn (int $a, int $b): int => [$a === 0, $names[$a] ?? ''] <=> [$b === 0, $names[$b] ?? '']);

        return [
            'groups' => array_map(static fn (array $group, int $id): array => [
                'id' => $id,
                'name' => $names[$id] ?? 'No supplier named',
                'shelf' => $group['shelf'] ?? [],
                'orders' => $group['orders'] ?? [],
                'lines' => count($group['shelf'] ?? []) + count($group['orders'] ?? []),
                'late' => self::late($group['shelf'] ?? []),
            ], $by, array_keys($by)),
            'suppliers' => $this->people->suppliers(),
            'stores' => $this->stock->stores($siteId),
            'open' => $this->purchases->open($siteId),
            'over' => $this->purchases->over($siteId),
            'partsWords' => $this->words,
            'today' => $this->site->today(),
            'currency' => $this->site->get()->currency,
            'buys' => Rights::has(Right::KeepStores),
            'seesPrices' => Rights::has(Right::SeePrices),
        ];
    }

    /** @param  list<Proposal>  $proposals */
    private static function late(array $proposals): string
    {
        $late = count(array_filter($proposals, static fn (Proposal $one): bool => $one->saves !== []));

        return match ($late) {
            0 => '',
            1 => ', 1 that runs short',
            default => ", {$late} that run short",
        };
    }
}
