<?php

declare(strict_types=1);

use Sundial\Support\Rounding;

it('rounds to the nearest, halves away from zero', function (int $over, int $under, int $nearest, int $up, int $down) {
    expect([
        Rounding::divideHalfAwayFromZero($over, $under),
        Rounding::divideUp($over, $under),
        Rounding::divideDown($over, $under),
    ])->toBe([$nearest, $up, $down]);
})->with([
    'whole' => [6, 3, 2, 2, 2],
    'below the half' => [7, 3, 2, 3, 2],
    'above the half' => [8, 3, 3, 3, 2],
    'a half' => [5, 2, 3, 3, 2],
    'a half below zero' => [-5, 2, -3, -2, -3],
    'below zero' => [-7, 3, -2, -2, -3],
    'nothing' => [0, 7, 0, 0, 0],
    'an odd denominator has no half' => [4, 7, 1, 1, 0],
]);
