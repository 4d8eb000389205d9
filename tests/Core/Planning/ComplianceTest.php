<?php

declare(strict_types=1);

use Sundial\Planning\Record\Compliance;
use Sundial\Planning\Record\Findings;
use Sundial\Planning\Record\IntervalVerdict;
use Sundial\Planning\Record\PastVisit;

use function Tests\Core\day;

it('counts a visit as on time within its tolerance, both ends included', function (string $done, bool $onTime) {
    expect(PastVisit::done(day('2026-03-10'), day($done), 3)->isOnTime())->toBe($onTime);
})->with([['2026-03-06', false], ['2026-03-07', true], ['2026-03-13', true], ['2026-03-14', false]]);

it('judges a visit by use by its units', function (int $total, bool $onTime) {
    expect(PastVisit::doneByUse(day('2026-03-10'), day('2026-05-10'), 500_000, $total, 50_000, 9)->isOnTime())->toBe(
        $onTime,
    );
})->with([[550_000, true], [550_001, false], [450_000, true], [449_999, false]]);

it('counts those whose time ended in the period, missed and skipped ones against it', function () {
    $visits = [
        PastVisit::done(day('2025-12-28'), day('2026-03-01'), 3), // its time was over on 31 December
        PastVisit::done(day('2025-12-29'), day('2026-01-02'), 3), // over on 1 January: 4 days late
        PastVisit::done(day('2026-01-29'), day('2026-01-29'), 3),
        PastVisit::done(day('2026-02-20'), day('2026-02-10'), 3), // 10 days early
        PastVisit::leftOut(day('2026-02-28'), 3),
        PastVisit::leftOut(day('2026-03-29'), 3), // over after the period
    ];
    $kept = Compliance::of($visits, day('2026-01-01'), day('2026-03-31'));
    expect([
        $kept->visits,
        $kept->onTime,
        $kept->late,
        $kept->early,
        $kept->leftOut,
        $kept->percent(),
        $kept->meanDays,
        $kept->done(),
    ])->toBe([4, 1, 1, 1, 1, 25, -20, 3]);
});

it('rounds per cent and tenths of days half away from zero, and says nothing of nothing', function () {
    $late = static fn (int ...$days): array => array_map(
        static fn (int $n): PastVisit => PastVisit::done(day('2026-02-10'), day('2026-02-10')->plusDays($n), 0),
        $days,
    );
    $kept = Compliance::of($late(0, 1, 1, 1, 1, 1, 1, 1), day('2026-01-01'), day('2026-12-31'));
    expect($kept->percent())->toBe(13)->and($kept->meanDays)->toBe(9);
    $none = Compliance::of([], day('2026-01-01'), day('2026-12-31'));
    expect($none->percent())
        ->toBeNull()
        ->and($none->meanDays)
        ->toBeNull()
        ->and(
            Compliance::of(
                [PastVisit::leftOut(day('2026-02-01'), 1)],
                day('2026-01-01'),
                day('2026-12-31'),
            )->percent(),
        )
        ->toBe(0);
});

it('says in words what the record says about the interval', function (
    array $late,
    int $leftOut,
    int $breakdowns,
    IntervalVerdict $says,
) {
    $visits = array_map(
        static fn (int $n): PastVisit => PastVisit::done(day('2026-02-10'), day('2026-02-10')->plusDays($n), 3),
        $late,
    );
    for ($i = 0; $i < $leftOut; $i++) {
        $visits[] = PastVisit::leftOut(day('2026-02-10'), 3);
    }
    expect(
        IntervalVerdict::of(Compliance::of($visits, day('2026-01-01'), day('2026-12-31')), $breakdowns, 30),
    )->toBe($says);
})->with([
    'three visits' => [[0, 0, 0], 0, 5, IntervalVerdict::TooFew],
    'a breakdown for every two' => [[0, 0, 1, 2], 0, 2, IntervalVerdict::TooLong],
    'one for four' => [[0, 0, 1, 2], 0, 1, IntervalVerdict::Fits],
    'late by more than a quarter, and nothing broke' => [[8, 8, 8, 8], 0, 0, IntervalVerdict::TooShort],
    'by a quarter, and nothing broke' => [[7, 7, 8, 8], 0, 0, IntervalVerdict::NotKept],
    'late, and something broke' => [[9, 9, 9, 9], 0, 1, IntervalVerdict::NotKept],
    'half left out' => [[0, 0, 0, 0], 4, 0, IntervalVerdict::Fits],
    'more than half left out' => [[0, 0, 0, 0], 5, 0, IntervalVerdict::NotKept],
    'on time and quiet' => [[0, 1, -1, 2, 3], 0, 0, IntervalVerdict::Fits],
]);

it('lets what the visits found speak for or against the interval', function (
    int $breakdowns,
    array $found,
    IntervalVerdict $says,
) {
    $visits = array_fill(0, 8, PastVisit::done(day('2026-02-10'), day('2026-02-10'), 3));
    expect(
        IntervalVerdict::of(
            Compliance::of($visits, day('2026-01-01'), day('2026-12-31')),
            $breakdowns,
            30,
            Findings::of(...$found),
        ),
    )->toBe($says);
})->with([
    'a failure at every second' => [0, [8, 4, 0], IntervalVerdict::TooLong],
    'at fewer' => [0, [8, 3, 4], IntervalVerdict::Fits],
    'too few judged' => [0, [3, 3, 0], IntervalVerdict::Fits],
    'six without a finding' => [0, [6, 0, 0], IntervalVerdict::TooShort],
    'five without a finding' => [0, [5, 0, 0], IntervalVerdict::Fits],
    'without a finding, but something broke' => [1, [8, 0, 0], IntervalVerdict::Fits],
    'something to watch' => [0, [8, 0, 1], IntervalVerdict::Fits],
    'nothing was judged' => [0, [0, 0, 0], IntervalVerdict::Fits],
]);
