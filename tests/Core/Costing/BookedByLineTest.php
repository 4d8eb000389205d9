<?php

declare(strict_types=1);

use Sundial\Costing\BookedByLine;

it('fills the lines of a trade in their order, the last with what is more, the cost by minutes', function (
    array $lines,
    array $booked,
    array $minutes,
    array $cents,
    array $rest,
) {
    $by = BookedByLine::of($lines, $booked);
    expect($by->minutes)
        ->toBe($minutes)
        ->and($by->cents)
        ->toBe($cents)
        ->and([$by->restMinutes, $by->restCents])
        ->toBe($rest);
})->with([
    'less than planned' => [
        [5 => [1, 60], 6 => [1, 30]], [[1, 70, 700]],
        [5 => 60, 6 => 10],
        [5 => 600, 6 => 100],
        [0, 0],
    ],
    'more than planned' => [
        [5 => [1, 60], 6 => [1, 30]], [[1, 120, 100]],
        [5 => 60, 6 => 60],
        [5 => 50, 6 => 50],
        [0, 0],
    ],
    'several bookings' => [[5 => [1, 90]], [[1, 30, 100], [1, 30, 101]], [5 => 60], [5 => 201], [0, 0]],
    'a trade nobody planned' => [[5 => [1, 60]], [[2, 30, 900], [null, 10, null]], [5 => 0], [5 => 0], [40, 900]],
    'an unknown cost counts as none' => [[5 => [1, 60]], [[1, 60, null]], [5 => 60], [5 => 0], [0, 0]],
    'no line' => [[], [[1, 60, 600]], [], [], [60, 600]],
]);

it('always adds up to what was booked', function () {
    $dice = new Random\Randomizer(new Random\Engine\Mt19937(11));
    for ($i = 0; $i < 400; $i++) {
        $lines = [];
        for ($line = 1; $line <= $dice->getInt(0, 5); $line++) {
            $lines[$line * 3] = [$dice->getInt(1, 3), $dice->getInt(1, 200)];
        }
        $booked = array_map(
            static fn (): array => [$dice->getInt(1, 4), $dice->getInt(1, 300), $dice->getInt(0, 9999)],
            range(1, $dice->getInt(1, 6)),
        );
        $by = BookedByLine::of($lines, $booked);
        expect(array_sum($by->minutes) + $by->restMinutes)
            ->toBe(array_sum(array_column($booked, 1)))
            ->and(array_sum($by->cents) + $by->restCents)
            ->toBe(array_sum(array_column($booked, 2)));
    }
});
