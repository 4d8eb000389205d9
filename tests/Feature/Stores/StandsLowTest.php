<?php

declare(strict_types=1);

use App\Stores\Actions\StockInStore;
use App\Stores\Models\Stock;
use App\Stores\Queries\Proposal;
use App\Stores\Queries\WhatToBuyNow;
use Sundial\Stock\Promise;
use Sundial\Stock\PromisedStock;
use Sundial\Stock\ReorderPosition;
use Sundial\Support\Quantity;
use Tests\Feature\Plant;
use Tests\Feature\Stores\Shelf;

use function Tests\Core\tries;

it('proposes just those parts that stand low over all their stores together', function (int $seed) {
    mt_srand($seed);
    $plant = Plant::build();
    $shelf = Shelf::of($plant);
    $shed = $shelf->another('SHED', 'Shed');
    $low = [];
    foreach (range(1, 12) as $i) {
        $rows = [$shelf->part("P-{$i}")];
        if (mt_rand(0, 1) === 1) {
            $rows[] = app(StockInStore::class)($rows[0]->part_id, $shed);
        }
        $sums = ['hand' => 0, 'promised' => 0, 'short' => 0, 'point' => null];
        foreach ($rows as $row) {
            $hand = mt_rand(0, 4) * 1000;
            $promised = mt_rand(0, intdiv($hand, 1000)) * 1000;
            $short = mt_rand(0, 3) === 0 ? 1000 : 0;
            $point = mt_rand(0, 2) === 0 ? null : mt_rand(0, 4) * 1000;
            Stock::query()->whereKey($row->id)->update([
                'on_hand' => Quantity::plain($hand),
                'promised' => Quantity::plain($promised),
                'short' => Quantity::plain($short),
                'reorder_point' => $point === null ? null : Quantity::plain($point),
            ]);
            $sums['hand'] += $hand;
            $sums['promised'] += $promised;
            $sums['short'] += $short;
            $sums['point'] = $point === null ? $sums['point'] : ($sums['point'] ?? 0) + $point;
        }
        $position = ReorderPosition::of(
            PromisedStock::of($sums['hand'], Promise::to('orders', $sums['promised'], $sums['short'])),
            0,
            0,
            $sums['point'],
        );
        if ($position->toBuy(null, null) > 0) {
            $low[] = "P-{$i}";
        }
    }

    $proposed = array_map(
        static fn (Proposal $one): string => $one->part->number,
        app(WhatToBuyNow::class)($plant->site->id)->proposals,
    );
    sort($proposed);
    sort($low);

    expect($proposed)->toBe($low)->and($low)->not->toBe([]);
})->with(range(1, max(6, tries(60))));
