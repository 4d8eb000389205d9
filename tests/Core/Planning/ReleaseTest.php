<?php

declare(strict_types=1);

use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;
use Sundial\Calendar\Interval;
use Sundial\Calendar\NonWorking;
use Sundial\Calendar\Season;
use Sundial\Calendar\Unit;
use Sundial\Calendar\WorkingDays;
use Sundial\Planning\Schedule\CalendarState;
use Sundial\Planning\Schedule\CountedFrom;
use Sundial\Planning\Schedule\Facts;
use Sundial\Planning\Schedule\Holds;
use Sundial\Planning\Schedule\LeftBecause;
use Sundial\Planning\Schedule\MethodState;
use Sundial\Planning\Schedule\ReleaseDecision;
use Sundial\Planning\Schedule\ScheduleRule;
use Sundial\Planning\Schedule\ScheduleState;
use Sundial\Planning\Schedule\Start;
use Sundial\Planning\Schedule\Why;
use Sundial\Planning\Trigger\CalendarTrigger;
use Sundial\Planning\Trigger\CarryOver;
use Sundial\Planning\Trigger\Suspension;
use Sundial\Planning\Trigger\Triggers;
use Sundial\Planning\Trigger\UsageTrigger;
use Sundial\Planning\Visit\ComingVisit;
use Sundial\Planning\Visit\LeadTime;
use Sundial\Planning\Visit\Nearness;
use Sundial\Planning\Visit\VisitDates;
use Sundial\Planning\Visit\VisitTerms;
use Tests\Core\SteadyCounter;

use function Tests\Core\coming;
use function Tests\Core\day;
use function Tests\Core\isos;

it('says from when a visit is near, due and late', function (LeadTime $lead, ?int $near, string $from) {
    $visit = VisitDates::of(day('2026-03-01'), day('2026-06-09'), 100, VisitTerms::of($lead, $near));
    expect((string) $visit->nearFrom)
        ->toBe($from)
        ->and($visit->nearness(day($from)->plusDays(-1)))
        ->toBe(Nearness::Clear)
        ->and($visit->nearness(day($from)))
        ->toBe(Nearness::Near)
        ->and($visit->nearness(day('2026-06-09')))
        ->toBe(Nearness::Due)
        ->and($visit->nearness(day('2026-06-10')))
        ->toBe(Nearness::Late)
        ->and($visit->nearness(day('2026-06-10'), inHand: true))
        ->toBe(Nearness::InHand);
})->with([
    'a tenth of the interval' => [LeadTime::days(3), null, '2026-05-30'],
    'twice the lead' => [LeadTime::days(10), null, '2026-05-20'],
    'set by hand' => [LeadTime::days(3), 30, '2026-05-10'],
]);

it('makes the order when its lead has come', function (LeadTime $lead, string $release) {
    $visit = VisitDates::of(day('2026-03-01'), day('2026-03-31'), 30, VisitTerms::of($lead));
    expect((string) $visit->release)->toBe($release);
})->with([
    'days' => [LeadTime::days(5), '2026-03-26'],
    'none' => [LeadTime::days(0), '2026-03-31'],
    'consumed >= 80 %' => [LeadTime::percent(20), '2026-03-25'],
    'rounded up: 93 % of 30 is 27.9' => [LeadTime::percent(7), '2026-03-29'],
    'whole interval' => [LeadTime::percent(100), '2026-03-01'],
]);

it('leaves a visit alone and says why', function (array $with, ?LeftBecause $because) {
    $with += [
        'on' => day('2026-03-26'),
        'holds' => Holds::none(),
        'months' => range(1, 12),
        'ends' => null,
        'method' => MethodState::InForce,
    ];
    $rule = ScheduleRule::of(
        Triggers::of(
            CalendarTrigger::interval(
                Interval::every(30, Unit::Days, day('2026-03-31')),
                CarryOver::fixed(),
                Season::months($with['months']),
            ),
        ),
        VisitTerms::of(LeadTime::days(5)),
        $with['ends'],
    );
    // It stands on 31 March, also where that is none of its months: they were changed since.
    $state = ScheduleState::begun(1, day('2026-03-01'), null, Why::counted(CountedFrom::FirstDay, day('2026-03-31')))
        ->withCalendar(CalendarState::at(day('2026-03-31'), day('2026-03-31')));
    $standing = $rule->standing($state, $with['holds'], Facts::on($with['on'], WorkingDays::everyDay()));
    expect(ReleaseDecision::of(
        $with['on'],
        $standing->planned($rule),
        $with['holds'],
        $with['method'],
    )->because)->toBe($because);
})->with([
    'released' => [[], null],
    'the day before' => [['on' => day('2026-03-25')], LeftBecause::LeadNotCome],
    'in hand' => [['holds' => Holds::none()->inHand()], LeftBecause::InHand],
    'paused' => [['holds' => Holds::none()->heldSince(day('2026-03-20'))], LeftBecause::Paused],
    'out of season' => [['months' => [5]], LeftBecause::OutOfSeason],
    'asset retired' => [['holds' => Holds::none()->assetOutOfUse()], LeftBecause::AssetNotInUse],
    'method a draft' => [['method' => MethodState::Draft], LeftBecause::MethodMissing],
    'ended for good' => [['holds' => Holds::none()->ended()], LeftBecause::Ended],
    'ended' => [['ends' => day('2026-03-30')], LeftBecause::Ended],
    'on its last day' => [['ends' => day('2026-03-31')], null],
]);

it('makes no order where no date can be expected', function () {
    $rule = ScheduleRule::of(
        Triggers::of(null, UsageTrigger::every(500000, 0, CarryOver::fixed())),
        VisitTerms::of(LeadTime::days(5)),
    );
    $facts = Facts::on(day('2026-03-26'), WorkingDays::everyDay(), new SteadyCounter(day('2026-03-01'), 0));
    $standing = $rule->standing($rule->begin(Start::at(1), $facts), Holds::none(), $facts);
    expect(ReleaseDecision::of(
        day('2026-03-26'),
        $standing->planned($rule),
        Holds::none(),
        MethodState::InForce,
    )->because)
        ->toBe(LeftBecause::NoDate)
        ->and($standing->nearness())
        ->toBeNull();
});

it('counts a visit as on time within a tenth of the interval, at least a day', function () {
    $month = VisitDates::of(day('2026-03-01'), day('2026-03-31'), 30, VisitTerms::of(LeadTime::days(0)));
    $week = VisitDates::of(day('2026-03-01'), day('2026-03-05'), 4, VisitTerms::of(LeadTime::days(0)));
    expect($month->isOnTime(day('2026-04-03')))
        ->toBeTrue()
        ->and($month->isOnTime(day('2026-04-04')))
        ->toBeFalse()
        ->and($month->isOnTime(day('2026-03-28')))
        ->toBeTrue()
        ->and($week->isOnTime(day('2026-03-06')))
        ->toBeTrue()
        ->and($week->isOnTime(day('2026-03-07')))
        ->toBeFalse();
});

it('measures how much of the interval has passed', function () {
    $visit = VisitDates::of(day('2026-03-01'), day('2026-03-31'), 30, VisitTerms::of(LeadTime::days(0)));
    expect($visit->consumed(day('2026-03-16')))
        ->toBe(500)
        ->and($visit->consumed(day('2026-04-15')))
        ->toBe(1500)
        ->and($visit->consumed(day('2026-02-01')))
        ->toBe(0);
});

it('forecasts the next visits with the dates of their orders', function () {
    $trigger = CalendarTrigger::interval(
        Interval::every(14, Unit::Days, day('2026-04-03')),
        CarryOver::fixed(),
        null,
        NonWorking::Forward,
        WorkingDays::except([6, 7], [day('2026-04-03'), day('2026-04-06')]),
    );
    $rule = ScheduleRule::of(Triggers::of($trigger), VisitTerms::of(LeadTime::days(3)));
    $visits = coming($rule, Facts::on(day('2026-03-20'), $trigger->workingDays), 3);
    expect(isos(array_map(fn (ComingVisit $v) => $v->planned, $visits)))
        ->toBe(['2026-04-07', '2026-04-17', '2026-05-01'])
        ->and(isos(array_map(fn (ComingVisit $v) => $v->dates()->release, $visits)))
        ->toBe(['2026-04-04', '2026-04-14', '2026-04-28']);
});

it('starts a schedule right from what was done last', function () {
    $trigger = CalendarTrigger::interval(Interval::every(1, Unit::Months, day('2026-01-10')), CarryOver::fixed());
    expect((string) $trigger->first(day('2026-01-10')))
        ->toBe('2026-01-10')
        ->and((string) $trigger->first(day('2026-01-10'), day('2026-01-10')))
        ->toBe('2026-02-10')
        ->and((string) $trigger->first(day('2026-01-10'), day('2026-03-12')))
        ->toBe('2026-04-10');
});

it('suspends the points that pass while a schedule is held up', function (
    CarryOver $carryOver,
    string $from,
    string $return,
    string $next,
    array $suspended,
) {
    $trigger = CalendarTrigger::interval(Interval::every(30, Unit::Days, day('2026-03-01')), $carryOver);
    $lifted = Suspension::lifted($trigger, day('2026-03-31'), day($from), day($return));
    expect((string) $lifted->nextPoint)->toBe($next)->and(isos($lifted->suspended))->toBe($suspended);
})->with([
    'fixed: its next point' => [
        CarryOver::fixed(),
        '2026-03-10',
        '2026-05-10',
        '2026-05-30',
        ['2026-03-31', '2026-04-30'],
    ],
    'fixed: a point on the day of return stands' => [
        CarryOver::fixed(),
        '2026-03-10',
        '2026-04-30',
        '2026-04-30',
        ['2026-03-31'],
    ],
    'floating: due on the day of return' => [CarryOver::floating(), '2026-03-10', '2026-05-10', '2026-05-10', []],
    'nothing passed' => [CarryOver::floating(), '2026-03-10', '2026-03-20', '2026-03-31', []],
    'late before the hold: stays late' => [CarryOver::fixed(), '2026-04-02', '2026-05-10', '2026-03-31', []],
]);

it('leaves out points inside the least gap when it looks ahead', function (int $gap, array $planned) {
    $trigger = CalendarTrigger::interval(
        Interval::every(5, Unit::Days, day('2026-04-05')),
        CarryOver::of(0, 0, $gap),
    );
    $rule = ScheduleRule::of(Triggers::of($trigger), VisitTerms::of(LeadTime::days(1)));
    $visits = coming($rule, Facts::on(day('2026-03-31'), WorkingDays::everyDay()), 3);
    expect(isos(array_map(fn (ComingVisit $v) => $v->planned, $visits)))->toBe($planned);
})->with([
    [0, ['2026-04-05', '2026-04-10', '2026-04-15']],
    [5, ['2026-04-05', '2026-04-10', '2026-04-15']],
    [6, ['2026-04-05', '2026-04-15', '2026-04-25']],
]);

it('sums up an asset by its free visits before those in hand', function (
    ?Nearness $next,
    bool $inHand,
    ?Nearness $together,
) {
    expect(Nearness::together($next, $inHand))->toBe($together);
})->with([
    [null, false, null],
    [null, true, Nearness::InHand],
    [Nearness::Clear, true, Nearness::InHand],
    [Nearness::Clear, false, Nearness::Clear],
    [Nearness::Near, true, Nearness::Near],
    [Nearness::Late, true, Nearness::Late],
]);

it('changes its nearness on the day that is told, and on no day before', function () {
    $walk = new Randomizer(new Xoshiro256StarStar(11));
    for ($n = 0; $n < 200; $n++) {
        $planned = day('2026-06-09')->plusDays($walk->getInt(-20, 20));
        [$near, $late] = [
            $planned->plusDays(-$walk->getInt(0, 12)),
            $walk->getInt(0, 3) === 0 ? null : $planned->plusDays($walk->getInt(1, 4)),
        ];
        $today = day('2026-06-09');
        $on = Nearness::changesOn($today, $near, $planned, $late);
        for ($ahead = 0; $ahead < 60; $ahead++) {
            $day = $today->plusDays($ahead);
            if ($on !== null && ! $day->isBefore($on)) {
                expect(Nearness::on($day, $near, $planned, $late))->not->toBe(
                    Nearness::on($today, $near, $planned, $late),
                );
                break;
            }
            expect(Nearness::on($day, $near, $planned, $late))->toBe(Nearness::on($today, $near, $planned, $late));
        }
    }
    expect(
        Nearness::changesOn(
            day('2026-06-01'),
            day('2026-06-05'),
            day('2026-06-09'),
            day('2026-06-10'),
            inHand: true,
        ),
    )
        ->toBeNull()
        ->and(
            array_map(static fn (Nearness $one): int => $one->rank(), [
                Nearness::Late,
                Nearness::Due,
                Nearness::Near,
                Nearness::InHand,
                Nearness::Clear,
            ]),
        )
        ->toBe([0, 1, 2, 3, 4]);
});
