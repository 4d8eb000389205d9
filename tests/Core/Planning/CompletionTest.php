<?php

declare(strict_types=1);

use Sundial\Calendar\Interval;
use Sundial\Calendar\NonWorking;
use Sundial\Calendar\RecurrenceRule;
use Sundial\Calendar\Season;
use Sundial\Calendar\Unit;
use Sundial\Calendar\WorkingDays;
use Sundial\Planning\Trigger\CalendarTrigger;
use Sundial\Planning\Trigger\CarryOver;
use Sundial\Planning\Trigger\Completion;
use Sundial\Support\InvalidInput;

use function Tests\Core\day;
use function Tests\Core\isos;

function every(
    int $n,
    Unit $unit,
    string $anchor,
    CarryOver $carryOver,
    ?Season $season = null,
    NonWorking $move = NonWorking::Keep,
): CalendarTrigger {
    return CalendarTrigger::interval(
        Interval::every($n, $unit, day($anchor)),
        $carryOver,
        $season,
        $move,
        WorkingDays::except([6, 7]),
    );
}

// Worked cases: interval, anchor, planned point, day done, late %, early %, least gap -> next, missed, anchor moved
it('counts on from a completion', function (
    int $n,
    Unit $unit,
    string $anchor,
    string $point,
    string $done,
    array $policy,
    string $next,
    array $missed,
    bool $newAnchor,
) {
    $completion = Completion::of(every($n, $unit, $anchor, CarryOver::of(...$policy)), day($point), day($done));
    expect((string) $completion->nextPoint)
        ->toBe($next)
        ->and(isos($completion->missed))
        ->toBe($missed)
        ->and($completion->newAnchor !== null)
        ->toBe($newAnchor);
})->with([
    'eight days late, half carried over' => [
        30,
        Unit::Days,
        '2026-03-01',
        '2026-03-01',
        '2026-03-09',
        [50, 0],
        '2026-04-04',
        [],
        true,
    ],
    'monthly, done on the day, from completion' => [
        1,
        Unit::Months,
        '2026-01-10',
        '2026-02-10',
        '2026-02-10',
        [100, 100],
        '2026-03-10',
        [],
        true,
    ],
    'far too late, kept to the calendar: two missed' => [
        30,
        Unit::Days,
        '2026-03-01',
        '2026-03-01',
        '2026-05-10',
        [0, 0],
        '2026-05-30',
        ['2026-03-31', '2026-04-30'],
        false,
    ],
    'far too late, half carried over' => [
        30,
        Unit::Days,
        '2026-03-01',
        '2026-03-01',
        '2026-05-10',
        [50, 0],
        '2026-06-04',
        [],
        true,
    ],
    'a point on the day of completion is covered' => [
        30,
        Unit::Days,
        '2026-03-01',
        '2026-03-01',
        '2026-03-31',
        [0, 0],
        '2026-04-30',
        [],
        false,
    ],
    'early, kept to the calendar' => [
        30,
        Unit::Days,
        '2026-03-01',
        '2026-03-01',
        '2026-02-20',
        [100, 0],
        '2026-03-31',
        [],
        false,
    ],
    'early, from completion' => [
        30,
        Unit::Days,
        '2026-03-01',
        '2026-03-01',
        '2026-02-20',
        [0, 100],
        '2026-03-22',
        [],
        true,
    ],
    'early, half: nine days back, half is 4.5, away from zero' => [
        30,
        Unit::Days,
        '2026-03-01',
        '2026-03-01',
        '2026-02-20',
        [0, 50],
        '2026-03-26',
        [],
        true,
    ],
    'late by one, half: 0.5 goes away from zero' => [
        30,
        Unit::Days,
        '2026-03-01',
        '2026-03-01',
        '2026-03-02',
        [50, 0],
        '2026-04-01',
        [],
        true,
    ],
    'monthly on the 31st keeps to the month end' => [
        1,
        Unit::Months,
        '2026-01-31',
        '2026-02-28',
        '2026-02-28',
        [0, 0],
        '2026-03-31',
        [],
        false,
    ],
    'on the day is not late: the month end stays, though lateness would float' => [
        1,
        Unit::Months,
        '2026-01-31',
        '2026-02-28',
        '2026-02-28',
        [100, 0],
        '2026-03-31',
        [],
        false,
    ],
    'yearly on 29 February' => [
        1,
        Unit::Years,
        '2024-02-29',
        '2027-02-28',
        '2027-03-05',
        [0, 0],
        '2028-02-29',
        [],
        false,
    ],
    'least gap: the point inside it gives way' => [
        14,
        Unit::Days,
        '2026-03-02',
        '2026-03-02',
        '2026-03-12',
        [0, 0, 5],
        '2026-03-30',
        [],
        false,
    ],
    'least gap: the point at its end stands' => [
        14,
        Unit::Days,
        '2026-03-02',
        '2026-03-02',
        '2026-03-11',
        [0, 0, 5],
        '2026-03-16',
        [],
        false,
    ],
]);

it('drops fixed points of inactive months and moves floating ones to the next active month', function () {
    $season = Season::months([4, 5, 6, 7, 8, 9]);
    $fixed = Completion::of(
        every(1, Unit::Months, '2026-01-15', CarryOver::fixed(), $season),
        day('2026-09-15'),
        day('2026-09-15'),
    );
    $floating = Completion::of(
        every(2, Unit::Months, '2026-01-15', CarryOver::floating(), $season),
        day('2026-09-15'),
        day('2026-09-20'),
    );
    expect((string) $fixed->nextPoint)->toBe('2027-04-15')->and((string) $floating->nextPoint)->toBe('2027-04-01');
});

it('counts a visit done on its moved day as on time', function () {
    // 1 March 2026 is a Sunday; the site moves it to Monday the 2nd.
    $trigger = every(30, Unit::Days, '2026-03-01', CarryOver::floating(), null, NonWorking::Forward);
    $onTime = Completion::of($trigger, day('2026-03-01'), day('2026-03-02'));
    expect($onTime->daysLate)->toBe(0)->and((string) $onTime->nextPoint)->toBe('2026-03-31');
});

it('loses no point between a rest day and the day worked for it', function () {
    // Planned on Saturdays, done on Mondays; the one of 7 March is done on Sunday the 15th, and the next is still to
    // come on the 16th.
    $done = Completion::of(
        every(7, Unit::Days, '2026-03-07', CarryOver::fixed(), null, NonWorking::Forward),
        day('2026-03-07'),
        day('2026-03-15'),
    );
    expect((string) $done->nextDate)->toBe('2026-03-16')->and($done->missed)->toBe([]);
});

it('makes one visit of points that were moved onto one day', function () {
    $daily = every(1, Unit::Days, '2026-03-02', CarryOver::fixed(), null, NonWorking::Back);
    // Friday the 6th also holds what falls on Saturday and Sunday.
    $done = Completion::of($daily, day('2026-03-06'), day('2026-03-06'));
    expect((string) $done->nextDate)->toBe('2026-03-09')->and($done->missed)->toBe([]);
    $early = Completion::of($daily, day('2026-03-06'), day('2026-03-05'));
    expect((string) $early->nextDate)->toBe('2026-03-09');
});

it('keeps weekday rules to the calendar', function () {
    $rule = RecurrenceRule::weekdays(day('2026-03-03'), 1, [2, 5]);
    $done = Completion::of(CalendarTrigger::rule($rule), day('2026-03-03'), day('2026-03-11'));
    expect((string) $done->nextPoint)
        ->toBe('2026-03-13')
        ->and(isos($done->missed))
        ->toBe(['2026-03-06', '2026-03-10']);
});

it('refuses shares that are no percentages', function (array $policy, string $field) {
    expect(fn () => CarryOver::of(...$policy))->toThrow(fn (InvalidInput $e) => expect($e->field())->toBe($field));
})->with([[[101, 0], 'late_share'], [[0, -1], 'early_share'], [[0, 0, -1], 'least_gap']]);

it('never plans before the completion and stays on its own points', function () {
    mt_srand(20260301);
    for ($i = 0; $i < 400; $i++) {
        $unit = Unit::cases()[mt_rand(0, 3)];
        $trigger = every(
            mt_rand(1, 6),
            $unit,
            '2024-01-31',
            $policy = CarryOver::of(mt_rand(0, 4) * 25, mt_rand(0, 4) * 25),
            null,
            NonWorking::cases()[mt_rand(0, 3)],
        );
        $point = $trigger->pointAfter(day('2024-06-01')->plusDays(mt_rand(0, 300)));
        $done = $trigger->dateOf($point)->plusDays(mt_rand(-20, 90));
        $completion = Completion::of($trigger, $point, $done);
        expect($completion->nextPoint->isAfter($done) || $policy->early > 0)
            ->toBeTrue()
            ->and($completion->nextPoint->isAfter($point) || $completion->newAnchor !== null)
            ->toBeTrue();
        if ($completion->newAnchor === null) {
            expect((string) $trigger->points->firstAfter($completion->nextPoint->plusDays(-1)))->toBe(
                (string) $completion->nextPoint,
            );
        }
    }
});
