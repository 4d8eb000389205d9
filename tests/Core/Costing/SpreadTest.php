<?php

declare(strict_types=1);

use Sundial\Calendar\LocalDate;
use Sundial\Costing\CostEntry;
use Sundial\Costing\CostKind;
use Sundial\Costing\LockedCosts;
use Sundial\Costing\SpentOn;
use Sundial\Costing\Spread;
use Sundial\Costing\SpreadBy;

it('spreads a line over the assets, to the cent and the second', function (
    SpreadBy $by,
    array $minutes,
    array $leftOut,
    array $line,
    array $shares,
) {
    expect(Spread::over($by, $minutes, $leftOut)->line(...$line))->toBe($shares);
})->with([
    'equal, the odd cent to the first' => [
        SpreadBy::Equal,
        [5 => 10, 7 => 50, 9 => 0],
        [],
        [null, 100, 60],
        [5 => [34, 20], 7 => [33, 20], 9 => [33, 20]],
    ],
    'by planned minutes' => [
        SpreadBy::Minutes,
        [5 => 10, 7 => 30],
        [],
        [null, 100, 400],
        [5 => [25, 100], 7 => [75, 300]],
    ],
    'one left out weighs nothing' => [
        SpreadBy::Equal,
        [5 => 1, 7 => 1, 9 => 1],
        [7],
        [null, 100, 0],
        [5 => [50, 0], 9 => [50, 0]],
    ],
    'booked on one stays there' => [
        SpreadBy::Equal,
        [5 => 1, 7 => 1],
        [7],
        [7, 100, 60],
        [7 => [100, 60]],
    ],
    'nothing planned is equal' => [
        SpreadBy::Minutes,
        [5 => 0, 7 => 0],
        [],
        [null, 10, 0],
        [5 => [5, 0], 7 => [5, 0]],
    ],
    'only one left has no minutes' => [
        SpreadBy::Minutes,
        [5 => 10, 7 => 0],
        [5],
        [null, 10, 0],
        [7 => [10, 0]],
    ],
    'all left out carry the same' => [
        SpreadBy::Equal,
        [5 => 1, 7 => 1],
        [5, 7],
        [null, 10, 0],
        [5 => [5, 0], 7 => [5, 0]],
    ],
    'unknown is unknown for each' => [
        SpreadBy::Equal,
        [5 => 1, 7 => 1, 9 => 1],
        [9],
        [null, null, 60],
        [5 => [null, 30], 7 => [null, 30]],
    ],
    'what was taken back mirrors it' => [
        SpreadBy::Equal,
        [5 => 1, 7 => 1, 9 => 1],
        [],
        [null, -100, 0],
        [5 => [-34, 0], 7 => [-33, 0], 9 => [-33, 0]],
    ],
]);

it('adds up to the whole, whatever is spread', function () {
    $dice = new Random\Randomizer(new Random\Engine\Mt19937(5));
    for ($i = 0; $i < 500; $i++) {
        $minutes = [];
        for ($asset = 1; $asset <= $dice->getInt(1, 12); $asset++) {
            $minutes[$asset] = $dice->getInt(0, 90);
        }
        $out = array_values(array_filter(array_keys($minutes), static fn (): bool => $dice->getInt(0, 3) === 0));
        $spread = Spread::over($dice->getInt(0, 1) === 0 ? SpreadBy::Equal : SpreadBy::Minutes, $minutes, $out);
        [$cents, $seconds] = [$dice->getInt(-50000, 90000), $dice->getInt(0, 40000)];
        $shares = $spread->line(null, $cents, $seconds);
        expect(array_sum(array_column($shares, 0)))
            ->toBe($cents)
            ->and(array_sum(array_column($shares, 1)))
            ->toBe($seconds);
        if (count($out) < count($minutes)) {
            expect(array_intersect(array_keys($shares), $out))->toBe([]);
        }
    }
});

it('leaves locked months as they are, and counts what changed on the first open day', function () {
    $entry = static fn (int $source, string $day, ?int $cents, int $place = 1): CostEntry => CostEntry::of(
        CostKind::Labour,
        $source,
        $place,
        SpentOn::Plan,
    )->amount(LocalDate::parse($day), $cents, 60 * (int) $cents);
    $lock = LockedCosts::through(LocalDate::parse('2026-02-28'));
    $told = static fn (array $entries): array => array_map(
        static fn (CostEntry $one): array => [
            $one->source,
            $one->place,
            (string) $one->day,
            $one->cents,
            $one->seconds,
        ],
        $entries,
    );
    // As it was: nothing to do but what lies on open days.
    $first = $entry(1, '2026-02-10', 500);
    expect($told($lock->settle([$first, $entry(2, '2026-03-02', 70)], [$first])))
        ->toBe([[2, 1, '2026-03-02', 70, 4200]])
        // Struck out after the lock.
        ->and($told($lock->settle([], [$entry(1, '2026-02-10', 500)])))
        ->toBe([[1, 1, '2026-03-01', -500, -30000]])
        // Booked late, into a locked month.
        ->and($told($lock->settle([$entry(3, '2026-01-05', 90)], [])))
        ->toBe([[3, 1, '2026-03-01', 90, 5400]])
        // Spread otherwise: from one to the other.
        ->and($told($lock->settle([$entry(1, '2026-02-10', 500, 2)], [$entry(1, '2026-02-10', 500)])))
        ->toBe([[1, 2, '2026-03-01', 500, 30000], [1, 1, '2026-03-01', -500, -30000]])
        // A counter-entry that was locked itself by the next month is not made twice.
        ->and(
            $told(
                LockedCosts::through(LocalDate::parse('2026-03-31'))->settle(
                    [],
                    [$entry(1, '2026-02-10', 500), $entry(1, '2026-03-01', -500)],
                ),
            ),
        )
        ->toBe([]);
});
