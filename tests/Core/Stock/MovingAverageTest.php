<?php

declare(strict_types=1);

use Sundial\Costing\UnitPrice;
use Sundial\Ops\ComputeStock;
use Sundial\Stock\StockBalance;
use Sundial\Support\InvalidInput;
use Tests\Core\Cases;

use function Tests\Core\tries;

it('values stock by moving average as the reference does', function (array $case) {
    expect(ComputeStock::movingAverage($case))->toEqual($case['expected']);
})->with(Cases::of('moving_average'));

it('is worth what the example of the definition says', function () {
    $balance = StockBalance::none()
        ->receive(10000, UnitPrice::parse('4'))
        ->after->receive(5000, UnitPrice::parse('7'))->after;
    $issue = $balance->issue(4000);
    expect([$balance->cents, $balance->average()?->plain()])
        ->toBe([7500, '5.00'])
        ->and([$issue->cents, $issue->after->cents, $issue->after->onHand])
        ->toBe([-2000, 5500, 11000]);
});

it('refuses nothing, less than nothing, and a price that nobody knows', function () {
    $balance = StockBalance::none();
    expect(static fn () => $balance->receive(0, UnitPrice::of(1)))
        ->toThrow(InvalidInput::class)
        ->and(static fn () => $balance->issue(-1))
        ->toThrow(InvalidInput::class)
        ->and(static fn () => $balance->count(-1))
        ->toThrow(InvalidInput::class)
        ->and(static fn () => $balance->count(1000))
        ->toThrow(InvalidInput::class, 'Give a price');
});

it('never loses a cent, however it is moved', function () {
    mt_srand(20261127);
    foreach (range(1, tries(2000)) as $ignored) {
        $balance = StockBalance::none();
        [$quantity, $cents, $out] = [0, 0, null];
        foreach (range(1, 30) as $step) {
            try {
                $move = match (mt_rand(0, 3)) {
                    0 => $balance->receive(mt_rand(1, 5000), UnitPrice::of(mt_rand(0, 99999999))),
                    1 => $balance->issue(mt_rand(1, 5000)),
                    2 => $balance->count(mt_rand(0, 6000)),
                    default => $out === null ? $balance->issue(1) : $balance->takeBack(mt_rand(1, 3000), $out)[0],
                };
            } catch (InvalidInput) {
                continue;
            }
            $quantity += $move->quantity;
            $cents += $move->cents;
            $balance = $move->after;
            $out = $move->quantity < 0 ? $move->issued() : null;
            expect([$balance->onHand, $balance->cents])
                ->toBe([$quantity, $cents])
                ->and($balance->cents)
                ->toBeGreaterThanOrEqual(0);
            if ($balance->onHand === 0) {
                expect($balance->cents)->toBe(0);
            }
        }
    }
});
