<?php

declare(strict_types=1);

use Sundial\Stock\ClaimRank;
use Sundial\Stock\Consent;
use Sundial\Stock\Exposure;
use Sundial\Stock\FailureDemand;
use Sundial\Stock\FreeStair;
use Sundial\Stock\GivingWay;
use Sundial\Stock\LeadTime;
use Sundial\Stock\LineReady;
use Sundial\Stock\Lot;
use Sundial\Stock\LotsOnShelf;
use Sundial\Stock\MoveKind;
use Sundial\Stock\NewClaim;
use Sundial\Stock\OutForRepair;
use Sundial\Stock\Pack;
use Sundial\Stock\PartsReady;
use Sundial\Stock\PoissonDemand;
use Sundial\Stock\Promise;
use Sundial\Stock\PromisedStock;
use Sundial\Stock\PurchaseState;
use Sundial\Stock\ReorderPosition;
use Sundial\Stock\Resupply;
use Sundial\Stock\Separation;
use Sundial\Stock\StockBalance;
use Sundial\Stock\StoreRules;
use Sundial\Stock\YearlyValue;
use Sundial\Support\InvalidInput;

use function Tests\Core\beyond;
use function Tests\Core\day;

/** @return list<array{string, int, int}> to whom so many are promised, and how many they wait for */
function promisesOf(PromisedStock $stock): array
{
    return array_map(
        static fn (Promise $one): array => [$one->order, $one->reserved, $one->short],
        $stock->promises(),
    );
}

it('takes what lies at the edge of what a store agrees, and refuses what lies beyond', function (
    Closure $make,
    int|float $at,
    int|float $beyond,
    string $field,
) {
    expect(beyond($make, $at, $beyond)?->field())->toBe($field);
})->with([
    'every difference is big' => [
        static fn (int $n) => StoreRules::of($n, 0, Separation::Off, 7), 0, -1, 'big_cents',
    ],
    'every purchase is approved' => [
        static fn (int $n) => StoreRules::of(0, $n, Separation::Off, 7), 0, -1, 'approve_cents',
    ],
    'bought every day' => [static fn (int $n) => StoreRules::of(0, 0, Separation::Off, $n), 1, 0, 'review_days'],
    'bought once a year' => [
        static fn (int $n) => StoreRules::of(0, 0, Separation::Off, $n), 365, 366, 'review_days',
    ],
    'nothing beyond repair' => [
        static fn (float $n) => Exposure::repair(5, $n, Exposure::resupply(10, 2)), 0.0, -0.01, 'scrapped',
    ],
    'all beyond repair' => [
        static fn (float $n) => Exposure::repair(5, $n, Exposure::resupply(10, 2)), 1.0, 1.01, 'scrapped',
    ],
    'no time at all' => [static fn (float $n) => Exposure::horizon($n), 0.0, -0.01, 'exposure'],
    'a pack of a thousandth' => [static fn (int $n) => Pack::of('box', $n), 1, 0, 'pack'],
    'a count of nothing' => [static fn (int $n) => StockBalance::standing(1000, 5, null)->count($n), 0, -1, 'counted'],
    'a thousandth taken in' => [
        static fn (int $n) => StockBalance::none()->receiveWorth($n, 5), 1, 0, 'quantity',
    ],
    'all that is there' => [
        static fn (int $n) => StockBalance::standing(1000, 5, null)->issue($n), 1000, 1001, 'quantity',
    ],
    'all of a promised stock' => [
        static fn (int $n) => PromisedStock::of(1000)->take($n, null, Consent::NotAsked), 1000, 1001, 'quantity',
    ],
    'a mean of nothing' => [static fn (float $n) => PoissonDemand::of($n), 0.0, -0.01, 'mean'],
]);

it('agrees on little before a site says more', function () {
    $usual = StoreRules::usual();
    expect([$usual->bigCents, $usual->approveCents, $usual->reviewDays, $usual->window(null), $usual->window(3)])
        ->toBe([10_000, 50_000, 7, 21, 10])
        ->and([$usual->needsSecond(10_000), $usual->needsSecond(10_001), $usual->needsSecond(-10_001)])
        ->toBe([false, true, true])
        ->and([$usual->needsApproval(50_000), $usual->needsApproval(50_001)])
        ->toBe([false, true]);
});

it('sorts parts by what is used of them: up to four fifths, up to nineteen twentieths, and the rest', function (
    array $cents,
    array $classes,
) {
    expect(YearlyValue::classes($cents))->toEqual($classes);
})->with([
    'as the last of a class begins below its share' => [
        [1 => 79, 2 => 1, 3 => 15, 4 => 5], [1 => 'A', 3 => 'A', 4 => 'B', 2 => 'C'],
    ],
    'a hair less' => [[1 => 80, 2 => 14, 3 => 6], [1 => 'A', 2 => 'B', 3 => 'B']],
    'one that makes up all of it' => [[7 => 1], [7 => 'A']],
    'none of it used, or given back' => [[1 => 0, 2 => -5, 3 => 10], [1 => 'C', 2 => 'C', 3 => 'A']],
    'nothing' => [[], []],
]);

it('counts what carries most value most often', function () {
    expect(array_map(YearlyValue::countedAgainAfter(...), ['A', 'B', 'C', '']))
        ->toBe([90, 180, 365, 365])
        ->and(YearlyValue::countCycle())
        ->toBe(['A' => 90, 'B' => 180, 'C' => 365]);
});

it('names orders by whatever they are called, also by numbers', function () {
    $stock = PromisedStock::of(5000, Promise::to('12', 2000, 1000), Promise::to('7', 3000, 0));
    expect(promisesOf($stock->approve('3', 500)))
        ->toBe([['12', 2000, 1000], ['7', 3000, 0], ['3', 0, 500]])
        ->and(promisesOf($stock->take(1500, '7', Consent::NotAsked)->after))
        ->toBe([['12', 2000, 1000], ['7', 1500, 0]])
        ->and(promisesOf($stock->add(1000)->reserve('12')))
        ->toBe([['12', 3000, 0], ['7', 3000, 0]])
        ->and(promisesOf($stock->release('12')))
        ->toBe([['7', 3000, 0]])
        ->and(promisesOf($stock->giveWay('12', ['7' => 600])->after))
        ->toBe([['12', 2600, 400], ['7', 2400, 600]]);
});

it('gives way only as far as somebody is short, and to nobody else', function () {
    $stock = PromisedStock::of(5000, Promise::to('a', 2000, 1000), Promise::to('b', 3000, 0));
    expect(promisesOf($stock->giveWay('a', ['b' => 5000])->after))
        ->toBe([['a', 3000, 0], ['b', 2000, 1000]])
        ->and($stock->giveWay('b', ['a' => 5000])->takesFrom)
        ->toBe([])
        ->and($stock->giveWay('a', ['a' => 5000])->takesFrom)
        ->toBe([])
        ->and($stock->giveWay('c', ['b' => 5000])->takesFrom)
        ->toBe([]);
});

it('counts up what is more, takes what is less, and leaves what is right', function () {
    $stock = PromisedStock::of(5000, Promise::to('a', 4000, 0));
    expect($stock->count(5001, Consent::NotAsked)->after->onHand)
        ->toBe(5001)
        ->and($stock->count(5000, Consent::NotAsked)->after->onHand)
        ->toBe(5000)
        ->and($stock->count(4000, Consent::NotAsked)->after->onHand)
        ->toBe(4000)
        ->and($stock->count(3999, Consent::NotAsked)->takesFrom)
        ->toBe(['a' => 1]);
});

it('promises a new claim what it can without a look at the others', function (
    int $wanted,
    int $free,
    array $waits,
    int $coming,
    ?int $gets,
) {
    expect(NewClaim::alone($wanted, $free, $waits[0], $waits[1], $coming))->toBe($gets);
})->with([
    'all of it is free' => [5, 5, [0, 0], 0, 5],
    'some of it' => [5, 3, [0, 0], 0, 3],
    'none of it, and nothing comes' => [5, 0, [0, 0], 0, 0],
    'some of it, and more comes' => [5, 3, [0, 0], 1, null],
    'what comes is waited for' => [5, 0, [2, 0], 2, 0],
    'more comes than is waited for' => [5, 0, [2, 0], 3, null],
    'others wait here for what is free' => [5, 9, [1, 0], 0, null],
    'others wait elsewhere' => [5, 9, [0, 1], 0, null],
    'more is promised than is there' => [5, -2, [0, 0], 0, 0],
]);

it('knows what comes up to a day, when so much has come, and what is left of it', function () {
    $coming = Resupply::of([[day('2026-03-20'), 2000], [day('2026-03-18'), 1000], [day('2026-03-20'), 500]]);
    expect([$coming->until(day('2026-03-17')), $coming->until(day('2026-03-18')), $coming->until(null)])
        ->toBe([0, 1000, 3500])
        ->and(array_map(
            static fn (int $many): ?string => ($on = $coming->dayOf($many)) === null ? null : (string) $on,
            [1000, 1001, 3500, 3501],
        ))
        ->toBe(['2026-03-18', '2026-03-20', '2026-03-20', null])
        ->and($coming->less(1000)->until(day('2026-03-18')))
        ->toBe(0)
        ->and($coming->less(1001)->until(null))
        ->toBe(2499)
        ->and(Resupply::of([[day('2026-03-18'), 0]])->dayOf(0))
        ->toBeNull();
});

it('asks of lower ranks what comes again in time for each of them', function () {
    $rank = static fn (int $strokes, string $day): ClaimRank => ClaimRank::of($strokes, day($day), '2026-03-01');
    $giving = GivingWay::to($rank(3, '2026-03-20'), Resupply::of([[day('2026-03-25'), 3000]]));
    expect($giving->givers([
        ['low', $rank(1, '2026-03-30'), 2000, day('2026-03-30')],
        ['early', $rank(1, '2026-03-24'), 2000, day('2026-03-24')],
        ['alike', $rank(3, '2026-03-20'), 2000, day('2026-03-30')],
        ['next', $rank(2, '2026-03-26'), 2000, day('2026-03-26')],
        ['last', $rank(2, '2026-03-27'), 2000, day('2026-03-27')],
    ]))->toBe(['low' => 2000, 'next' => 1000]);
});

it('is not short of what is just there', function () {
    $stair = static fn (int $free, int $takes): FreeStair => FreeStair::of(
        day('2026-03-18'),
        $free,
        [[day('2026-03-20'), $takes]],
        [],
    );
    expect($stair(1000, 1000)->shortFrom())
        ->toBeNull()
        ->and($stair(1000, 1000)->firstMissing())
        ->toBe(0)
        ->and($stair(1000, 1000)->mostMissing())
        ->toBe(0)
        ->and((string) $stair(1000, 1001)->shortFrom())
        ->toBe('2026-03-20')
        ->and($stair(1000, 1001)->firstMissing())
        ->toBe(1)
        ->and((string) $stair(1000, 1001)->orderBy(null))
        ->toBe('2026-03-06')
        ->and((string) $stair(1000, 1001)->orderBy(0))
        ->toBe('2026-03-20')
        ->and($stair(1000, 400)->on(day('2026-03-19')))
        ->toBe(1000)
        ->and($stair(1000, 400)->on(day('2026-03-20')))
        ->toBe(600)
        ->and($stair(1000, 400)->last())
        ->toBe(600);
});

it('buys once the point is reached, in what is bought at a time, else whole units above it', function (
    int $free,
    ?int $point,
    ?int $usual,
    ?int $most,
    int $buys,
) {
    expect(ReorderPosition::of(PromisedStock::of($free), 0, 0, $point)->toBuy($usual, $most))->toBe($buys);
})->with([
    'above the point' => [5001, 5000, 10_000, null, 0],
    'at the point' => [5000, 5000, 10_000, null, 10_000],
    'at the point, in ones' => [5000, 5000, 1000, null, 1000],
    'far below it' => [0, 5000, 2000, null, 6000],
    'without a quantity, above the point' => [5000, 5000, null, null, 1000],
    'without a quantity, up to the most' => [2000, 5000, null, 9000, 7000],
    'without a point, not short' => [0, null, 10_000, null, 0],
    'without a point, a little short' => [-1, null, null, null, 1000],
    'without a point, short of two' => [-2000, null, null, null, 2000],
    'short, and the most is less than that' => [-5000, null, null, 2000, 5000],
]);

it('takes the middle and the eighth of ten days that were seen, up to whole days', function (
    array $days,
    int $median,
    int $mostly,
) {
    $lead = LeadTime::of(...$days);
    expect([$lead?->seen, $lead?->median, $lead?->mostly])->toBe([count($days), $median, $mostly]);
})->with([
    'one' => [[7], 7, 7],
    'two' => [[3, 8], 6, 7],
    'three' => [[9, 1, 5], 5, 8],
    'all alike' => [[4, 4, 4, 4], 4, 4],
    'eleven' => [range(1, 11), 6, 9],
]);

it('names of a line what is there, comes, or was never ordered', function () {
    $coming = Resupply::of([[day('2026-03-20'), 1000]]);
    $line = static fn (int $short): array => (static fn (LineReady $one): array => [
        $one->isHere, $one->isOrdered, $one->on === null ? null : (string) $one->on,
    ])(LineReady::missing('Belt', $short, $coming));
    expect([$line(0), $line(1), $line(1000), $line(1001)])
        ->toBe([[true, true, null], [false, true, '2026-03-20'], [false, true, '2026-03-20'], [false, false, null]])
        ->and(PartsReady::of()->isEmpty())
        ->toBeTrue()
        ->and(PartsReady::of(LineReady::here('Belt'))->isEmpty())
        ->toBeFalse();
});

it('uses nothing that is past its day as long as there is something else, and says so where there is not', function () {
    $shelf = LotsOnShelf::of(
        5000,
        Lot::of('old', 2000, day('2026-03-17')),
        Lot::of('new', 1000, day('2026-03-18')),
        Lot::of('gone', 0, day('2026-03-01')),
    );
    $today = day('2026-03-18');
    expect($shelf->unnamed())
        ->toBe(2000)
        ->and($shelf->toUse(3000, $today))
        ->toBe(['new' => 1000, '' => 2000])
        ->and(static fn () => $shelf->toUse(3001, $today))
        ->toThrow(InvalidInput::class, 'What is left is past its day: old.')
        ->and($shelf->toClear(2500))
        ->toBe(['old' => 2000, 'new' => 500])
        ->and(LotsOnShelf::of(500, Lot::of('more', 1000))->unnamed())
        ->toBe(0);
});

it('expects back whole pieces, and gives what comes back its share and its cost', function () {
    expect(OutForRepair::with(5000, 0)->expected(30))
        ->toBe(3000)
        ->and(OutForRepair::with(10_000, 0)->expected(0))
        ->toBe(10_000)
        ->and(OutForRepair::with(1000, 0)->expected(1))
        ->toBe(0)
        ->and(array_slice(OutForRepair::with(4000, 10_000)->comeBack(2000, 1000, 3000), 0, 2))
        ->toBe([8000, 2500])
        ->and(array_slice(OutForRepair::with(4000, 10_000)->comeBack(0, 1000, 3000), 0, 2))
        ->toBe([0, 5500])
        ->and(static fn () => OutForRepair::with(4000, 10_000)->comeBack(3000, 1001, 0))
        ->toThrow(InvalidInput::class, 'More come back than are out.')
        ->and(static fn () => OutForRepair::with(4000, 10_000)->comeBack(0, 0, 0))
        ->toThrow(InvalidInput::class, 'Say how many');
});

it('shows the last average where nothing is on hand, and takes it for what is counted up', function () {
    $empty = StockBalance::standing(2000, 501, null)->issue(2000)->after;
    expect([$empty->onHand, $empty->cents, $empty->average()])
        ->toBe([0, 0, null])
        ->and($empty->lastAverage()?->plain())
        ->toBe('2.505')
        ->and($empty->count(1000)->cents)
        ->toBe(251)
        ->and($empty->count(0)->quantity)
        ->toBe(0)
        ->and(static fn () => StockBalance::none()->count(1000))
        ->toThrow(InvalidInput::class, 'Give a price.')
        ->and(StockBalance::standing(2000, 501, null)->count(0)->cents)
        ->toBe(-501)
        ->and(StockBalance::standing(2000, 501, null)->count(2000)->cents)
        ->toBe(0)
        ->and(StockBalance::standing(2000, 501, null)->count(3000)->cents)
        ->toBe(251);
});

it('takes for a use only what is handed out or carried', function (MoveKind $kind, bool $takes) {
    expect([$kind->isTaking(-1), $kind->isTaking(0), $kind->isTaking(1)])->toBe([$takes, false, false]);
})->with([
    [MoveKind::Issue, true], [MoveKind::Transfer, true], [MoveKind::Receipt, false], [MoveKind::Return, false],
    [MoveKind::Count, false], [MoveKind::Scrap, false], [MoveKind::Reversal, false],
]);

it('waits for a purchase from when it was sent until all of it came', function (
    PurchaseState $state,
    bool $isWritten,
    bool $isUnderWay,
) {
    expect([$state->isBeingWritten(), $state->isUnderWay()])->toBe([$isWritten, $isUnderWay]);
})->with([
    [PurchaseState::Draft, true, false], [PurchaseState::Approved, true, false], [PurchaseState::Sent, false, true],
    [PurchaseState::PartReceived, false, true], [PurchaseState::Received, false, false],
    [PurchaseState::Closed, false, false], [PurchaseState::Cancelled, false, false],
]);

it('counts a rate of failures only over units and time that were', function () {
    expect(FailureDemand::counted(6000, 3, 2))
        ->toEqual(1.0)
        ->and(FailureDemand::counted(6000, 0, 2))
        ->toEqual(0.0)
        ->and(FailureDemand::counted(6000, 3, 0))
        ->toEqual(0.0)
        ->and(FailureDemand::counted(6000, 0.5, 0.5))
        ->toEqual(24.0)
        ->and(FailureDemand::atRate(0.5, 4, Exposure::horizon(3))->mean)
        ->toEqual(6.0)
        ->and(FailureDemand::atRate(0.5, 4, Exposure::horizon(3))->within(2))
        ->toEqual(4.0);
});
