<?php

declare(strict_types=1);

use Sundial\Stock\Exposure;
use Sundial\Stock\OutForRepair;
use Sundial\Support\InvalidInput;

it('brings back a share of the value and what the repair cost, and loses what is beyond repair', function () {
    [$back, $lost, $left] = OutForRepair::with(4000, 10000)->comeBack(2000, 1000, 3000);
    expect([$back, $lost, $left->thousandths, $left->cents])->toBe([8000, 2500, 1000, 2500]);
    [$back, $lost, $left] = $left->comeBack(0, 1000, 500);
    expect([$back, $lost, $left->thousandths, $left->cents])->toBe([0, 3000, 0, 0]);
});

it('never loses a cent of the value between what comes back, what is lost and what is out', function () {
    $out = OutForRepair::with(7000, 10001);
    [$sum, $paid] = [0, 0];
    foreach ([[1000, 1000, 333], [0, 2000, 100], [1000, 0, 1], [2000, 0, 0]] as [$mended, $beyond, $cost]) {
        [$back, $lost, $out] = $out->comeBack($mended, $beyond, $cost);
        $sum += $back + $lost;
        $paid += $cost;
    }
    expect([$sum, $out->thousandths, $out->cents])->toBe([10001 + $paid, 0, 0]);
});

it('expects whole pieces back, and refuses what cannot be', function () {
    expect(OutForRepair::with(5000, 0)->expected(30))
        ->toBe(3000)
        ->and(OutForRepair::with(5000, 0)->expected(0))
        ->toBe(5000)
        ->and(OutForRepair::with(1000, 0)->expected(10))
        ->toBe(0)
        ->and(fn () => OutForRepair::with(1000, 0)->comeBack(1000, 1000, 0))
        ->toThrow(InvalidInput::class, 'More come back')
        ->and(fn () => OutForRepair::with(1000, 0)->comeBack(0, 0, 0))
        ->toThrow(InvalidInput::class);
});

it('lasts until a repair comes back, and until resupply comes for what is beyond repair', function () {
    $repair = Exposure::repair(20, 0.25, Exposure::resupply(60, 7));
    expect($repair->length)->toBe(0.75 * 20 + 0.25 * 60 + 7)->and($repair->kind)->toBe('repair');
    Exposure::repair(20, 1.5, Exposure::resupply(60, 7));
})->throws(InvalidInput::class);
