<?php

declare(strict_types=1);

use Sundial\Costing\UnitPrice;
use Sundial\Support\InvalidInput;

it('costs a quantity to the cent, rounded once', function (string $price, int $thousandths, int $cents) {
    expect(UnitPrice::parse($price)->times($thousandths))->toBe($cents);
})->with([
    'three at 6.3333' => ['6.3333', 3000, 1900],
    'half a metre at 12.50' => ['12.5', 500, 625],
    'half a cent goes up' => ['0.005', 1000, 1],
    'a return of the same goes down' => ['0.005', -1000, -1],
    'nothing costs nothing' => ['9.99', 0, 0],
]);

it('writes a price with two places at least and four at most', function (string $typed, string $plain) {
    expect(UnitPrice::parse($typed)->plain())->toBe($plain);
})->with([['6.3333', '6.3333'], ['12', '12.00'], ['12,5', '12.50'], ['0', '0.00']]);

it('takes no price below zero', function () {
    UnitPrice::parse('-1');
})->throws(InvalidInput::class);
