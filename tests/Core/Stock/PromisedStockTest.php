<?php

declare(strict_types=1);

use Sundial\Ops\ComputeStock;
use Sundial\Stock\Consent;
use Sundial\Stock\PromisedStock;
use Sundial\Stock\ReorderPosition;
use Sundial\Support\InvalidInput;
use Tests\Core\Cases;

it('promises, takes, gives way and proposes to buy as the reference does', function (array $case) {
    expect(ComputeStock::reorder($case))->toEqual(['steps' => $case['expected']['steps']]);
})->with(Cases::of('reorder'));

it('never promises more than there is, and never goes below nothing', function () {
    mt_srand(20261127);
    $stock = PromisedStock::of(0);
    foreach (range(1, 3000) as $ignored) {
        $order = 'W'.mt_rand(1, 6);
        $quantity = mt_rand(0, 4000);
        try {
            $stock = match (mt_rand(0, 5)) {
                0 => $stock->add($quantity),
                1 => $stock->approve($order, $quantity),
                2 => $stock->reserve($order),
                3 => $stock->release($order),
                4 => $stock->take($quantity, $order, Consent::cases()[mt_rand(0, 2)])->after,
                default => $stock->count($quantity, Consent::cases()[mt_rand(0, 2)])->after,
            };
        } catch (InvalidInput) {
            continue;
        }
        expect($stock->reserved())
            ->toBeLessThanOrEqual($stock->onHand)
            ->and($stock->free())
            ->toBeGreaterThanOrEqual(0)
            ->and($stock->shortages())
            ->toBeGreaterThanOrEqual(0);
    }
});

it('proposes only shortages where there is no reorder point', function () {
    $stock = PromisedStock::of(3000);
    expect(ReorderPosition::of($stock, 0, 3000, null)->isReached())
        ->toBeFalse()
        ->and(ReorderPosition::of($stock->approve('W1', 3001), 0, 0, null)->isReached())
        ->toBeTrue()
        ->and(ReorderPosition::of($stock, 1000, 0, 4000)->isReached())
        ->toBeTrue();
});
