<?php

declare(strict_types=1);

use Sundial\Work\Failure\UsualFailure;
use Sundial\Work\FinishTime;
use Sundial\Work\Former\FormerOrder;
use Sundial\Work\HoldReason;
use Sundial\Work\Isolation\Isolation;
use Sundial\Work\Isolation\IsolationMove;
use Sundial\Work\Isolation\IsolationState;
use Sundial\Work\Many\DayChange;
use Sundial\Work\OrderState;
use Sundial\Work\Plan\AsPlanned;
use Sundial\Work\Plan\PlanText;
use Sundial\Work\Priority;
use Sundial\Work\Request\PriorityTable;
use Sundial\Work\Review\Review;
use Sundial\Work\Review\ReviewFacts;
use Sundial\Work\Rules\WorkRules;
use Sundial\Work\RunningTime;
use Sundial\Work\Shutdown\ShutdownOrder;
use Sundial\Work\Shutdown\ShutdownProgress;
use Sundial\Work\Shutdown\ShutdownWindow;
use Sundial\Work\Waiting\AgreedStay;
use Sundial\Work\Waiting\StandingScale;
use Sundial\Work\Window\ReadyWork;
use Sundial\Work\WorkKind;
use Sundial\Work\WorkSpan;

use function Tests\Core\beyond;
use function Tests\Core\day;

/** An instant of a day in March 2026, or later and earlier by some words. */
function instantAt(string $words): DateTimeImmutable
{
    return new DateTimeImmutable("2026-03-18 12:00:00 {$words}", new DateTimeZone('UTC'));
}

it('takes what lies at an edge, and refuses what lies beyond it at its field', function (
    Closure $try,
    mixed $at,
    mixed $beyond,
    string $field,
    string $why,
) {
    $refused = beyond($try, $at, $beyond);
    expect([$refused?->field(), $refused?->cause()])->toBe([$field, $why]);
})->with([
    'a finish a minute ahead, by a clock that differs' => [
        static fn (string $words) => FinishTime::check(instantAt($words), instantAt('')),
        '+60 seconds', '+61 seconds', 'finished_at', 'future',
    ],
    'a finish a year and a day back' => [
        static fn (string $words) => FinishTime::check(instantAt($words), instantAt('')),
        '-366 days', '-366 days -1 second', 'finished_at', 'too_early',
    ],
    'a clock stopped now' => [
        static fn (string $words) => RunningTime::since(instantAt('-1 hour'))->until(instantAt($words), instantAt('')),
        '+0 seconds', '+1 second', 'stopped_at', 'future',
    ],
    'a clock stopped as it was started' => [
        static fn (string $words) => RunningTime::since(instantAt(''))->until(instantAt($words), instantAt('')),
        '+0 seconds', '-1 second', 'stopped_at', 'before_start',
    ],
    'a clock that ran for 16 h' => [
        static fn (string $words) => RunningTime::since(instantAt($words))->until(instantAt(''), instantAt('')),
        '-960 minutes', '-961 minutes', 'stopped_at', 'too_long',
    ],
    'a shutdown of a year' => [
        static fn (string $words) => ShutdownWindow::of(instantAt(''), instantAt($words)),
        '+366 days', '+366 days +1 second', 'to_at', 'no_window',
    ],
    'a shutdown of a second' => [
        static fn (string $words) => ShutdownWindow::of(instantAt(''), instantAt($words)),
        '+1 second', '+0 seconds', 'to_at', 'no_window',
    ],
    'a day of work of one person' => [
        static fn (int $minutes) => WorkSpan::of([30, $minutes]), 1440, 1441, 'hours', 'too_long',
    ],
    'a stay of a day' => [
        static fn (int $days) => AgreedStay::of(['parts' => $days]), 1, 0, 'agreed.parts', 'out_of_range',
    ],
    'a stay of a year' => [
        static fn (int $days) => AgreedStay::of(['parts' => $days]), 365, 366, 'agreed.parts', 'out_of_range',
    ],
    'due at once' => [
        static fn (int $days) => PriorityTable::of([], ['soon' => $days]), 0, -1, 'days.soon', 'out_of_range',
    ],
    'due within a year' => [
        static fn (int $days) => PriorityTable::of([], ['soon' => $days]), 365, 366, 'days.soon', 'out_of_range',
    ],
    'a shift of ten years' => [
        static fn (string $typed) => DayChange::parse($typed, 'due_on'), '+3660', '+3661', 'due_on', 'days_too_many',
    ],
    'a look within a year' => [
        static fn (string $chosen) => HoldReason::of('parts', 2)->lookAgain(day('2026-03-18'), day($chosen)),
        '2027-03-19', '2027-03-20', 'look_again_on', 'too_late',
    ],
    'a look today' => [
        static fn (string $chosen) => HoldReason::of('parts', 2)->lookAgain(day('2026-03-18'), day($chosen)),
        '2026-03-18', '2026-03-17', 'look_again_on', 'too_early',
    ],
    'a plan of 200 lines' => [
        static fn (int $lines) => PlanText::read(str_repeat("Draw the seal\n", $lines), []),
        200, 201, 'lines', 'too_many',
    ],
    'an amount of nothing above which nobody approves their own' => [
        static fn (int $cents) => WorkRules::approving([], $cents), 0, -1, 'own_above', 'out_of_range',
    ],
    'an amount of nothing that a role approves' => [
        static fn (int $cents) => WorkRules::approving(['supervisor' => $cents], null),
        0, -1, 'supervisor', 'out_of_range',
    ],
    'locks that are lengthened by a second' => [
        static fn (string $words) => Isolation::standing(IsolationState::InForce, instantAt('-1 hour'))
            ->after(IsolationMove::Extend, instantAt(''), instantAt($words)),
        '+1 second', '+0 seconds', 'valid_until', 'too_early',
    ],
]);

it('asks for a time ahead only where locks are lengthened', function () {
    $over = Isolation::standing(IsolationState::InForce, instantAt('-1 hour'));
    $lifted = $over->after(IsolationMove::Lift, instantAt(''));
    expect($over->isLocked())
        ->toBeTrue()
        ->and($over->protects(instantAt('')))
        ->toBeFalse()
        ->and($lifted->isLocked())
        ->toBeFalse()
        ->and($lifted->state->isOpen())
        ->toBeFalse()
        ->and($over->state->isOpen())
        ->toBeTrue();
});

it('begins a plant with reasons that are looked at again after a day, two, or a week', function () {
    $today = day('2026-03-18');
    $looks = array_map(
        static fn (string $name): string => (string) HoldReason::of($name, HoldReason::SHIPPED[$name])
            ->lookAgain($today),
        array_combine(array_keys(HoldReason::SHIPPED), array_keys(HoldReason::SHIPPED)),
    );
    expect($looks)
        ->toBe([
            'parts' => '2026-03-20',
            'access' => '2026-03-19',
            'people' => '2026-03-19',
            'contractor' => '2026-03-25',
            'weather' => '2026-03-19',
            'safety' => '2026-03-19',
            'other' => '2026-03-20',
        ])
        ->and((string) HoldReason::of('own', -3)->lookAgain($today))
        ->toBe('2026-03-18');
});

it('finds of a former order that is open its begin ahead of now, and of a closed one after its end', function (
    array $cells,
    array $says,
) {
    expect(FormerOrder::of($cells)->wrong('2026-03-18 08:00'))->toBe($says);
})->with([
    'begun this minute' => [['state' => 'planned', 'started' => '2026-03-18 08:00'], []],
    'begun in a minute' => [
        ['state' => 'planned', 'started' => '2026-03-18 08:01'],
        ['started' => 'This lies in the future.'],
    ],
    'done the minute it was begun' => [['started' => '2026-03-02 08:00', 'finished' => '2026-03-02 08:00'], []],
    'done before it was begun' => [
        ['started' => '2026-03-02 08:01', 'finished' => '2026-03-02 08:00'],
        ['started' => 'It was finished before that.'],
    ],
    'never begun' => [['state' => 'planned'], []],
]);

it('shifts a day by nothing without calling it earlier', function () {
    expect(DayChange::parse('+0', 'due_on')->words())
        ->toBe('0 d later')
        ->and(DayChange::parse('-0', 'due_on')->words())
        ->toBe('0 d later')
        ->and(DayChange::parse('-1', 'due_on')->words())
        ->toBe('1 d earlier');
});

it('proposes as usual only what was recorded three times, and the first of two that are as usual', function () {
    $words = static fn (string $mode): array => ['mode' => $mode, 'cause' => 'age and use', 'action' => 'replaced'];
    $usual = static fn (array ...$recorded): ?string => UsualFailure::among($recorded)?->words['mode'];
    expect($usual([$words('leaks'), 2]))
        ->toBeNull()
        ->and($usual([$words('leaks'), 3]))
        ->toBe('leaks')
        ->and($usual([$words('leaks'), 3], [$words('sticks'), 3]))
        ->toBe('leaks')
        ->and($usual([$words('leaks'), 3], [$words('sticks'), 4]))
        ->toBe('sticks')
        ->and($usual([$words('leaks'), 4], [$words('sticks'), 3]))
        ->toBe('leaks');
});

it('passes over a line on which no time is left, and books the rest', function () {
    $shared = AsPlanned::share([[1, 1, 0], [1, 1, -5], [1, 2, 30]], [7 => 1, 8 => 2]);
    expect($shared->minutes)->toBe([7 => 30])->and($shared->missing)->toBe([[1, 1, 30]]);
});

it('finds at a review each thing from the first of it', function (ReviewFacts $facts, array $found) {
    expect(array_column(Review::of($facts)->findings, 'name'))->toBe($found);
})->with([
    'a part apart' => [ReviewFacts::of(WorkKind::Planned)->lines(1, 0), ['PartsDiffer']],
    'a cost unknown' => [ReviewFacts::of(WorkKind::Planned)->lines(0, 1), ['UnknownCost']],
    'a day late' => [ReviewFacts::of(WorkKind::Planned)->late(1), ['Late']],
    'a step open' => [ReviewFacts::of(WorkKind::Planned)->steps(1, 0), ['StepsOpen']],
    'a step faulty' => [ReviewFacts::of(WorkKind::Planned)->steps(0, 1), ['FoundFaulty']],
    'a minute booked of a minute planned' => [ReviewFacts::of(WorkKind::Planned)->hours(1, 1), []],
    'a minute planned and none booked' => [ReviewFacts::of(WorkKind::Planned)->hours(1, 0), ['NothingBooked']],
    'half an hour planned, a minute booked' => [ReviewFacts::of(WorkKind::Planned)->hours(30, 1), ['HoursUnder']],
    'a failure that is not told' => [ReviewFacts::of(WorkKind::Planned)->withoutRecord(), ['NoFailureRecord']],
]);

it('tells of an order in each state what can still be done with it', function (
    OrderState $state,
    bool $bookings,
    bool $parts,
    bool $invoices,
    bool $open,
) {
    expect([$state->takesBookings(), $state->takesParts(), $state->takesInvoices(), $state->isOpen()])
        ->toBe([$bookings, $parts, $invoices, $open]);
})->with([
    [OrderState::Draft, false, false, false, true],
    [OrderState::Planned, false, false, false, true],
    [OrderState::Approved, false, true, false, true],
    [OrderState::UnderWay, true, true, true, true],
    [OrderState::OnHold, true, true, true, true],
    [OrderState::Done, true, true, true, false],
    [OrderState::Closed, false, false, true, false],
    [OrderState::Cancelled, false, false, false, false],
]);

it('takes of a turn the longest order, and of finished ones nothing', function () {
    $order = static fn (int $turn, int $length, OrderState $state = OrderState::Approved) => ShutdownOrder::of(
        $turn,
        $state,
        $length,
    );
    expect(ShutdownProgress::of($order(1, 60), $order(1, 90), $order(1, 30), $order(2, 20))->sequence())
        ->toBe(110)
        ->and(ShutdownProgress::of($order(1, 60, OrderState::Done), $order(2, 20))->sequence())
        ->toBe(20)
        ->and(ShutdownProgress::of()->sequence())
        ->toBe(0);
});

it('tells a shutdown by its orders where none of them has hours, and by hours from the first minute', function () {
    $done = ShutdownOrder::of(1, OrderState::Done, 10);
    $open = ShutdownOrder::of(1, OrderState::Approved, 10);
    expect(ShutdownProgress::of($done, $open, $open, $open)->share())
        ->toBe(250)
        ->and(ShutdownProgress::of($done, $open->withHours(1, 0))->share())
        ->toBe(0)
        ->and(ShutdownProgress::of($done->withHours(1, 0), $open)->share())
        ->toBe(1000)
        ->and($open->withHours(-5, -5)->planned)
        ->toBe(0)
        ->and($open->withHours(60, -5)->done())
        ->toBe(0);
});

it('has no minutes left of a shutdown that is over', function () {
    $window = ShutdownWindow::of(instantAt('-2 hours'), instantAt('-1 hour'));
    expect($window->minutesLeft(instantAt('')))
        ->toBe(0)
        ->and($window->minutesLeft(instantAt('-90 minutes')))
        ->toBe(30)
        ->and($window->minutesLeft(instantAt('-3 hours')))
        ->toBe(60);
});

it('places a stay exactly at the days that are named, and a negative one at the beginning', function (
    int $minutes,
    int $place,
) {
    expect(StandingScale::place($minutes))->toBe($place);
})->with([
    [-5, 0], [0, 0], [1440, 190], [2 * 1440, 265], [3 * 1440, 340], [7 * 1440, 520], [14 * 1440, 720],
    [30 * 1440, 900], [365 * 1440, 1000], [365 * 1440 - 1, 999], [366 * 1440, 1000],
]);

it('ranks work by its priority first, then by how late it is, however late that is', function () {
    $rank = static fn (Priority $priority, int $late): int => ReadyWork::of(1, $priority, $late)->rank;
    expect($rank(Priority::Soon, -90000))
        ->toBeGreaterThan($rank(Priority::Routine, 90000))
        ->and($rank(Priority::Urgent, 1))
        ->toBeGreaterThan($rank(Priority::Urgent, 0))
        ->and($rank(Priority::Emergency, 0))
        ->toBeGreaterThan($rank(Priority::Urgent, 400))
        ->and(ReadyWork::of(1, Priority::Soon, 0)->taking(30, [])->minutes)
        ->toBe(30)
        ->and(ReadyWork::of(1, Priority::Soon, 0)->taking(0, [])->minutes)
        ->toBe(0)
        ->and(ReadyWork::of(1, Priority::Soon, 0)->taking(30, [['fitter', 1, 45], ['electrician', 2, 20]])->minutes)
        ->toBe(45);
});

it('counts strokes from one for routine to four for an emergency', function () {
    expect(array_map(static fn (Priority $one): int => $one->strokes(), Priority::cases()))->toBe([1, 2, 3, 4]);
});
