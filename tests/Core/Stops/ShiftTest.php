<?php

declare(strict_types=1);

use Sundial\Calendar\LocalDate;
use Sundial\Calendar\WorkingDays;
use Sundial\Stops\ProductCount;
use Sundial\Stops\ProductRun;
use Sundial\Stops\ReasonTree;
use Sundial\Stops\ShiftClock;
use Sundial\Stops\ShiftEntry;
use Sundial\Stops\ShiftFacts;
use Sundial\Stops\ShiftOutcome;
use Sundial\Stops\ShiftPattern;
use Sundial\Stops\ShiftSlot;
use Sundial\Stops\ShiftTurn;
use Sundial\Stops\Span;
use Sundial\Stops\SpanSet;
use Sundial\Support\InvalidInput;

use function Tests\Core\tries;

function slot(string $times, string $breaks, string $day, string $zone = 'Europe/London'): ShiftSlot
{
    return ShiftTurn::of('x', $times, $breaks, range(1, 7))->on(LocalDate::parse($day), new DateTimeZone($zone));
}

it('says when a shift is worked by the clock of the site, over midnight and over a change of the clock', function (
    string $times,
    string $day,
    string $from,
    float $hours,
) {
    $slot = slot($times, '', $day);
    expect([gmdate('Y-m-d H:i', $slot->span->from), $slot->span->seconds() / 3600.0])
        ->toBe([$from, $hours])
        ->and((string) $slot->day)
        ->toBe($day);
})->with([
    'in winter' => ['06:00-14:00', '2026-03-27', '2026-03-27 06:00', 8.0],
    'in summer' => ['06:00-14:00', '2026-03-30', '2026-03-30 05:00', 8.0],
    'over midnight' => ['22:00-06:00', '2026-03-25', '2026-03-25 22:00', 8.0],
    'the night that is short' => ['22:00-06:00', '2026-03-28', '2026-03-28 22:00', 7.0],
    'the night that is long' => ['22:00-06:00', '2026-10-24', '2026-10-24 21:00', 9.0],
    'round the clock' => ['06:00-06:00', '2026-03-25', '2026-03-25 06:00', 24.0],
    'to midnight' => ['14:00-24:00', '2026-03-25', '2026-03-25 14:00', 10.0],
]);

it('puts a break after midnight into the night to which it belongs', function () {
    [$rest] = slot('22:00-06:00', '02:00-02:30', '2026-03-25')->breaks;
    expect([gmdate('Y-m-d H:i', $rest->from), $rest->seconds()])->toBe(['2026-03-26 02:00', 1800]);
});

it('begins no shift where it is not worked, nor on holidays where it stands', function () {
    $pattern = ShiftPattern::of(ShiftTurn::of('early', '06:00-14:00', '', [1, 2, 3, 4, 5]));
    $site = WorkingDays::except([6, 7], [LocalDate::parse('2026-12-25')]);
    $on = static fn (ShiftPattern $some, string $day): int => count(
        $some->on(LocalDate::parse($day), new DateTimeZone('UTC'), $site),
    );
    expect([
        $on($pattern, '2026-12-24'),
        $on($pattern, '2026-12-25'),
        $on($pattern->standingOnHolidays(), '2026-12-25'),
        $on($pattern, '2026-12-26'),
    ])->toBe([1, 1, 0, 0]);
});

it('refuses a pattern that cannot be worked, and says which part', function (array $turns, string $cause) {
    $make = static fn (): ShiftPattern => ShiftPattern::of(
        ...array_map(static fn (array $turn): ShiftTurn => ShiftTurn::of(...$turn), $turns),
    );
    expect($make)->toThrow(static fn (InvalidInput $e) => expect($e->cause())->toBe($cause));
})->with([
    'none' => [[], 'no_shift'],
    'no time' => [[['early', 'six to two', '', [1]]], 'not_a_time'],
    'no hour of a day' => [[['early', '25:00-26:00', '', [1]]], 'not_a_time'],
    'no name' => [[[' ', '06:00-14:00', '', [1]]], 'no_name'],
    'no day' => [[['early', '06:00-14:00', '', []]], 'no_day'],
    'a break outside' => [[['early', '06:00-14:00', '13:45-14:15', [1]]], 'break_outside'],
    'a night that runs into the morning' => [
        [['night', '22:00-07:00', '', [1]], ['early', '06:00-14:00', '', [2]]],
        'overlapping_shifts',
    ],
    'Sunday night into Monday' => [
        [['night', '22:00-07:00', '', [7]], ['early', '06:00-14:00', '', [1]]],
        'overlapping_shifts',
    ],
    'twice the same name' => [[['A', '06:00-14:00', '', [1]], ['a', '14:00-22:00', '', [1]]], 'same_name'],
]);

it('takes time without data out like a break, and says how much is covered', function () {
    $at = static fn (int $minute): int => $minute * 60;
    $facts = ShiftFacts::of(Span::between(0, $at(480)), Span::between($at(240), $at(270)))
        ->stood(SpanSet::of(), SpanSet::of(Span::between($at(300), $at(330))))
        // Nothing is known of the first two hours.
        ->made([Span::between($at(120), $at(480)), ProductRun::of('60', 250, 10)])
        ->short($at(9));
    $outcome = ShiftOutcome::of($facts, $at(10000));
    expect([$outcome->oee->planned / 60, $outcome->oee->run / 60, $outcome->wanted / 60])
        ->toBe([330, 291, 450])
        ->and($outcome->gaps->seconds() / 60)
        ->toBe(120)
        ->and($outcome->covered())
        ->toBe(330 / 450)
        ->and($outcome->oee->losses())
        ->toBe(['stops' => 39, 'speed' => 41.0, 'rejects' => 10.0, 'good' => 240.0]);
    $half = ShiftOutcome::of($facts, $at(180));
    expect([$half->oee->planned / 60, $half->wanted / 60])->toBe([60, 180]);
});

it('adds up to the planned time, whatever stood, was batched or is missing, on any day of the clock', function () {
    mt_srand(20261025);
    $zones = ['Europe/London', 'America/St_Johns', 'Pacific/Apia', 'Australia/Lord_Howe', 'UTC'];
    for ($i = 0; $i < tries(5000); $i++) {
        $from = mt_rand(0, 23) * 60 + mt_rand(0, 3) * 15;
        $to = ($from + mt_rand(60, 720)) % 1440;
        $clock = static fn (int $minute): string => sprintf('%02d:%02d', intdiv($minute, 60), $minute % 60);
        $slot = slot(
            "{$clock($from)}-{$clock($to)}",
            "{$clock(($from + 20) % 1440)}-{$clock(($from + 50) % 1440)}",
            ['2026-03-28', '2026-03-29', '2026-10-24', '2026-10-25', '2026-06-01'][mt_rand(0, 4)],
            $zones[mt_rand(0, 4)],
        );
        $now = $slot->span->from + mt_rand(0, 50_000);
        $some = static fn (): Span => Span::open(
            $start = $slot->span->from + mt_rand(-3000, max(1, $slot->span->seconds())),
            mt_rand(0, 9) === 0 ? null : $start + mt_rand(0, 9000),
            $now,
        );
        $many = static fn (): SpanSet => SpanSet::of(...array_map($some, range(0, mt_rand(0, 6))));
        $facts = ShiftFacts::of($slot->span, ...$slot->breaks)
            ->stood($many(), $many())
            ->short(mt_rand(0, 3) * 700)
            ->made(...array_map(
                static fn (): array => [$some(), ProductRun::of('4.25', mt_rand(100, 900), mt_rand(0, 90))],
                range(0, mt_rand(0, 3)),
            ));
        $is = ShiftOutcome::of($facts, $now);
        $seconds = ['wanted' => 0, 'gap' => 0, 'run' => 0];
        $known = $facts->known();
        for ($s = $slot->span->from; $s < min($slot->span->to, $now); $s += 60) {
            $wanted = ! $facts->breaks->holds($s) && ! $facts->plannedStops->holds($s);
            $seconds['wanted'] += $wanted ? 1 : 0;
            $seconds['gap'] += $wanted && ! $known->holds($s) ? 1 : 0;
            $seconds['run'] += $wanted && $known->holds($s) && ! $facts->lost->holds($s) ? 1 : 0;
        }
        // Sampled each minute: no edge moves the sum by more than its own minute.
        $edges = 60 * 30;
        expect(abs($is->wanted - $seconds['wanted'] * 60))
            ->toBeLessThan($edges)
            ->and(abs($is->gaps->seconds() - $seconds['gap'] * 60))
            ->toBeLessThan($edges)
            ->and(abs($is->oee->run - max(0, $seconds['run'] * 60 - $facts->shortSeconds)))
            ->toBeLessThan($edges)
            ->and($is->oee->planned + $is->gaps->seconds())
            ->toBe($is->wanted)
            ->and(round(array_sum($is->oee->losses()) * 60, 6))
            ->toBe((float) $is->oee->planned);
    }
})->group('property');

it('reads the times of a shift by the clock, after midnight of its next day', function () {
    $zone = new DateTimeZone('Europe/London');
    $clock = ShiftClock::of(slot('22:00-06:00', '', '2026-03-17')->span, $zone);
    $said = static fn (string $from, string $to): array => array_map(
        static fn (int $at): string => gmdate('d H:i', $at),
        [$clock->stretch($from, $to)->from, $clock->stretch($from, $to)->to],
    );
    expect([$said('22:00', '06:00'), $said('23:30', '02:15'), $said('01:00', '06:00'), $said('22:00', '24:00')])
        ->toBe([['17 22:00', '18 06:00'], ['17 23:30', '18 02:15'], ['18 01:00', '18 06:00'], ['17 22:00', '18 00:00']])
        ->and(static fn () => $clock->stretch('noon', '14:00'))
        ->toThrow(InvalidInput::class, 'Write a time such as 06:00')
        ->and(static fn () => $clock->stretch('03:00', '02:00'))
        ->toThrow(InvalidInput::class, 'before it begins');
});

it('takes short stops as speed, planned ones out of planned time, and the rest as lost', function () {
    $facts = ShiftFacts::of(Span::between(0, 7200))->stopped(
        120,
        [Span::between(0, 119), false, false],
        [Span::between(200, 320), false, false],
        [Span::between(400, 1000), true, false],
        [Span::between(7150, 7200), false, true],
    );
    expect([$facts->lost->seconds(), $facts->plannedStops->seconds()])->toBe([170, 600]);
});

it('lets runs lie in their shift without sharing time', function (array $runs, ?string $cause, string $field = '') {
    $check = static fn () => ShiftEntry::checkSpans(
        Span::between(0, 480),
        array_map(static fn (array $run): Span => Span::between(...$run), $runs),
    );
    if ($cause === null) {
        expect($check)->not->toThrow(InvalidInput::class);

        return;
    }
    expect($check)->toThrow(
        static fn (InvalidInput $e) => expect([$e->cause(), $e->field()])->toBe([$cause, "{$field}.from"]),
    );
})->with([
    'one after the other, in any order' => [['b' => [240, 480], 'a' => [0, 240]], null],
    'before it' => [['a' => [-1, 240]], 'outside', 'a'],
    'beyond it' => [['a' => [0, 481]], 'outside', 'a'],
    'without length' => [['a' => [10, 10]], 'outside', 'a'],
    'sharing a minute' => [['a' => [0, 241], 'b' => [240, 480]], 'overlap', 'b'],
]);

it('takes counts that can be', function (array $counts, array $by, string $cause, string $field) {
    $check = static fn () => ShiftEntry::checkCounts('run', new ProductCount(...$counts), ...$by);
    expect($check)->toThrow(
        static fn (InvalidInput $e) => expect([$e->cause(), $e->field()])->toBe([$cause, "run.{$field}"]),
    );
})->with([
    'more by reason than in all' => [[100, 5, 0], [3, 3], 'reasons_above', 'rejects'],
    'more reworked than rejected' => [[100, 5, 6], [5], 'reworked_above', 'reworked'],
    'more rejected than made' => [[4, 5, 0], [], 'rejects_above_total', 'rejects'],
    'below nothing' => [[-1, 0, 0], [], 'negative_count', 'total'],
]);

it('stands reasons in two levels', function (bool $isTop, bool $isItself, bool $hasUnder) {
    ReasonTree::checkUnder(true, false, false);
    expect(static fn () => ReasonTree::checkUnder($isTop, $isItself, $hasUnder))
        ->toThrow(static fn (InvalidInput $e) => expect($e->cause())->toBe('too_deep'));
})->with([[false, false, false], [true, true, false], [true, false, true]]);

it('takes of a shift what is free beside those that stand already', function (
    array $taken,
    ?array $left,
    array $rests,
) {
    $hours = static fn (int $from, int $to): Span => Span::between($from * 3600, $to * 3600);
    $slot = new ShiftSlot('early', LocalDate::of(2026, 3, 16), $hours(4, 12), [$hours(5, 7), $hours(9, 10)]);
    $is = $slot->beside(SpanSet::of(...array_map(static fn (array $one): Span => $hours(...$one), $taken)));
    $said = static fn (Span $one): array => [$one->from / 3600, $one->to / 3600];
    expect($is === null ? null : $said($is->span))
        ->toBe($left)
        ->and(array_map($said, $is->breaks ?? []))
        ->toBe($rests);
})->with([
    'none stands' => [[], [4, 12], [[5, 7], [9, 10]]],
    'one that only touches' => [[[0, 4], [12, 20]], [4, 12], [[5, 7], [9, 10]]],
    'the night before it' => [[[0, 6]], [6, 12], [[6, 7], [9, 10]]],
    'one after it' => [[[8, 16]], [4, 8], [[5, 7]]],
    'one in its middle: what comes first' => [[[6, 8]], [4, 6], [[5, 6]]],
    'all of it' => [[[0, 7], [7, 12]], null, []],
]);
