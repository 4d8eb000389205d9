<?php

declare(strict_types=1);

use Sundial\Costing\Allocation;
use Sundial\Costing\BookedDay;
use Sundial\Costing\CostEntry;
use Sundial\Costing\CostKind;
use Sundial\Costing\CostSum;
use Sundial\Costing\LockedCosts;
use Sundial\Costing\Overtime;
use Sundial\Costing\Recharge;
use Sundial\Costing\SpentOn;
use Sundial\Costing\Spread;
use Sundial\Costing\SpreadBy;
use Sundial\Costing\WorkedMinutes;
use Sundial\Support\InvalidInput;
use Sundial\Work\WorkKind;

use function Tests\Core\day;

it('books on a day what it can hold, and on none to come', function (
    int $minutes,
    int $already,
    string $day,
    ?string $why,
) {
    $check = static fn () => BookedDay::check($minutes, $already, day($day), day('2026-03-18'), 'Jo');
    if ($why === null) {
        expect($check)->not->toThrow(InvalidInput::class);

        return;
    }
    expect($check)->toThrow(static fn (InvalidInput $refused) => expect($refused->cause())->toBe($why));
})->with([
    'a minute, today' => [1, 0, '2026-03-18', null],
    'nothing' => [0, 0, '2026-03-18', 'out_of_range'],
    'less than nothing' => [-30, 0, '2026-03-18', 'out_of_range'],
    'all of a day' => [1440, 0, '2026-03-18', null],
    'a minute more' => [1441, 0, '2026-03-18', 'out_of_range'],
    'the last minute of a day' => [1, 1439, '2026-03-18', null],
    'one more than it has' => [2, 1439, '2026-03-18', 'day_full'],
    'tomorrow' => [60, 0, '2026-03-19', 'future'],
    'a year back' => [60, 0, '2025-03-18', null],
    'the year of a slip' => [60, 0, '2024-03-17', 'too_early'],
]);

it('adds up what is known, and counts what is not', function () {
    $sum = CostSum::of(500, null, 0, null, -200);
    expect([$sum->cents, $sum->unknown, $sum->isKnown(), $sum->isEmpty()])
        ->toBe([300, 2, false, false])
        ->and([CostSum::none()->isKnown(), CostSum::none()->isEmpty()])
        ->toBe([true, true])
        ->and([CostSum::of(null)->isEmpty(), CostSum::of(1)->isEmpty(), CostSum::of(0)->isEmpty()])
        ->toBe([false, false, true])
        ->and([$sum->plus(CostSum::of(70, null))->cents, $sum->plus(CostSum::of(70, null))->unknown])
        ->toBe([370, 3])
        ->and(CostSum::added(500, 1)->stillToCome(CostSum::of(200))->cents)
        ->toBe(300)
        ->and(CostSum::added(500, 1)->stillToCome(CostSum::of(200))->unknown)
        ->toBe(1)
        ->and(CostSum::of(500)->stillToCome(CostSum::of(501))->cents)
        ->toBe(0);
});

it('spreads a negative whole as the positive one, and nothing over nothing', function () {
    expect(Allocation::of(-10, [1, 1, 1]))
        ->toBe([-4, -3, -3])
        ->and(Allocation::of(10, [1, 1, 1]))
        ->toBe([4, 3, 3])
        ->and(Allocation::of(0, [1, 2]))
        ->toBe([0, 0])
        ->and(Allocation::of(7, [0, 0]))
        ->toBe([4, 3])
        ->and(Allocation::of(10, ['0.5', '1.25']))
        ->toBe([3, 7])
        ->and(Allocation::of(0, []))
        ->toBe([]);
});

it('gives an unknown cost to each that carries some of the line, however little', function (
    array $minutes,
    array $leftOut,
    int $seconds,
    array $shares,
) {
    expect(Spread::over(SpreadBy::Minutes, $minutes, $leftOut)->line(null, null, $seconds))->toBe($shares);
})->with([
    'by minutes' => [[7 => 60, 8 => 20, 9 => 0], [], 80, [7 => [null, 60], 8 => [null, 20]]],
    'without time' => [[7 => 60, 8 => 20, 9 => 0], [], 0, [7 => [null, 0], 8 => [null, 0]]],
    'one of them left out' => [[7 => 60, 8 => 20], [7], 80, [8 => [null, 80]]],
    'all of them left out' => [[7 => 60, 8 => 20], [7, 8], 80, [7 => [null, 40], 8 => [null, 40]]],
    'nothing planned' => [[7 => 0, 8 => 0], [8], 80, [7 => [null, 80]]],
]);

it('names of a known cost only those that carry money or time', function () {
    expect(Spread::over(SpreadBy::Equal, [7 => 0, 8 => 0, 9 => 0])->line(null, 2, 0))
        ->toBe([7 => [1, 0], 8 => [1, 0]])
        ->and(Spread::over(SpreadBy::Equal, [7 => 0, 8 => 0])->line(null, 0, 1))
        ->toBe([7 => [0, 1]])
        ->and(Spread::over(SpreadBy::Equal, [7 => 0, 8 => 0])->line(8, 5, 6))
        ->toBe([8 => [5, 6]]);
});

it('settles several lines of locked and open days, and what was unknown once it is known', function () {
    $entry = static fn (int $source, string $day, ?int $cents, int $seconds = 0): CostEntry => CostEntry::of(
        CostKind::Parts,
        $source,
        1,
        SpentOn::Plan,
    )->amount(day($day), $cents, $seconds);
    $lock = LockedCosts::through(day('2026-02-28'));
    $told = static fn (array $wanted, array $locked): array => array_map(
        static fn (CostEntry $one): array => [$one->source, (string) $one->day, $one->cents, $one->seconds],
        $lock->settle($wanted, $locked),
    );
    expect($told([$entry(1, '2026-03-02', 70), $entry(2, '2026-02-28', 50), $entry(3, '2026-03-03', 20)], []))
        ->toBe([[1, '2026-03-02', 70, 0], [3, '2026-03-03', 20, 0], [2, '2026-03-01', 50, 0]])
        ->and($told([$entry(1, '2026-02-10', 450)], [$entry(1, '2026-02-10', null)]))
        ->toBe([[1, '2026-03-01', 450, 0]])
        // Two entries of one line add up.
        ->and($told([$entry(1, '2026-02-10', 30), $entry(1, '2026-02-11', 20)], [$entry(1, '2026-02-10', 30)]))
        ->toBe([[1, '2026-03-01', 20, 0]])
        // Time alone, or money alone, is a difference.
        ->and($told([$entry(1, '2026-02-10', 30, 60)], [$entry(1, '2026-02-10', 30, 0)]))
        ->toBe([[1, '2026-03-01', 0, 60]])
        ->and($told([$entry(1, '2026-02-10', 31, 60)], [$entry(1, '2026-02-10', 30, 60)]))
        ->toBe([[1, '2026-03-01', 1, 0]])
        ->and([$lock->holds(day('2026-02-28')), $lock->holds(day('2026-03-01'))])
        ->toBe([true, false]);
});

it('lets a discount take all there is, and no more', function () {
    expect(Recharge::of(500, 500, 190_000)->total)
        ->toBe(0)
        ->and(static fn () => Recharge::of(500, 501, 190_000))
        ->toThrow(InvalidInput::class, 'more than there is')
        ->and(static fn () => Recharge::of(0, 1, 190_000))
        ->toThrow(InvalidInput::class, 'more than there is')
        // What was given back is given back with its tax.
        ->and(Recharge::of(-500, 0, 190_000)->total)
        ->toBe(-595);
});

it('counts what mends a failure as unplanned, and all else as the order is', function () {
    expect(SpentOn::Failure->countsAs(WorkKind::Planned))
        ->toBe(WorkKind::Unplanned)
        ->and(SpentOn::Plan->countsAs(WorkKind::Planned))
        ->toBe(WorkKind::Planned)
        ->and(SpentOn::Plan->countsAs(WorkKind::Unplanned))
        ->toBe(WorkKind::Unplanned);
});

it('keeps the kinds of time apart when it adds them up', function () {
    $sum = WorkedMinutes::of(30, 20, 10)->plus(WorkedMinutes::at(Overtime::TimeAndHalf, 5));
    expect([$sum->normal, $sum->timeAndHalf, $sum->double, $sum->worked()])
        ->toBe([30, 25, 10, 65])
        ->and(WorkedMinutes::of(1)->plus(WorkedMinutes::of(2))->normal)
        ->toBe(3);
});
