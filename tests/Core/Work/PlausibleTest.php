<?php

declare(strict_types=1);

use Sundial\Calendar\LocalDate;
use Sundial\Meters\Counter;
use Sundial\Planning\Record\PastVisit;
use Sundial\Stops\StopSpan;
use Sundial\Support\InvalidInput;
use Sundial\Work\FinishDoubt;
use Sundial\Work\PlannedDay;

it('questions a finish that would move dates nobody meant to move', function (
    string $done,
    ?string $last,
    ?string $planned,
    ?FinishDoubt $doubt,
) {
    $day = static fn (?string $text): ?LocalDate => $text === null ? null : LocalDate::parse($text);
    $made = LocalDate::parse('2026-11-18');
    expect(FinishDoubt::about(LocalDate::parse($done), $made, $day($last), $day($planned), 30))->toBe($doubt);
})->with([
    'the day it was made' => ['2026-11-18', '2026-10-20', '2026-11-20', null],
    'a wrong month' => ['2026-01-25', null, '2026-11-20', FinishDoubt::BeforeMade],
    'before the visit before' => ['2026-10-19', '2026-10-20', '2026-11-20', FinishDoubt::BeforeLast],
    '45 days late' => ['2027-01-04', null, '2026-11-20', null],
    '46 days late' => ['2027-01-05', null, '2026-11-20', FinishDoubt::FarFromPlan],
    'no plan' => ['2027-01-05', null, null, null],
]);

it('lets no day pass that nobody can have meant', function (string $day, ?string $cause) {
    $check = static fn () => PlannedDay::check(LocalDate::parse($day), LocalDate::parse('2026-03-18'));
    if ($cause === null) {
        $check();
        expect(true)->toBeTrue();

        return;
    }
    try {
        $check();
        $found = null;
    } catch (InvalidInput $e) {
        $found = $e->cause();
        expect($e->field())->toBe('planned_on')->and($e->getMessage())->toContain('Check the year');
    }
    expect($found)->toBe($cause);
})->with([
    ['1999-03-18', 'too_early'],
    ['2025-03-17', 'too_early'],
    ['2025-03-18', null],
    ['2031-03-18', null],
    ['2031-03-19', 'too_late'],
    ['2099-01-01', 'too_late'],
]);

it('refuses what a counter cannot show', function (int $shown, bool $isRefused) {
    $refused = false;
    try {
        Counter::of(rollsOverAt: 10_000_000)->check($shown, 'shown');
    } catch (InvalidInput) {
        $refused = true;
    }
    expect($refused)->toBe($isRefused);
})->with([[-5000, true], [0, false], [9_999_000, false], [10_000_000, true]]);

it('takes no day after a statutory one as on time', function (string $done, bool $isOnTime, bool $byLaw) {
    $visit = PastVisit::done(LocalDate::parse('2026-03-18'), LocalDate::parse($done), 3);
    expect($visit->isOnTime())->toBe($isOnTime)->and($visit->byLaw()->isOnTime())->toBe($byLaw);
})->with([
    ['2026-03-14', false, false],
    ['2026-03-15', true, true],
    ['2026-03-18', true, true],
    ['2026-03-19', true, false],
    ['2026-03-22', false, false],
]);

it('corrects a stop between the stops beside it', function (string $from, ?string $to, ?string $cause) {
    $at = static fn (?string $text): ?DateTimeImmutable => $text === null ? null : new DateTimeImmutable("{$text} UTC");
    try {
        StopSpan::corrected(
            StopSpan::recorded($at($from), $at($to)),
            $at('2026-03-18 12:00'),
            $at('2026-03-18 08:00'),
            $at('2026-03-18 10:00'),
        );
        $found = null;
    } catch (InvalidInput $e) {
        $found = $e->cause();
    }
    expect($found)->toBe($cause);
})->with([
    ['2026-03-18 08:30', '2026-03-18 09:30', null],
    ['2026-03-18 07:30', '2026-03-18 09:30', 'overlaps'],
    ['2026-03-18 08:30', '2026-03-18 10:30', 'overlaps'],
    ['2026-03-18 08:30', null, 'overlaps'],
    ['2026-03-18 09:30', '2026-03-18 09:00', 'before'],
    ['1990-01-01 08:30', '2026-03-18 09:00', 'long_ago'],
]);
