<?php

declare(strict_types=1);

use Sundial\Calendar\Interval;
use Sundial\Calendar\NonWorking;
use Sundial\Calendar\RecurrenceRule;
use Sundial\Calendar\Season;
use Sundial\Calendar\Unit;
use Sundial\Calendar\WorkingDays;
use Sundial\Meters\Counter;
use Sundial\Meters\CounterReading;
use Sundial\Meters\Totals;
use Sundial\Meters\Turn;
use Sundial\Planning\Ladder\Ladder;
use Sundial\Planning\Ladder\LadderCount;
use Sundial\Planning\Schedule\CalendarState;
use Sundial\Planning\Schedule\CountedFrom;
use Sundial\Planning\Schedule\Facts;
use Sundial\Planning\Schedule\Holds;
use Sundial\Planning\Schedule\MethodState;
use Sundial\Planning\Schedule\ReleaseDecision;
use Sundial\Planning\Schedule\ScheduleRule;
use Sundial\Planning\Schedule\ScheduleState;
use Sundial\Planning\Schedule\Why;
use Sundial\Planning\Trigger\CalendarTrigger;
use Sundial\Planning\Trigger\CarryOver;
use Sundial\Planning\Trigger\Completion;
use Sundial\Planning\Trigger\Leading;
use Sundial\Planning\Trigger\Suspension;
use Sundial\Planning\Trigger\Triggers;
use Sundial\Planning\Trigger\UsageTrigger;
use Sundial\Planning\Trigger\VisitInHand;
use Sundial\Planning\Visit\LeadTime;
use Sundial\Planning\Visit\NextDue;
use Sundial\Planning\Visit\UsageDue;
use Sundial\Planning\Visit\VisitTerms;
use Sundial\Support\InvalidInput;

use function Tests\Core\day;
use function Tests\Core\isos;

/*
 * Dates worked by hand with a calendar. Each names the rule, when the visit was planned and done, and what follows.
 */

it('counts on from a completion', function (
    int $every,
    Unit $unit,
    string $anchor,
    int $late,
    int $early,
    string $planned,
    string $done,
    string $next,
    array $missed = [],
) {
    $trigger = CalendarTrigger::interval(Interval::every($every, $unit, day($anchor)), CarryOver::of($late, $early));
    $completion = Completion::of($trigger, day($planned), day($done));
    expect((string) $completion->nextDate)->toBe($next)->and(isos($completion->missed))->toBe($missed);
})->with([
    'late, kept to the calendar' => [30, Unit::Days, '2026-03-01', 0, 0, '2026-03-01', '2026-03-09', '2026-03-31'],
    'late, a quarter: 8 days give 2' => [
        30,
        Unit::Days,
        '2026-03-01',
        25,
        0,
        '2026-03-01',
        '2026-03-09',
        '2026-04-02',
    ],
    'late, half' => [30, Unit::Days, '2026-03-01', 50, 0, '2026-03-01', '2026-03-09', '2026-04-04'],
    'late, three quarters' => [30, Unit::Days, '2026-03-01', 75, 0, '2026-03-01', '2026-03-09', '2026-04-06'],
    'late, all of it' => [30, Unit::Days, '2026-03-01', 100, 0, '2026-03-01', '2026-03-09', '2026-04-08'],
    'late by 1 day, half: half a day goes up' => [
        30,
        Unit::Days,
        '2026-03-01',
        50,
        0,
        '2026-03-01',
        '2026-03-02',
        '2026-04-01',
    ],
    'early, kept to the calendar' => [30, Unit::Days, '2026-03-31', 0, 0, '2026-03-31', '2026-03-25', '2026-04-30'],
    'early, half' => [30, Unit::Days, '2026-03-31', 0, 50, '2026-03-31', '2026-03-25', '2026-04-27'],
    'early, all of it' => [30, Unit::Days, '2026-03-31', 0, 100, '2026-03-31', '2026-03-25', '2026-04-24'],
    'early by 1 day, half: half a day goes up, earlier' => [
        30,
        Unit::Days,
        '2026-03-31',
        0,
        50,
        '2026-03-31',
        '2026-03-30',
        '2026-04-29',
    ],
    'done early, only lateness is carried' => [
        30,
        Unit::Days,
        '2026-03-31',
        100,
        0,
        '2026-03-31',
        '2026-03-25',
        '2026-04-30',
    ],
    'two points passed' => [
        30,
        Unit::Days,
        '2026-03-01',
        0,
        0,
        '2026-03-01',
        '2026-05-10',
        '2026-05-30',
        ['2026-03-31', '2026-04-30'],
    ],
    'two points passed, half: none is missed' => [
        30,
        Unit::Days,
        '2026-03-01',
        50,
        0,
        '2026-03-01',
        '2026-05-10',
        '2026-06-04',
    ],
    'done on the day of a later point: covered' => [
        30,
        Unit::Days,
        '2026-03-01',
        0,
        0,
        '2026-03-01',
        '2026-03-31',
        '2026-04-30',
    ],
    'the last of January, into a common year' => [
        1,
        Unit::Months,
        '2026-01-31',
        0,
        0,
        '2026-01-31',
        '2026-01-31',
        '2026-02-28',
    ],
    'the last of January, into a leap year' => [
        1,
        Unit::Months,
        '2028-01-31',
        0,
        0,
        '2028-01-31',
        '2028-02-02',
        '2028-02-29',
    ],
    'from the last of February back to the last of March' => [
        1,
        Unit::Months,
        '2026-01-31',
        0,
        0,
        '2026-02-28',
        '2026-02-28',
        '2026-03-31',
    ],
    'a month counted from a completion on the 31st' => [
        1,
        Unit::Months,
        '2026-01-10',
        100,
        0,
        '2026-01-10',
        '2026-01-31',
        '2026-02-28',
    ],
    'monthly from 10 January, done 10 February, all of it' => [
        1,
        Unit::Months,
        '2026-01-10',
        100,
        0,
        '2026-01-10',
        '2026-02-10',
        '2026-03-10',
    ],
    'a year from a leap day' => [1, Unit::Years, '2028-02-29', 0, 0, '2028-02-29', '2028-03-05', '2029-02-28'],
    'a year from a leap day, all of it' => [
        1,
        Unit::Years,
        '2028-02-29',
        100,
        100,
        '2028-02-29',
        '2028-02-29',
        '2029-02-28',
    ],
    'thirteen weeks over new year' => [
        13,
        Unit::Weeks,
        '2026-11-02',
        0,
        0,
        '2026-11-02',
        '2026-11-06',
        '2027-02-01',
    ],
]);

it('moves dates off rest days, and counts on from the point', function (
    NonWorking $how,
    string $planned,
    string $done,
    string $next,
) {
    $days = WorkingDays::except([6, 7], [day('2026-04-03'), day('2026-04-06')]);
    $trigger = CalendarTrigger::interval(
        Interval::every(7, Unit::Days, day('2026-03-28')),
        CarryOver::of(100, 100),
        null,
        $how,
        $days,
    );
    expect((string) $trigger->dateOf(day('2026-03-28')))
        ->toBe($planned)
        ->and((string) Completion::of($trigger, day('2026-03-28'), day($done))->nextDate)
        ->toBe($next);
})->with([
    // Saturday 28 March; Saturday 4 April lies between Good Friday and Easter Monday.
    'forward, done on the moved day: on time' => [NonWorking::Forward, '2026-03-30', '2026-03-30', '2026-04-07'],
    'back' => [NonWorking::Back, '2026-03-27', '2026-03-27', '2026-04-02'],
    'nearest: Friday is as near as Monday is not' => [NonWorking::Nearest, '2026-03-27', '2026-03-27', '2026-04-02'],
    'kept' => [NonWorking::Keep, '2026-03-28', '2026-03-28', '2026-04-04'],
    'forward, done a day late: from the completion' => [
        NonWorking::Forward,
        '2026-03-30',
        '2026-03-31',
        '2026-04-07',
    ],
]);

it('keeps to a season across new year', function (string $planned, string $done, string $next) {
    $trigger = CalendarTrigger::interval(
        Interval::every(1, Unit::Months, day('2026-11-15')),
        CarryOver::of(100, 0),
        Season::months([11, 12, 1]),
    );
    expect((string) Completion::of($trigger, day($planned), day($done))->nextDate)->toBe($next);
})->with([
    'within it' => ['2026-12-15', '2026-12-15', '2027-01-15'],
    'out of it into the next' => ['2027-01-15', '2027-01-15', '2027-11-15'],
    'late into February: where the next season begins' => ['2027-01-15', '2027-02-03', '2027-11-01'],
    'late within it' => ['2026-12-15', '2026-12-20', '2027-01-20'],
]);

it('starts afresh in its season when it was held or led by use out of it', function () {
    $floating = CalendarTrigger::interval(
        Interval::every(1, Unit::Months, day('2026-11-15')),
        CarryOver::of(100, 100),
        Season::months([11, 12, 1]),
    );
    expect(
        (string) Suspension::lifted($floating, day('2027-01-15'), day('2027-01-10'), day('2027-03-02'))->nextPoint,
    )->toBe('2027-11-01');
    // Every six months, counted from a completion in March, falls in March and September only: neither is in season.
    $both = Triggers::of(
        CalendarTrigger::interval(
            Interval::every(6, Unit::Months, day('2026-11-15')),
            CarryOver::fixed(),
            Season::months([11, 12, 1]),
        ),
        UsageTrigger::every(500000, 0, CarryOver::fixed()),
    );
    expect(
        (string) $both->complete(
            VisitInHand::of(Leading::Usage, day('2027-05-15'), 500000),
            day('2027-03-10'),
            500000,
        )->nextPoint,
    )->toBe('2027-11-01');
});

it('suspends what passes in a pause', function (int $share, string $next, array $suspended) {
    $trigger = CalendarTrigger::interval(
        Interval::every(14, Unit::Days, day('2026-03-02')),
        CarryOver::of($share, $share),
    );
    $lifted = Suspension::lifted($trigger, day('2026-03-30'), day('2026-03-20'), day('2026-05-01'));
    expect((string) $lifted->nextPoint)->toBe($next)->and(isos($lifted->suspended))->toBe($suspended);
})->with([
    'kept to the calendar' => [0, '2026-05-11', ['2026-03-30', '2026-04-13', '2026-04-27']],
    'counted from completion: due on return' => [100, '2026-05-01', []],
]);

it('restarts the other triggers at the completion', function (
    Leading $led,
    string $done,
    int $doneAt,
    string $next,
    int $total,
) {
    $triggers = Triggers::of(
        CalendarTrigger::interval(Interval::every(90, Unit::Days, day('2026-01-01')), CarryOver::fixed()),
        UsageTrigger::every(500000, 4000000, CarryOver::fixed()),
    );
    $after = $triggers->complete(VisitInHand::of($led, day('2026-04-01'), 4500000), day($done), $doneAt);
    expect([(string) $after->nextPoint, $after->nextTotal])->toBe([$next, $total]);
})->with([
    'hours led, 16 February: 90 days from there' => [Leading::Usage, '2026-02-16', 4500000, '2026-05-17', 5000000],
    'hours led, done 20 h late, fixed: the hours keep' => [
        Leading::Usage,
        '2026-02-18',
        4520000,
        '2026-05-19',
        5000000,
    ],
    'the calendar led: the hours count from the reading' => [
        Leading::Calendar,
        '2026-04-03',
        4310000,
        '2026-06-30',
        4810000,
    ],
]);

it('restarts a weekday rule at its first date after the completion', function () {
    $triggers = Triggers::of(
        CalendarTrigger::rule(RecurrenceRule::weekdays(day('2026-03-02'), 2, [1])),
        UsageTrigger::every(100000, 0, CarryOver::fixed()),
    );
    expect(
        (string) $triggers->complete(
            VisitInHand::of(Leading::Usage, day('2026-03-16'), 100000),
            day('2026-03-16'),
            100000,
        )->nextPoint,
    )->toBe('2026-03-30');
});

/** A counter read at six in the morning. */
function readAt(string $day, int $shown, Turn $turn = Turn::Read, int $oldFinal = 0): CounterReading
{
    return CounterReading::of(
        day($day)->epochDay * 86400 + 21600,
        day($day),
        $shown * 1000,
        $turn,
        $oldFinal * 1000,
    );
}

it('counts use through rollovers and replacements', function (
    Counter $counter,
    array $readings,
    int $total,
    ?string $expected,
) {
    $totals = Totals::of($counter, $readings);
    $standing = $totals->standing($readings[count($readings) - 1]->day);
    expect(intdiv($standing->total, 1000))->toBe($total);
    expect($standing->expected(($total + 250) * 1000)?->__toString())->toBe($expected);
})->with([
    // 12 h a day: 250 h are 20.8 days.
    'plain' => [fn () => Counter::of(), [readAt('2026-04-01', 1000), readAt('2026-05-01', 1360)], 1360, '2026-05-21'],
    'rolled over in the middle of an interval' => [
        fn () => Counter::of(10000 * 1000),
        [readAt('2026-04-01', 9800), readAt('2026-05-01', 160, Turn::RolledOver)],
        10160,
        '2026-05-21',
    ],
    'replaced: the old one showed 1 300, the new one begins at 0 and shows 60' => [
        fn () => Counter::of(),
        [readAt('2026-04-01', 1000), readAt('2026-04-26', 0, Turn::Replaced, 1300), readAt('2026-05-01', 60)],
        1360,
        '2026-05-21',
    ],
    'standing still' => [
        fn () => Counter::of(),
        [readAt('2026-04-01', 1000), readAt('2026-05-01', 1000)],
        1000,
        null,
    ],
]);

it('is due on the day of the reading that passed the total, late from the next', function () {
    $due = NextDue::of(
        null,
        UsageDue::at(
            4400000,
            Totals::of(Counter::of(), [readAt('2026-04-01', 4100), readAt('2026-05-20', 4405)])->standing(
                day('2026-05-20'),
            ),
            day('2026-05-20'),
        ),
    );
    expect([(string) $due->planned, (string) $due->lateFrom, $due->expected])->toBe([
        '2026-05-20',
        '2026-05-21',
        false,
    ]);
});

it('gives each visit the level that is owed', function (string $ladder, string $fates, string $levels) {
    $ladder = Ladder::parse($ladder);
    $count = LadderCount::none();
    $given = '';
    foreach (str_split($fates) as $i => $fate) {
        $level = $ladder->levelAt($i + 1, $count);
        $given .= strtoupper($ladder->name($level)[0]);
        $count = $fate === 'd' ? $count->done($i + 1, $level) : $count;
    }
    expect($given)->toBe($levels);
})->with([
    'all done' => ['small 1, medium 2, large 4', 'dddddddd', 'SMSLSMSL'],
    'the large one missed' => ['small 1, medium 2, large 4', 'dddmdddd', 'SMSLLMSL'],
    'the large one missed twice' => ['small 1, medium 2, large 4', 'dddmmddd', 'SMSLLLSL'],
    'a medium one skipped' => ['small 1, medium 2, large 4', 'dmdddddd', 'SMMLSMSL'],
    'a small one skipped' => ['small 1, medium 2, large 4', 'mddddddd', 'SMSLSMSL'],
    'in threes' => ['short 1, thorough 3', 'ddmddddd', 'SSTTSTSS'],
]);

it('releases once for all that passed in a week off line', function () {
    // Every second day, lead 1 day: the release did not run from 10 to 17 March.
    $trigger = CalendarTrigger::interval(Interval::every(2, Unit::Days, day('2026-03-10')), CarryOver::fixed());
    $rule = ScheduleRule::of(Triggers::of($trigger), VisitTerms::of(LeadTime::days(1)));
    $decide = function (string $today, string $planned, ?Holds $holds = null) use ($rule): bool {
        $state = ScheduleState::begun(1, day('2026-03-08'), null, Why::counted(CountedFrom::Done, day('2026-03-08')))
            ->withCalendar(CalendarState::at(day('2026-03-10'), day($planned)));
        $facts = Facts::on(day($today), WorkingDays::everyDay());
        $standing = $rule->standing($state, $holds ?? Holds::none(), $facts);

        return ReleaseDecision::of(
            day($today),
            $standing->planned($rule),
            $standing->holds,
            MethodState::InForce,
        )->releases();
    };
    expect($decide('2026-03-08', '2026-03-10'))
        ->toBeFalse()
        ->and($decide('2026-03-09', '2026-03-10'))
        ->toBeTrue()
        ->and($decide('2026-03-17', '2026-03-10'))
        ->toBeTrue()
        ->and($decide('2026-03-17', '2026-03-12', Holds::none()->inHand()))
        ->toBeFalse();
    // Done on the day it comes back, it stands for that day's too; those between are missed.
    $done = Completion::of($trigger, day('2026-03-10'), day('2026-03-18'));
    expect(isos($done->missed))
        ->toBe(['2026-03-12', '2026-03-14', '2026-03-16'])
        ->and((string) $done->nextDate)
        ->toBe('2026-03-20');
});

it('says that a season leaves nothing, instead of looking for ever', function (
    int $every,
    Unit $unit,
    string $anchor,
    array $months,
) {
    $trigger = CalendarTrigger::interval(
        Interval::every($every, $unit, day($anchor)),
        CarryOver::of(0, 0, 0),
        Season::months($months),
    );
    expect(fn () => $trigger->first(day($anchor)))->toThrow(InvalidInput::class, 'no day left');
})->with([
    'every third July, in March only' => [3, Unit::Years, '2026-07-10', [3]],
    'every year' => [1, Unit::Years, '2026-07-10', [6]],
    'every half year, between the two' => [6, Unit::Months, '2026-01-31', [2, 3, 4, 5, 6]],
]);

it('finds a season that comes only after many years', function () {
    // Every 365 days from 1 July falls a day earlier in each leap year: it is June after the first 29 February, 2028.
    $trigger = CalendarTrigger::interval(
        Interval::every(365, Unit::Days, day('2026-07-01')),
        CarryOver::of(0, 0, 0),
        Season::months([6]),
    );
    expect((string) $trigger->first(day('2026-07-01')))->toBe('2028-06-30');
});
