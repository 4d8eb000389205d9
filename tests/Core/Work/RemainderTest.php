<?php

declare(strict_types=1);

use Sundial\Work\Plan\Remainder;

it('takes what was booked of a trade off its labour lines in their order, whole minutes up', function (
    array $lines,
    array $booked,
    array $left,
) {
    expect(Remainder::labour($lines, $booked))->toBe($left);
})->with([
    [[[1, 2, 60], [1, 1, 30]], [], [60, 30]],
    [[[1, 2, 60], [1, 1, 30]], [[1, 50]], [35, 30]],
    [[[1, 2, 60], [1, 1, 30]], [[1, 20], [1, 31]], [35, 30]],
    [[[1, 2, 60], [1, 1, 30]], [[1, 130]], [0, 20]],
    [[[1, 2, 60], [1, 1, 30]], [[1, 500]], [0, 0]],
    'another trade' => [[[1, 1, 60], [2, 1, 60]], [[2, 60]], [60, 0]],
    'a trade that nobody planned' => [[[1, 1, 60]], [[3, 60], [null, 10]], [60]],
    [[], [[1, 10]], []],
]);

it('leaves of a part what was planned and not used, and no more than was planned', function () {
    expect([Remainder::part(2000, 500), Remainder::part(2000, 3000), Remainder::part(2000, -500)])
        ->toBe([1500, 0, 2000]);
});

it('leaves together what was planned less what was booked, and less than a minute a person more', function () {
    $dice = new Random\Randomizer(new Random\Engine\Mt19937(7));
    for ($i = 0; $i < 400; $i++) {
        $lines = array_map(
            static fn (): array => [1, $dice->getInt(1, 5), $dice->getInt(1, 240)],
            range(1, $dice->getInt(1, 6)),
        );
        $planned = array_sum(array_map(static fn (array $line): int => $line[1] * $line[2], $lines));
        $booked = $dice->getInt(0, 2 * $planned);
        $left = Remainder::labour($lines, [[1, $booked]]);
        $together = array_sum(array_map(static fn (array $line, int $one): int => $line[1] * $one, $lines, $left));
        $exact = max(0, $planned - $booked);
        expect($together)->toBeGreaterThanOrEqual($exact)->toBeLessThan($exact + 5);
        foreach ($lines as $at => $line) {
            expect($left[$at])->toBeLessThanOrEqual($line[2]);
        }
    }
});
