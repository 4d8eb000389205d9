<?php

declare(strict_types=1);

use Sundial\Meters\Beyond;
use Sundial\Meters\Gauge;
use Sundial\Support\InvalidInput;

it('says which limit a gauge lies beyond, and when it is back', function (array $readings, ?Beyond $beyond) {
    expect(Gauge::of(2000, 8000, 500, 1)->beyond($readings))->toBe($beyond);
})->with([
    'no reading' => [[], null],
    'inside' => [[5000], null],
    'at the limit' => [[8000], null],
    'above' => [[8001], Beyond::High],
    'below' => [[1999], Beyond::Low],
    'back, but not by the hysteresis' => [[8100, 7600], Beyond::High],
    'back by the hysteresis' => [[8100, 7500], null],
    'never beyond, close to it' => [[7900], null],
    'from one to the other' => [[8100, 1000], Beyond::Low],
    'up from below, not enough' => [[1000, 2400], Beyond::Low],
    'up from below' => [[1000, 2500], null],
    'back and close again' => [[8100, 7000, 7900], null],
]);

it('needs limits that leave room', function (callable $make, string $field) {
    try {
        $make();
        $this->fail('taken');
    } catch (InvalidInput $e) {
        expect($e->field())->toBe($field);
    }
})->with([
    'crossed' => [fn () => Gauge::of(5, 5), 'high_limit'],
    'no room' => [fn () => Gauge::of(0, 10, 6), 'hysteresis'],
    'negative' => [fn () => Gauge::of(0, 10, -1), 'hysteresis'],
    'places' => [fn () => Gauge::of(null, null, 0, 4), 'decimals'],
]);

it('may have one limit or none', function () {
    expect(Gauge::of(null, 100)->beyond([-999, 101]))
        ->toBe(Beyond::High)
        ->and(Gauge::of(-5000)->beyond([-5001]))
        ->toBe(Beyond::Low)
        ->and(Gauge::of()->beyond([1, -1]))
        ->toBeNull();
});
