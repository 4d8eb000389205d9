<?php

declare(strict_types=1);

use Sundial\Costing\UnitPrice;
use Sundial\Life\Weibull;
use Sundial\Ops\ComputeSpares;
use Sundial\Stock\Exposure;
use Sundial\Stock\FailureDemand;
use Sundial\Stock\FailurePolicy;
use Sundial\Stock\LeadTime;
use Sundial\Stock\Maintained;
use Sundial\Stock\Promise;
use Sundial\Stock\PromisedStock;
use Sundial\Stock\ReorderPosition;
use Sundial\Stock\ServiceLevel;
use Sundial\Stock\Spares;
use Sundial\Stock\YearlyValue;
use Sundial\Support\InvalidInput;
use Tests\Core\Cases;

/** @param  array<string, mixed>  $expected */
function agrees(array $expected, array $said, float $tolerance): void
{
    foreach ($expected as $key => $value) {
        expect($said)->toHaveKey($key);
        is_array($value)
            ? agrees($value, $said[$key], $tolerance)
            : (is_float($value)
                ? expect(abs($said[$key] - $value))->toBeLessThanOrEqual(max(1e-300, abs($value) * $tolerance), $key)
                : expect($said[$key])->toEqual($value));
    }
}

it('counts how many are asked for as the reference does', function (string $topic, array $case) {
    $compute = ComputeSpares::$topic(...);
    if (isset($case['expected']['error'])) {
        try {
            $compute($case);
        } catch (InvalidInput $refused) {
            expect($refused->cause())->toBe($case['expected']['error']);

            return;
        }
        throw new LogicException('It was not refused.');
    }
    agrees($case['expected'], $compute($case), $case['tolerance'] ?? 1e-10);
})->with(function () {
    foreach (['poisson', 'spares'] as $topic) {
        foreach (Cases::of($topic) as $name => [$case]) {
            yield $name => [$topic, $case];
        }
    }
});

it('says what each further one buys, and never adds what visits take', function () {
    $failures = FailureDemand::atRate(2 / 365, 1, Exposure::resupply(60, 13));
    $spares = Spares::against($failures, 0.95);
    expect(round($failures->mean, 3))
        ->toBe(0.4)
        ->and($spares->s)
        ->toBe(2)
        ->and($spares->noStockOut(1))
        ->toBeLessThan(0.95)
        ->and($spares->shortage(0))
        ->toBeGreaterThan($spares->shortage(1))
        ->and(Spares::planned([[0.0, 2000], [73.0, 3000], [100.0, 1000]], Exposure::resupply(60, 13)))
        ->toBe(4000, 'visits exactly one exposure apart are not in one window');
});

it('is refused a life, a rate or a time that is none', function (Closure $make, string $cause) {
    try {
        $make();
    } catch (InvalidInput $refused) {
        expect($refused->cause())->toBe($cause);

        return;
    }
    throw new LogicException('It was not refused.');
})->with([
    [static fn () => Weibull::of(0, 100), 'invalid_life'],
    [static fn () => Exposure::resupply(-1, 5), 'invalid_exposure'],
    [static fn () => FailureDemand::atRate(1, -1, Exposure::horizon(1)), 'invalid_units'],
]);

it('buys just above the point, by the usual quantity, or up to the most', function (
    int $free,
    ?int $point,
    ?int $usual,
    ?int $most,
    int $buys,
) {
    $position = ReorderPosition::of(PromisedStock::of($free * 1000), 0, 0, $point === null ? null : $point * 1000);
    $thousands = static fn (?int $many): ?int => $many === null ? null : $many * 1000;
    expect($position->toBuy($thousands($usual), $thousands($most)))->toBe($buys * 1000);
})->with([
    'above it' => [5, 4, 10, null, 0],
    'at it, so many at a time' => [4, 4, 10, null, 10],
    'twice, where once does not lift it' => [0, 12, 10, null, 20],
    'at it, one by one' => [4, 4, null, null, 1],
    'up to the most' => [2, 4, null, 9, 7],
    'no point, nothing short' => [0, null, 10, null, 0],
]);

it('buys what is short where there is no point', function () {
    $stock = PromisedStock::of(1000, Promise::to('order 1', 1000, 2500));
    expect(ReorderPosition::of($stock, 0, 0, null)->toBuy(null, null))->toBe(3000);
});

it('takes the median and the 80th percentile of the days that were seen', function () {
    expect(LeadTime::of())
        ->toBeNull()
        ->and([LeadTime::of(30, 40, 45, 50, 90)?->median, LeadTime::of(30, 40, 45, 50, 90)?->mostly])
        ->toBe([45, 58])
        ->and(LeadTime::of(7)?->mostly)
        ->toBe(7);
});

it('puts into class A what makes up four fifths of the value of a year', function () {
    expect(YearlyValue::classes([1 => 700, 2 => 200, 3 => 60, 4 => 40, 5 => 0]))
        ->toBe([1 => 'A', 2 => 'A', 3 => 'B', 4 => 'C', 5 => 'C'])
        ->and(YearlyValue::classes([1 => 800, 2 => 150, 3 => 50]))
        ->toBe([1 => 'A', 2 => 'B', 3 => 'C'], 'exactly four fifths are full');
});

it('starts anew without a failure at the interval, as often as it comes round', function () {
    // Whatever fails at any age alike fails as often, whether it is replaced or not.
    $unit = Maintained::by(FailurePolicy::ReplacedAsNew, Weibull::of(1, 100), 50);
    foreach (FailureDemand::ofAges($unit, [0, 20, 50], Exposure::horizon(300))->perUnit as $failures) {
        expect(abs($failures - 3))->toBeLessThan(3e-6);
    }
});

it('shows the usual sum and what holding costs beside it', function () {
    $failures = FailureDemand::atRate(FailureDemand::counted(3000, 2, 1.5), 2, Exposure::resupply(0.1, 0));
    expect([$failures->rate, $failures->within(1), Spares::usualSum($failures, 0.5, 2000)])
        ->toBe([1.0, 2.0, 3])
        ->and(Spares::usualSum($failures, 0.6, 2000))
        ->toBe(4)
        ->and(Spares::holdingCost(2, UnitPrice::parse('14.21'), 20))
        ->toBe(568)
        ->and(array_map(ServiceLevel::usual(...), ['A', 'B', null]))
        ->toBe([99, 95, 90]);
});
