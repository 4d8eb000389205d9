<?php

declare(strict_types=1);

use Sundial\Work\Plan\Remainder;

it('takes what was booked off the labour lines in their order, whole minutes up', function (
    array $lines,
    int $booked,
    array $left,
) {
    expect(Remainder::labour($lines, $booked))->toBe($left);
})->with([
    [[[2, 60], [1, 30]], 0, [60, 30]],
    [[[2, 60], [1, 30]], 50, [35, 30]],
    [[[2, 60], [1, 30]], 51, [35, 30]],
    [[[2, 60], [1, 30]], 130, [0, 20]],
    [[[2, 60], [1, 30]], 500, [0, 0]],
    [[], 10, []],
]);

it('leaves of a part what was planned and not used, and no more than was planned', function () {
    expect([Remainder::part(2000, 500), Remainder::part(2000, 3000), Remainder::part(2000, -500)])
        ->toBe([1500, 0, 2000]);
});
