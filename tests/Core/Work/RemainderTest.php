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

it('leaves together what was planned less what was booked, and less than a minute a person more', function () {
    $dice = new Random\Randomizer(new Random\Engine\Mt19937(7));
    for ($i = 0; $i < 400; $i++) {
        $lines = array_map(
            static fn (): array => [$dice->getInt(1, 5), $dice->getInt(1, 240)],
            range(1, $dice->getInt(1, 6)),
        );
        $planned = array_sum(array_map(static fn (array $line): int => $line[0] * $line[1], $lines));
        $booked = $dice->getInt(0, 2 * $planned);
        $left = Remainder::labour($lines, $booked);
        $together = array_sum(array_map(static fn (array $line, int $one): int => $line[0] * $one, $lines, $left));
        $exact = max(0, $planned - $booked);
        expect($together)->toBeGreaterThanOrEqual($exact)->toBeLessThan($exact + 5);
        foreach ($lines as $at => $line) {
            expect($left[$at])->toBeLessThanOrEqual($line[1]);
        }
    }
});
