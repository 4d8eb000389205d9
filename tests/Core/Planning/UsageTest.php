<?php

declare(strict_types=1);

use Sundial\Calendar\Interval;
use Sundial\Calendar\LocalDate;
use Sundial\Calendar\RecurrenceRule;
use Sundial\Calendar\Unit;
use Sundial\Calendar\WorkingDays;
use Sundial\Meters\CounterHistory;
use Sundial\Meters\CounterStanding;
use Sundial\Meters\Rate;
use Sundial\Meters\RateFrom;
use Sundial\Planning\Schedule\Facts;
use Sundial\Planning\Schedule\ScheduleRule;
use Sundial\Planning\Trigger\CalendarTrigger;
use Sundial\Planning\Trigger\CarryOver;
use Sundial\Planning\Trigger\Leading;
use Sundial\Planning\Trigger\Triggers;
use Sundial\Planning\Trigger\UsageCompletion;
use Sundial\Planning\Trigger\UsageTrigger;
use Sundial\Planning\Trigger\VisitInHand;
use Sundial\Planning\Visit\LeadTime;
use Sundial\Planning\Visit\Nearness;
use Sundial\Planning\Visit\NextDue;
use Sundial\Planning\Visit\UsageDue;
use Sundial\Planning\Visit\VisitTerms;
use Sundial\Support\InvalidInput;
use Tests\Core\SteadyCounter;

use function Tests\Core\coming;
use function Tests\Core\day;

function twelveHours(string $last = '2026-05-01', int $total = 4100000): CounterStanding
{
    return CounterStanding::of(
        day($last),
        $total,
        Rate::of(12000, 1),
        RateFrom::Readings,
        Rate::of(15000, 1),
        Rate::of(10000, 1),
    );
}

function atTwelveHours(string $today): Facts
{
    $counter = new class implements CounterHistory
    {
        public function standing(): CounterStanding
        {
            return twelveHours();
        }

        public function totalAt(int $instant, LocalDate $day): int
        {
            return twelveHours()->on($day);
        }

        public function dayReached(int $total): ?LocalDate
        {
            return null;
        }
    };

    return Facts::on(day($today), WorkingDays::everyDay(), $counter);
}

// The example of dates, in hours: every 30, due 100, done late at 108; and far late at 170.
it('counts a usage trigger on by its carry-over', function (
    int $late,
    int $early,
    int $done,
    int $next,
    array $missed,
    ?int $anchor,
) {
    $completion = UsageCompletion::of(
        UsageTrigger::every(30000, 70000, CarryOver::of($late, $early)),
        100000,
        $done * 1000,
    );
    expect($completion->next)
        ->toBe($next)
        ->and($completion->missed)
        ->toBe($missed)
        ->and($completion->newAnchor)
        ->toBe($anchor);
})->with([
    'on the point' => [50, 50, 100, 130000, [], 130000],
    'late, 50 %' => [50, 0, 108, 134000, [], 134000],
    'late, fixed' => [0, 0, 108, 130000, [], null],
    'late, floating' => [100, 100, 108, 138000, [], 138000],
    'early, fixed' => [0, 0, 92, 130000, [], null],
    'early, floating' => [100, 100, 92, 122000, [], 122000],
    'early, half' => [0, 50, 92, 126000, [], 126000],
    'two points passed' => [0, 0, 170, 190000, [130000, 160000], null],
    'a point on the total is covered' => [0, 0, 160, 190000, [130000], null],
    'not rounded' => [33, 0, 101, 130330, [], 130330],
]);

it(
    'refuses an interval of nothing',
    fn () => expect(fn () => UsageTrigger::every(0, 0, CarryOver::fixed()))->toThrow(InvalidInput::class),
);

it('takes whichever comes first', function (
    ?string $calendar,
    ?int $due,
    ?string $reached,
    ?string $planned,
    Leading $leading,
    bool $expected,
    ?string $lateFrom,
) {
    $next = NextDue::of(
        $calendar === null ? null : day($calendar),
        $due === null ? null : UsageDue::at($due, twelveHours(), $reached === null ? null : day($reached)),
    );
    expect($next->planned?->__toString())
        ->toBe($planned)
        ->and($next->leading)
        ->toBe($leading)
        ->and($next->expected)
        ->toBe($expected)
        ->and($next->lateFrom?->__toString())
        ->toBe($lateFrom);
})->with([
    'hours first' => ['2026-06-10', 4400000, null, '2026-05-26', Leading::Usage, true, '2026-06-11'],
    'calendar first' => ['2026-05-20', 4400000, null, '2026-05-20', Leading::Calendar, false, '2026-05-21'],
    'a tie: calendar' => ['2026-05-26', 4400000, null, '2026-05-26', Leading::Calendar, false, '2026-05-27'],
    'hours alone' => [null, 4400000, null, '2026-05-26', Leading::Usage, true, null],
    'reached by a reading: late from the day after it' => [
        null,
        4080000,
        '2026-04-28',
        '2026-04-28',
        Leading::Usage,
        false,
        '2026-04-29',
    ],
    'calendar alone' => ['2026-05-20', null, null, '2026-05-20', Leading::Calendar, false, '2026-05-21'],
]);

it('gives no date when the counter has no rate', function () {
    $counter = CounterStanding::of(day('2026-05-01'), 1000, null, RateFrom::Nothing);
    expect(NextDue::of(null, UsageDue::at(5000, $counter))->planned)
        ->toBeNull()
        ->and((string) NextDue::of(day('2026-06-01'), UsageDue::at(5000, $counter))->planned)
        ->toBe('2026-06-01');
});

it('wants a reading when an expected date has passed, and is never late by it', function () {
    $due = NextDue::of(null, UsageDue::at(4400000, twelveHours()));
    $rule = ScheduleRule::of(
        Triggers::of(null, UsageTrigger::every(300000, 4100000, CarryOver::fixed())),
        VisitTerms::of(LeadTime::days(3)),
    );
    [$visit] = array_map(fn ($coming) => $coming->dates(), coming($rule, atTwelveHours('2026-05-01'), 1));
    expect($due->readingWanted(day('2026-05-25')))
        ->toBeFalse()
        ->and($due->readingWanted(day('2026-05-26')))
        ->toBeTrue()
        ->and($visit->nearness(day('2026-08-01')))
        ->toBe(Nearness::Due)
        ->and((string) $due->early)
        ->toBe('2026-05-21')
        ->and((string) $due->late)
        ->toBe('2026-05-31');
});

it('restarts the trigger that did not lead', function () {
    // 90 days or 500 h, fixed; calendar due 1 April, the hours lead, done 16 February: calendar next 17 May.
    $both = Triggers::of(
        CalendarTrigger::interval(Interval::every(90, Unit::Days, day('2026-01-01')), CarryOver::fixed()),
        UsageTrigger::every(500000, 0, CarryOver::fixed()),
    );
    $hours = $both->complete(
        VisitInHand::of(Leading::Usage, day('2026-04-01'), 500000),
        day('2026-02-16'),
        520000,
    );
    expect((string) $hours->nextPoint)
        ->toBe('2026-05-17')
        ->and($hours->nextTotal)
        ->toBe(1000000)
        ->and((string) $hours->triggers->calendar->pointAfter(day('2026-05-17')))
        ->toBe('2026-08-15');
    $date = $both->complete(
        VisitInHand::of(Leading::Calendar, day('2026-04-01'), 500000),
        day('2026-04-03'),
        310000,
    );
    expect((string) $date->nextPoint)
        ->toBe('2026-06-30')
        ->and($date->nextTotal)
        ->toBe(810000)
        ->and($date->triggers->usage->pointAfter(810000))
        ->toBe(1310000);
    $weekdays = Triggers::of(
        CalendarTrigger::rule(RecurrenceRule::weekdays(day('2026-02-02'), 1, [1])),
        UsageTrigger::every(500000, 0, CarryOver::fixed()),
    );
    expect(
        (string) $weekdays->complete(
            VisitInHand::of(Leading::Usage, day('2026-02-23'), 500000),
            day('2026-02-16'),
            520000,
        )->nextPoint,
    )->toBe('2026-02-23');
});

it('foresees the visits of both triggers, each done on its day', function () {
    // 12 h a day, every 300 h or 30 days: 25 days for the hours, so they lead each time.
    $both = Triggers::of(
        CalendarTrigger::interval(Interval::every(30, Unit::Days, day('2026-05-31')), CarryOver::fixed()),
        UsageTrigger::every(300000, 4100000, CarryOver::fixed()),
    );
    $visits = coming(
        ScheduleRule::of($both, VisitTerms::of(LeadTime::days(3))),
        atTwelveHours('2026-05-01'),
        4,
    );
    expect(array_map(fn ($v) => (string) $v->planned, $visits))
        ->toBe(['2026-05-26', '2026-06-20', '2026-07-15', '2026-08-09'])
        ->and(array_map(fn ($v) => (string) $v->early, $visits))
        ->toBe(['2026-05-21', '2026-06-10', '2026-06-30', '2026-07-20'])
        ->and((string) $visits[1]->dates()->release)
        ->toBe('2026-06-17')
        ->and($visits[1]->expected)
        ->toBeTrue();
});

it('ends the outlook where no date can be expected', function () {
    $still = new SteadyCounter(day('2026-05-01'), 0, 1000);
    $rule = ScheduleRule::of(
        Triggers::of(null, UsageTrigger::every(5000, 0, CarryOver::fixed())),
        VisitTerms::of(LeadTime::days(3)),
    );
    expect(coming($rule, Facts::on(day('2026-05-01'), WorkingDays::everyDay(), $still), 9))->toBe([]);
});

it('says when a visit in hand has lost the reading that made it due', function (
    Leading $led,
    bool $expected,
    ?int $due,
    ?int $total,
    bool $lost,
) {
    expect(UsageTrigger::lostItsGround($led, $expected, $due, $total))->toBe($lost);
})->with([
    'below it now' => [Leading::Usage, false, 250_000, 249_999, true],
    'no reading left' => [Leading::Usage, false, 250_000, null, true],
    'still reached' => [Leading::Usage, false, 250_000, 250_000, false],
    'made for an expected date' => [Leading::Usage, true, 250_000, 100_000, false],
    'made by its date' => [Leading::Calendar, false, 250_000, 100_000, false],
    'no total' => [Leading::Usage, false, null, 100_000, false],
]);
