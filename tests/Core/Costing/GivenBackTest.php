<?php

declare(strict_types=1);

use Sundial\Costing\GivenBack;

it('settles what was given back of an unknown cost, and leaves the rest unknown', function (
    array $lines,
    array $cents,
) {
    expect(GivenBack::settle($lines))->toBe($cents);
})->with([
    'nothing' => [[], []],
    'known ones' => [[['a', 1000, 300], ['a', -1000, -300]], [300, -300]],
    'one of unknown cost' => [[['a', 1000, null]], [null]],
    'given back, and booked with its price' => [
        [['a', 1000, null], ['a', -1000, null], ['a', 1000, 200]],
        [0, 0, 200],
    ],
    'one of two' => [[['a', 1000, null], ['a', 1000, null], ['a', -1000, null]], [null, 0, 0]],
    'less than was taken at once' => [[['a', 2000, null], ['a', -1000, null]], [null, 0]],
    'more than the last took' => [[['a', 1000, null], ['a', 2000, null], ['a', -3000, null]], [0, 0, 0]],
    'the last alone, where the first is larger' => [
        [['a', 3000, null], ['a', 1000, null], ['a', -2000, null]],
        [null, 0, 0],
    ],
    'another part' => [[['a', 1000, null], ['b', 1000, null], ['b', -1000, null]], [null, 0, 0]],
]);
