<?php

declare(strict_types=1);

use Sundial\Calendar\LocalDate;
use Sundial\Stops\BandBlock;
use Sundial\Stops\LitBand;
use Sundial\Stops\Oee;
use Sundial\Stops\Pareto;
use Sundial\Stops\ProductRun;
use Sundial\Stops\Reliability;
use Sundial\Stops\RequiredTime;
use Sundial\Stops\ShiftClock;
use Sundial\Stops\ShiftFacts;
use Sundial\Stops\ShiftOutcome;
use Sundial\Stops\ShiftPattern;
use Sundial\Stops\ShiftTurn;
use Sundial\Stops\Signal;
use Sundial\Stops\SignalRules;
use Sundial\Stops\SignalSlot;
use Sundial\Stops\Span;
use Sundial\Stops\SpanSet;
use Sundial\Stops\StoppedFor;
use Sundial\Support\InvalidInput;

use function Tests\Core\day;

/** @param  array<int, array{int, int}>  $spans */
function setOf(array ...$spans): SpanSet
{
    return SpanSet::of(...array_map(static fn (array $one): Span => Span::between(...$one), $spans));
}

/** @return list<array{int, int}> */
function edgesOf(SpanSet $set): array
{
    return array_map(static fn (Span $one): array => [$one->from, $one->to], $set->spans());
}

it('says the times of a shift and its breaks as they were typed', function (
    string $typed,
    string $breaks,
    string $times,
    string $rests,
) {
    $turn = ShiftTurn::of('night', $typed, $breaks, [1]);
    expect([$turn->times(), $turn->restTimes()])->toBe([$times, $rests]);
})->with([
    'by day' => ['6:00 - 14:00', '9:00-9:10', '06:00-14:00', '09:00-09:10'],
    'over midnight' => ['22:00-06:00', '02:00-02:30', '22:00-06:00', '02:00-02:30'],
    'a break over midnight, and one before it' => [
        '20:00-06:00', '23:45-00:15, 21:00-21:15', '20:00-06:00', '21:00-21:15, 23:45-00:15',
    ],
    'round the clock' => ['06:00-06:00', '', '06:00-06:00', ''],
    'a break at its begin, and one up to its end' => [
        '06:00-14:00', '06:00-06:15, 13:45-14:00', '06:00-14:00', '06:00-06:15, 13:45-14:00',
    ],
    'from midnight to midnight' => ['00:00-24:00', '', '00:00-00:00', ''],
    'in words' => ['06:30 to 14:45', '', '06:30-14:45', ''],
]);

it('refuses times that are none, and a break that is none of the shift', function (
    string $times,
    string $breaks,
    string $why,
) {
    expect(static fn () => ShiftTurn::of('night', $times, $breaks, [1]))->toThrow(
        static fn (InvalidInput $refused) => expect($refused->cause())->toBe($why),
    );
})->with([
    'that begins at the end of the day' => ['24:00-06:00', '', 'not_a_time'],
    'that ends after it' => ['06:00-24:01', '', 'not_a_time'],
    'of minute 60' => ['06:60-14:00', '', 'not_a_time'],
    'that ends at minute 60' => ['06:00-13:60', '', 'not_a_time'],
    'of words' => ['early', '', 'not_a_time'],
    'a break of no length' => ['22:00-06:00', '01:00-01:00', 'break_outside'],
    'a break that goes on a minute longer' => ['06:00-14:00', '13:45-14:01', 'break_outside'],
    'a break before it' => ['06:00-14:00', '05:00-05:30', 'break_outside'],
]);

it('is worked on the weekdays that are, each once, and refuses none', function () {
    expect(ShiftTurn::of('x', '06:00-14:00', '', [7, 1, 1, 8, 0])->weekdays)
        ->toBe([1, 7])
        ->and(static fn () => ShiftTurn::of('x', '06:00-14:00', '', [0, 8]))
        ->toThrow(InvalidInput::class, 'at least one weekday');
});

it('lets shifts follow each other, also from Sunday night to Monday', function (string $monday, bool $isTaken) {
    $make = static fn () => ShiftPattern::of(
        ShiftTurn::of('night', '22:00-06:00', '', [7]),
        ShiftTurn::of('early', $monday, '', [1]),
    );
    $isTaken ? expect($make()->turns)->toHaveCount(2) : expect($make)->toThrow(InvalidInput::class);
})->with([
    ['06:00-14:00', true],
    ['05:59-14:00', false],
]);

it('gives a time to the shift that it was said of', function (string $shift, string $from, string $to, array $is) {
    $zone = new DateTimeZone('UTC');
    $slot = ShiftTurn::of('x', $shift, '', range(1, 7))->on(LocalDate::parse('2026-03-17'), $zone);
    $said = ShiftClock::of($slot->span, $zone)->stretch($from, $to);
    expect([gmdate('d H:i', $said->from), gmdate('d H:i', $said->to)])->toBe($is);
})->with([
    'all of a shift round the clock' => ['06:00-06:00', '06:00', '06:00', ['17 06:00', '18 06:00']],
    'its first minute' => ['22:00-06:00', '22:00', '22:01', ['17 22:00', '17 22:01']],
    'nothing of it' => ['06:00-14:00', '08:00', '08:00', ['17 08:00', '17 08:00']],
    'before it, outside' => ['06:00-14:00', '05:00', '06:30', ['17 05:00', '17 06:30']],
    'after its end, outside' => ['22:00-06:00', '06:30', '07:00', ['17 06:30', '17 07:00']],
    'midnight at the end' => ['14:00-24:00', '14:00', '24:00', ['17 14:00', '18 00:00']],
]);

it('takes signals of a machine that can be', function (string $state, ?int $counter, ?int $rejected, ?string $why) {
    $make = static fn () => Signal::of(0, $state, $counter, $rejected);
    if ($why === null) {
        expect([$make()->runs, $make()->counter, $make()->rejected])->toBe([$state === 'running', $counter, $rejected]);

        return;
    }
    expect($make)->toThrow(static fn (InvalidInput $refused) => expect($refused->cause())->toBe($why));
})->with([
    ['running', 0, 0, null],
    ['idle', null, null, null],
    ['running', 5, null, null],
    ['running', -1, null, 'negative_count'],
    ['running', 5, -1, 'negative_count'],
    ['running', null, -1, 'negative_count'],
    ['running', -1, 5, 'negative_count'],
    ['asleep', 1, 1, 'state'],
]);

it('makes a stop of what is a second longer than the line allows', function () {
    $stops = static fn (int $length, int $now = 0): array => SignalRules::idleAfter(60)->stops(
        $length > 0 ? [Signal::of(0, 'idle'), Signal::of($length, 'running')] : [Signal::of(0, 'idle')],
        $now,
    );
    expect($stops(60))
        ->toBe([])
        ->and($stops(61))
        ->toBe([[0, 61]])
        ->and($stops(0, 60))
        ->toBe([])
        ->and($stops(0, 61))
        ->toBe([[0, null]]);
});

it('runs where it makes as many as it must, says nothing, or signals twice at once', function () {
    $stops = static fn (Signal ...$signals): array => SignalRules::idleAfter(60, 0.1)->stops($signals, 900);
    expect($stops(Signal::of(0, 'running', 0), Signal::of(100, 'running', 10)))
        ->toBe([])
        ->and($stops(Signal::of(0, 'running', 0), Signal::of(100, 'running', 9)))
        ->toBe([[0, 100]])
        ->and($stops(Signal::of(0, 'running'), Signal::of(100, 'running', 9)))
        ->toBe([])
        ->and($stops(Signal::of(0, 'running', 0), Signal::of(0, 'running', 0), Signal::of(90, 'running', 50)))
        ->toBe([]);
});

it('gives what was made between two signals to the minutes in which it was made', function (
    array $from,
    array $to,
    array $by,
) {
    $output = SignalRules::output([Signal::of($from[0], 'running', $from[1]), Signal::of($to[0], 'running', $to[1])]);
    expect(array_map(static fn (array $one): int => $one[0], $output))->toBe($by);
})->with([
    'within a minute' => [[10, 0], [50, 4], [0 => 4]],
    'up to its end' => [[30, 0], [60, 3], [0 => 3]],
    'just over its end' => [[30, 0], [61, 31], [0 => 30, 60 => 1]],
    'from its begin' => [[60, 0], [120, 6], [60 => 6]],
    'over three' => [[30, 0], [150, 8], [0 => 2, 60 => 4, 120 => 2]],
    'at the same second' => [[30, 0], [30, 5], [0 => 5]],
    'begun anew' => [[0, 90], [60, 5], [0 => 5]],
    'nothing' => [[0, 5], [180, 5], []],
]);

it('cuts a shift into quarters of an hour that are touched', function (array $touched, int $last, array $is) {
    $slots = SignalSlot::ofShift(Span::between(1000, 4000), Span::between(...$touched), $last);
    expect(array_map(static fn (SignalSlot $one): array => [
        $one->whole->from, $one->whole->to, $one->known->seconds(),
    ], $slots))->toBe($is);
})->with([
    'all of it, the last one shorter' => [
        [0, 9000], 9000, [[1000, 1900, 900], [1900, 2800, 900], [2800, 3700, 900], [3700, 4000, 300]],
    ],
    'one' => [[1900, 2800], 9000, [[1900, 2800, 900]]],
    'one and a second of the next' => [[1900, 2801], 9000, [[1900, 2800, 900], [2800, 3700, 900]]],
    'known up to the last signal' => [[1900, 2801], 2000, [[1900, 2800, 100], [2800, 3700, 0]]],
    'before the shift' => [[0, 1000], 9000, []],
]);

it('adds, cuts and takes away stretches that only touch', function () {
    expect(edgesOf(setOf([0, 10], [10, 20], [30, 40])))
        ->toBe([[0, 20], [30, 40]])
        ->and(edgesOf(setOf([0, 10], [20, 30])->and(setOf([10, 20]))))
        ->toBe([])
        ->and(edgesOf(setOf([0, 10], [20, 30])->and(setOf([0, 10], [10, 30]))))
        ->toBe([[0, 10], [20, 30]])
        ->and(edgesOf(setOf([0, 10], [20, 30])->without(setOf([10, 20]))))
        ->toBe([[0, 10], [20, 30]])
        ->and(edgesOf(setOf([0, 10])->without(setOf([0, 10]))))
        ->toBe([])
        ->and(edgesOf(setOf([0, 30])->without(setOf([0, 5], [10, 15], [25, 30]))))
        ->toBe([[5, 10], [15, 25]])
        ->and(edgesOf(setOf([0, 10], [20, 30])->without(setOf([5, 25]))))
        ->toBe([[0, 5], [25, 30]])
        ->and(setOf([0, 10])->holds(0))
        ->toBeTrue()
        ->and(setOf([0, 10])->holds(10))
        ->toBeFalse();
});

it('is wanted in windows that begin the day before, last a day, or end with it', function (
    array $window,
    array $period,
    float $hours,
    array $closed = [],
) {
    $at = static fn (float $hour): int => day('2026-03-17')->epochDay * 86400 + (int) ($hour * 3600);
    $within = RequiredTime::weekly(new DateTimeZone('UTC'), [$window], $closed)
        ->within(Span::between($at($period[0]), $at($period[1])));
    expect($within->seconds() / 3600)->toEqual($hours);
})->with([
    // Tuesday 17 March
    'what began on Monday night' => [[1, '22:00', '06:00'], [0, 24], 6.0],
    'what begins tonight' => [[2, '22:00', '06:00'], [0, 24], 2.0],
    'a day from six to six' => [[2, '06:00', '06:00'], [0, 48], 24.0],
    'up to midnight' => [[2, '14:00', '24:00'], [0, 48], 10.0],
    'a night that is closed by the day on which it begins' => [[1, '22:00', '06:00'], [0, 24], 0.0, ['2026-03-16']],
    'a night after which it is closed' => [[1, '22:00', '06:00'], [0, 24], 6.0, ['2026-03-17']],
]);

it('tells inherent and technical availability of what failed and what was mended', function () {
    $hour = static fn (float $from, float $to): array => [(int) ($from * 3600), (int) ($to * 3600)];
    $period = Span::between(0, 4 * 3600);
    $failed = StoppedFor::failure(...[...$hour(0, 2), 4 * 3600]);
    $starved = StoppedFor::other(...[...$hour(2, 3), 4 * 3600]);
    $is = Reliability::of($period, setOf([0, 4 * 3600]), [$failed, $starved]);
    // 4 h wanted, 1 h operating, 2 h of them failed, 1 h without work to do.
    expect([$is->operating(), $is->mtbf(), $is->mttr(), $is->availability()])
        ->toEqual([3600, 3600.0, 7200.0, 0.25])
        ->and($is->technicalAvailability())
        ->toEqualWithDelta(1 / 3, 1e-12)
        ->and($is->inherent())
        ->toEqualWithDelta(1 / 3, 1e-12)
        ->and(Reliability::of($period, setOf([0, 4 * 3600]), [
            StoppedFor::failure(...[...$hour(0, 2), 4 * 3600]),
        ])->inherent())
        ->toEqual(0.5)
        ->and(Reliability::without(0)->technicalAvailability())
        ->toBeNull();
});

it('counts what failed in the hours that are looked at alone, and as down time what failed before', function () {
    $failed = StoppedFor::failure(3600, 3 * 3600, 9 * 3600);
    $of = static fn (int $from): Reliability => Reliability::begunIn(
        Span::between(0, 8 * 3600),
        setOf([$from, 8 * 3600]),
        $failed,
    );
    expect([$of(0)->failures, $of(3600)->failures, $of(3601)->failures])
        ->toBe([1, 1, 0])
        ->and($of(3601)->operating())
        ->toBe(5 * 3600);
});

it('leaves out of a picture of causes what is nothing, and keeps the names of numbers', function () {
    $bars = Pareto::of([7 => 30, 12 => 0, 3 => -5, 9 => 10, 4 => 1], 2);
    expect(array_map(static fn (array $bar): array => [$bar['key'], $bar['size']], $bars->bars ?? $bars))
        ->toContain(['7', 30])
        ->toContain(['9', 10])
        ->not->toContain(['12', 0])
        ->not->toContain(['3', -5]);
});

it('says how much of what was lost in rejects is more than it was', function () {
    // Both planned for an hour: 4 min of rejects against 6 of twice the time, which are 3.
    $now = Oee::of(3600, 3600, ProductRun::of('2', 1200, 120));
    $before = Oee::of(7200, 7200, ProductRun::of('2', 2400, 180));
    expect($now->against($before)['rejects'] ?? null)->toEqualWithDelta(1.0, 1e-9);
});

it('shows in the band the share that was rejected, and none where nothing was made', function () {
    $shift = ShiftFacts::of(Span::between(0, 7200))->made(
        [Span::between(0, 3600), ProductRun::of('60', 40, 10)],
        [Span::between(3600, 7200), ProductRun::of('60', 0, 0)],
    );
    $blocks = LitBand::of([$shift], [], 7200)->blocks;
    expect(array_map(static fn (BandBlock $one): array => [$one->rate, $one->rejected ?? null], $blocks))
        ->toEqual([[40 * 60 / 3600, 0.25], [0.0, 0.0]]);
});

it('takes short stops from what ran, shared out by the time of each run, and never below nothing', function () {
    $facts = ShiftFacts::of(Span::between(0, 7200))->made(
        [Span::between(0, 4800), ProductRun::of('60', 40, 0)],
        [Span::between(4800, 7200), ProductRun::of('60', 20, 0)],
    );
    expect(ShiftOutcome::ofRun($facts->short(901), 0, 7200))
        ->toBe([4800, 4800 - 600])
        ->and(ShiftOutcome::ofRun($facts->short(901), 1, 7200))
        ->toBe([2400, 2400 - 300])
        ->and(ShiftOutcome::of($facts->short(9000), 7200)->oee->run)
        ->toBe(0);
});
