<?php

declare(strict_types=1);

use Sundial\Calendar\Interval;
use Sundial\Calendar\NonWorking;
use Sundial\Calendar\Season;
use Sundial\Calendar\Unit;
use Sundial\Calendar\WorkingDays;
use Sundial\Meters\Beyond;
use Sundial\Meters\CounterReading;
use Sundial\Meters\GaugeHistory;
use Sundial\Planning\Schedule\CountedFrom;
use Sundial\Planning\Schedule\Done;
use Sundial\Planning\Schedule\Facts;
use Sundial\Planning\Schedule\Holds;
use Sundial\Planning\Schedule\ScheduleRule;
use Sundial\Planning\Schedule\ScheduleState;
use Sundial\Planning\Schedule\Start;
use Sundial\Planning\Trigger\Arming;
use Sundial\Planning\Trigger\CalendarTrigger;
use Sundial\Planning\Trigger\CarryOver;
use Sundial\Planning\Trigger\ConditionTrigger;
use Sundial\Planning\Trigger\Leading;
use Sundial\Planning\Trigger\Triggers;
use Sundial\Planning\Trigger\UsageTrigger;
use Sundial\Planning\Trigger\VisitInHand;
use Sundial\Planning\Visit\DaySetBy;
use Sundial\Planning\Visit\LeadTime;
use Sundial\Planning\Visit\Nearness;
use Sundial\Planning\Visit\VisitTerms;
use Sundial\Support\InvalidInput;
use Tests\Core\SteadyCounter;

use function Tests\Core\day;
use function Tests\Core\isos;

/** Every 30 days from 1 March, with what a test changes. */
function everyMonth(
    CarryOver $carryOver,
    ?Season $season = null,
    NonWorking $move = NonWorking::Keep,
    ?VisitTerms $terms = null,
): ScheduleRule {
    return ScheduleRule::of(
        Triggers::of(
            CalendarTrigger::interval(
                Interval::every(30, Unit::Days, day('2026-03-01')),
                $carryOver,
                $season,
                $move,
            ),
        ),
        $terms ?? VisitTerms::of(LeadTime::days(5)),
    );
}

function factsOn(string $today, ?WorkingDays $days = null): Facts
{
    return Facts::on(day($today), $days ?? WorkingDays::everyDay());
}

/** @param  iterable<Sundial\Planning\Visit\ComingVisit>  $visits */
function plannedDays(iterable $visits): Generator
{
    foreach ($visits as $visit) {
        yield $visit->planned;
    }
}

function visitOf(ScheduleState $state, Leading $led = Leading::Calendar): VisitInHand
{
    return VisitInHand::of($led, $state->calendar?->point, $state->usage?->due, $state->number);
}

it('begins on its first day, or behind the day on which it was last done', function (
    Start $start,
    string $due,
    CountedFrom $from,
    string $why,
) {
    $state = everyMonth(CarryOver::fixed())->begin($start, factsOn('2026-02-20'));
    expect((string) $state->calendar->point)
        ->toBe($due)
        ->and($state->why->from)
        ->toBe($from)
        ->and((string) $state->why->day)
        ->toBe($why);
})->with([
    'first day' => [Start::at(1), '2026-03-01', CountedFrom::FirstDay, '2026-03-01'],
    'last done' => [Start::at(1, day('2026-03-20')), '2026-03-31', CountedFrom::LastDone, '2026-03-20'],
    'visits used up' => [
        Start::at(4)->usedUntil(day('2026-03-31')),
        '2026-04-30',
        CountedFrom::FirstDay,
        '2026-03-01',
    ],
    'from here' => [Start::at(4)->here(), '2026-03-01', CountedFrom::Here, '2026-03-01'],
]);

it('counts what has passed from today where a counter may come before a far first date', function () {
    $calendar = CalendarTrigger::interval(Interval::every(30, Unit::Days, day('2026-12-01')), CarryOver::fixed());
    $usage = UsageTrigger::every(100000, 0, CarryOver::fixed());
    $terms = VisitTerms::of(LeadTime::days(5));
    $facts = Facts::on(day('2026-03-01'), WorkingDays::everyDay(), new SteadyCounter(day('2026-03-01'), 1000));
    $alone = ScheduleRule::of(Triggers::of($calendar), $terms)->begin(Start::at(1), $facts);
    $both = ScheduleRule::of(Triggers::of($calendar, $usage), $terms)->begin(Start::at(1), $facts);
    expect([(string) $alone->base, (string) $both->base])->toBe(['2026-11-01', '2026-03-01']);
});

it('says by how much the carry-over moved the next visit, and what was missed', function (
    CarryOver $carryOver,
    string $done,
    string $next,
    array $why,
) {
    $rule = everyMonth($carryOver);
    $state = $rule->begin(Start::at(1), factsOn('2026-02-20'));
    $step = $rule->completed($state, Done::on(visitOf($state), day($done)), factsOn($done));
    expect((string) $step->state->calendar->point)
        ->toBe($next)
        ->and([$step->state->why->late, $step->state->why->share, $step->state->why->carried])
        ->toBe(array_slice($why, 0, 3))
        ->and(isos(array_map(fn ($visit) => $visit->planned, $step->passed)))
        ->toBe($why[3])
        ->and($step->state->number)
        ->toBe(2 + count($why[3]))
        ->and($step->state->why->missed)
        ->toBe(count($why[3]))
        ->and((string) $step->state->lastDone)
        ->toBe($done);
})->with([
    'on the day' => [CarryOver::fixed(), '2026-03-01', '2026-03-31', [0, 0, 0, []]],
    '8 days late, half carried' => [CarryOver::of(50, 0), '2026-03-09', '2026-04-04', [8, 50, 4, []]],
    '2 days early, all carried' => [CarryOver::of(0, 100), '2026-02-27', '2026-03-29', [-2, 100, -2, []]],
    '70 days late, kept' => [
        CarryOver::fixed(),
        '2026-05-10',
        '2026-05-30',
        [70, 0, 0, ['2026-03-31', '2026-04-30']],
    ],
]);

it('says which point gave way to a least gap', function () {
    $rule = everyMonth(CarryOver::of(0, 0, 10));
    $state = $rule->begin(Start::at(1), factsOn('2026-02-20'));
    $late = $rule->completed($state, Done::on(visitOf($state), day('2026-03-25')), factsOn('2026-03-25'))->state;
    $soon = $rule->completed($state, Done::on(visitOf($state), day('2026-03-05')), factsOn('2026-03-05'))->state;
    expect([(string) $late->calendar->point, (string) $late->why->tooNear])
        ->toBe(['2026-04-30', '2026-03-31'])
        ->and($soon->why->tooNear)
        ->toBeNull();
});

it('says which point gave way to a season', function (CarryOver $carryOver, string $next, ?string $dropped) {
    $rule = everyMonth($carryOver, Season::months([1, 2, 3, 6, 7]));
    $state = $rule->begin(Start::at(1), factsOn('2026-02-20'));
    $first = $rule->completed($state, Done::on(visitOf($state), day('2026-03-01')), factsOn('2026-03-01'))->state;
    $second = $rule->completed($first, Done::on(visitOf($first), day('2026-03-31')), factsOn('2026-03-31'))->state;
    expect($first->why->outOfSeason)
        ->toBeNull()
        ->and([(string) $second->calendar->point, (string) $second->why->outOfSeason])
        ->toBe([$next, $dropped]);
})->with([
    'a fixed point drops out' => [CarryOver::fixed(), '2026-06-29', '2026-04-30'],
    'a floating one moves on' => [CarryOver::floating(), '2026-06-01', '2026-04-30'],
]);

it('says from which day of rest a visit was moved', function () {
    $rule = everyMonth(CarryOver::fixed(), null, NonWorking::Forward);
    $facts = factsOn('2026-02-20', WorkingDays::except([6, 7]));
    $standing = $rule->standing($rule->begin(Start::at(1), $facts), Holds::none(), $facts);
    expect([(string) $standing->due->planned, (string) $standing->restDay])
        ->toBe(['2026-03-02', '2026-03-01'])
        ->and($rule->standing($standing->state, Holds::none(), factsOn('2026-02-20'))->restDay)
        ->toBeNull();
});

it('moves one visit by hand with its own days around it, and counts on from the rule', function () {
    $rule = everyMonth(CarryOver::fixed(), null, NonWorking::Keep, VisitTerms::of(LeadTime::days(5), null, 4));
    $begun = $rule->begin(Start::at(1), factsOn('2026-02-20'));
    $moved = $rule->movedTo($begun, day('2026-03-04'), factsOn('2026-02-20'));
    $standing = $rule->standing($moved, Holds::none(), factsOn('2026-02-20'));
    expect([
        (string) $standing->due->planned,
        (string) $standing->visit->release,
        (string) $standing->visit->onTimeFrom(),
        (string) $standing->visit->onTimeUntil(),
        (string) $standing->visit->lateFrom,
    ])
        ->toBe(['2026-03-04', '2026-02-27', '2026-02-28', '2026-03-08', '2026-03-05'])
        ->and(isos(plannedDays($rule->outlook($moved, factsOn('2026-02-20'))), 3))
        ->toBe(['2026-03-04', '2026-03-31', '2026-04-30'])
        ->and($rule->movedTo($moved, day('2026-03-01'), factsOn('2026-02-20'))->move)
        ->toBeNull();
    $next = $rule->completed($moved, Done::on(visitOf($moved), day('2026-03-04')), factsOn('2026-03-04'))->state;
    $then = $rule->standing($next, Holds::none(), factsOn('2026-03-04'));
    expect([(string) $then->due->planned, $then->state->move])->toBe(['2026-03-31', null]);
});

it('moves a visit that the law sets to no later day', function () {
    $rule = everyMonth(
        CarryOver::fixed(),
        null,
        NonWorking::Keep,
        VisitTerms::of(LeadTime::days(5), null, 4, DaySetBy::Law),
    );
    $begun = $rule->begin(Start::at(1), factsOn('2026-02-20'));
    expect(fn () => $rule->movedTo($begun, day('2026-03-02'), factsOn('2026-02-20')))
        ->toThrow(InvalidInput::class, 'no day after that is on time')
        ->and((string) $rule->movedTo($begun, day('2026-02-26'), factsOn('2026-02-20'))->move->to)
        ->toBe('2026-02-26');
});

it('goes on behind what passed during a hold', function (CarryOver $carryOver, string $next, array $passed) {
    $rule = everyMonth($carryOver);
    $begun = $rule->begin(Start::at(1), factsOn('2026-02-20'));
    $step = $rule->goneOn($begun, day('2026-02-25'), day('2026-04-10'), factsOn('2026-04-10'));
    expect((string) $step->state->calendar->point)
        ->toBe($next)
        ->and(isos(array_map(fn ($visit) => $visit->planned, $step->passed)))
        ->toBe($passed)
        ->and($step->state->number)
        ->toBe(1 + count($passed))
        ->and($step->state->why->from)
        ->toBe(CountedFrom::Return);
})->with([
    'kept to the calendar' => [CarryOver::fixed(), '2026-04-30', ['2026-03-01', '2026-03-31']],
    'counted from completion' => [CarryOver::floating(), '2026-04-10', []],
]);

it('goes on behind the totals that were passed during a hold', function (
    CarryOver $carryOver,
    int $due,
    array $totals,
    string $planned,
) {
    $rule = ScheduleRule::of(
        Triggers::of(null, UsageTrigger::every(100000, 0, $carryOver)),
        VisitTerms::of(LeadTime::days(2)),
    );
    $counter = new SteadyCounter(day('2026-03-01'), 1000, 90000);
    $facts = fn (string $today): Facts => Facts::on(day($today), WorkingDays::everyDay(), $counter);
    $begun = $rule->begin(Start::at(1), $facts('2026-03-01'));
    $counter->rise(day('2026-03-20'), 150000);
    $step = $rule->goneOn($begun, day('2026-03-10'), day('2026-04-01'), $facts('2026-04-01'));
    $standing = $rule->standing($step->state, Holds::none(), $facts('2026-04-01'));
    expect($step->state->usage->due)
        ->toBe($due)
        ->and(array_map(fn ($visit) => $visit->dueTotal, $step->passed))
        ->toBe($totals)
        ->and((string) $standing->due->planned)
        ->toBe($planned);
})->with([
    'kept to its readings' => [CarryOver::fixed(), 300000, [100000, 200000], '2026-05-19'],
    'counted from completion: due on return' => [CarryOver::floating(), 100000, [], '2026-04-01'],
]);

/** @param  array<string, int>  $readings  thousandths by day, taken at noon */
function gaugeShowing(array $readings): GaugeHistory
{
    return new class($readings) implements GaugeHistory
    {
        /** @param  array<string, int>  $readings */
        public function __construct(private array $readings)
        {
        }

        public function since(int $instant): array
        {
            $since = [];
            $id = 70;
            foreach ($this->readings as $day => $shown) {
                $id++;
                $at = day($day)->epochDay * 86400 + 43200;
                $since += $at > $instant ? [$id => CounterReading::ofGauge($at, day($day), $shown)] : [];
            }

            return $since;
        }
    };
}

it('is due by the reading that passed its limit, and waits again when it was done or skipped', function () {
    $rule = ScheduleRule::of(
        Triggers::of(null, null, ConditionTrigger::of(Beyond::High, 75000, 2, 5000)),
        VisitTerms::of(LeadTime::days(0)),
    );
    $readings = ['2026-03-01' => 76000, '2026-03-02' => 74000, '2026-03-03' => 77000, '2026-03-04' => 78000];
    $facts = Facts::on(day('2026-03-05'), WorkingDays::everyDay(), null, gaugeShowing($readings));
    $begun = $rule->begin(Start::at(1)->watchingSince(0), $facts);
    $due = $rule->standing($begun, Holds::none(), $facts);
    expect([(string) $due->due->planned, $due->due->leading, $due->condition->readingId, $due->nearness()])->toBe([
        '2026-03-04',
        Leading::Condition,
        74,
        Nearness::Late,
    ]);
    $visit = visitOf($begun, Leading::Condition);
    $done = $rule->completed($begun, Done::on($visit, day('2026-03-05')), $facts)->state;
    expect($rule->standing($done, Holds::none(), $facts)->visit)
        ->toBeNull()
        ->and($done->condition->arming)
        ->toBe(Arming::Armed);
    // Skipped, it does not fall due again by readings that only stay beyond.
    $now = day('2026-03-05')->epochDay * 86400 + 50000;
    $skipped = $rule->skipped($begun, Done::on($visit, day('2026-03-04')), $facts, $now)->state;
    $stays = ['2026-03-06' => 79000, '2026-03-07' => 79000];
    $back = ['2026-03-08' => 70000, '2026-03-09' => 79000, '2026-03-10' => 79000];
    $later = fn (array $more): Facts => Facts::on(
        day('2026-03-11'),
        WorkingDays::everyDay(),
        null,
        gaugeShowing($readings + $stays + $more),
    );
    expect($skipped->condition->arming)
        ->toBe(Arming::Waiting)
        ->and($rule->standing($skipped, Holds::none(), $later([]))->visit)
        ->toBeNull()
        ->and((string) $rule->standing($skipped, Holds::none(), $later($back))->due->planned)
        ->toBe('2026-03-10');
});

it('skips as if done when planned, by the date or by the total', function () {
    $rule = ScheduleRule::of(
        Triggers::of(
            CalendarTrigger::interval(Interval::every(30, Unit::Days, day('2026-03-31')), CarryOver::floating()),
            UsageTrigger::every(100000, 0, CarryOver::fixed()),
        ),
        VisitTerms::of(LeadTime::days(2)),
    );
    $counter = new SteadyCounter(day('2026-03-01'), 10000, 90000);
    $facts = Facts::on(day('2026-03-02'), WorkingDays::everyDay(), $counter);
    $begun = $rule->begin(Start::at(1), $facts);
    $standing = $rule->standing($begun, Holds::none(), $facts);
    expect([(string) $standing->due->planned, $standing->due->leading])->toBe(['2026-03-02', Leading::Usage]);
    $visit = visitOf($begun, Leading::Usage);
    $next = $rule->skipped($begun, Done::on($visit, day('2026-03-02')), $facts, 0)->state;
    expect([$next->usage->due, (string) $next->calendar->point, $next->lastDone, $next->why->from])->toBe([
        200000,
        '2026-04-01',
        null,
        CountedFrom::Skipped,
    ]);
});

it('is near, in hand or nothing, as its holds say', function (Holds $holds, ?Nearness $nearness, ?string $changes) {
    $rule = everyMonth(CarryOver::fixed());
    $state = $rule->begin(Start::at(1), factsOn('2026-02-20'));
    $standing = $rule->standing($state, $holds, factsOn('2026-02-20'));
    expect($standing->nearness())
        ->toBe($nearness)
        ->and($standing->nearnessChangesOn()?->__toString())
        ->toBe($changes);
})->with([
    'free' => [Holds::none(), Nearness::Near, '2026-03-01'],
    'in hand' => [Holds::none()->inHand(), Nearness::InHand, null],
    'at rest' => [Holds::none()->heldSince(day('2026-02-01')), null, null],
    'ended' => [Holds::none()->ended(), null, null],
    'its asset out of use' => [Holds::none()->assetOutOfUse(), Nearness::Near, '2026-03-01'],
]);

it('puts back what a completion changed, from what was kept', function () {
    $rule = ScheduleRule::of(
        Triggers::of(
            CalendarTrigger::interval(Interval::every(30, Unit::Days, day('2026-03-31')), CarryOver::of(50, 0)),
            UsageTrigger::every(100000, 0, CarryOver::floating()),
            ConditionTrigger::of(Beyond::Low, 1000),
        ),
        VisitTerms::of(LeadTime::days(2)),
    );
    $facts = Facts::on(day('2026-03-02'), WorkingDays::everyDay(), new SteadyCounter(day('2026-03-01'), 500, 40000));
    $begun = $rule->movedTo(
        $rule->begin(Start::at(3, day('2026-02-01'))->watchingSince(1000), $facts),
        day('2026-03-30'),
        $facts,
    );
    $kept = json_decode((string) json_encode($begun->toArray()), true);
    expect(ScheduleState::fromArray($kept))->toEqual($begun);
});

it('refuses what was kept in another form', function (array $kept, string $field) {
    try {
        ScheduleState::fromArray($kept);
    } catch (InvalidInput $e) {
        expect([$e->cause(), $e->field()])->toBe(['not_kept_so', $field]);

        return;
    }
    throw new RuntimeException('It was taken.');
})->with([
    'no version' => [[], 'version'],
    'a version to come' => [['version' => 99], 'version'],
    'a word for a number' => [['version' => 1, 'number' => 'two'], 'number'],
    'a word for a part' => [['version' => 1, 'number' => 2, 'base' => '2026-03-01', 'usage' => 'x'], 'usage'],
]);
