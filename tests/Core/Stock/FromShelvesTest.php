<?php

declare(strict_types=1);

use Sundial\Stock\FromShelves;

it('takes what is promised first, then where most is free, and asks the first shelf for what is left', function (
    int $wanted,
    array $shelves,
    array $taken,
) {
    expect(FromShelves::of($shelves)->take($wanted))->toBe($taken);
})->with([
    'promised, then free' => [6000, [1 => [2000, 1000], 2 => [0, 5000]], [1 => 2000, 2 => 4000]],
    'all from one where it fits' => [4000, [1 => [0, 4000], 2 => [0, 9000]], [2 => 4000]],
    'in two where neither has enough' => [5000, [1 => [0, 2000], 2 => [0, 3000]], [1 => 2000, 2 => 3000]],
    'of equals the first' => [1000, [7 => [0, 3000], 2 => [0, 3000]], [7 => 1000]],
    'what no shelf has waits at the first' => [9000, [5 => [1000, 0], 2 => [0, 2000]], [5 => 7000, 2 => 2000]],
    'promised in two' => [3000, [1 => [1000, 0], 2 => [2000, 4000]], [1 => 1000, 2 => 2000]],
    'nothing wanted' => [0, [1 => [1000, 1000]], []],
    'no shelf' => [2000, [], []],
]);
