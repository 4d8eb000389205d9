<?php

declare(strict_types=1);

use Sundial\Calendar\Interval;
use Sundial\Calendar\LocalDate;
use Sundial\Calendar\NonWorking;
use Sundial\Calendar\RecurrenceRule;
use Sundial\Calendar\Season;
use Sundial\Calendar\Unit;
use Sundial\Calendar\WorkingDays;
use Sundial\Planning\Schedule\Facts;
use Sundial\Planning\Schedule\ScheduleRule;
use Sundial\Planning\Trigger\CalendarTrigger;
use Sundial\Planning\Trigger\CarryOver;
use Sundial\Planning\Trigger\Completion;
use Sundial\Planning\Trigger\Suspension;
use Sundial\Planning\Trigger\Triggers;
use Sundial\Planning\Visit\ComingVisit;
use Sundial\Planning\Visit\LeadTime;
use Sundial\Planning\Visit\VisitTerms;

use function Tests\Core\coming;
use function Tests\Core\day;
use function Tests\Core\isos;

function anyTrigger(LocalDate $anchor): CalendarTrigger
{
    $season = mt_rand(0, 3) === 0 ? Season::months([1, 2, 3, 10, 11, 12]) : Season::wholeYear();
    $move = NonWorking::cases()[mt_rand(0, 3)];
    $days = WorkingDays::except([6, 7], [day('2025-12-25'), day('2026-01-01'), day('2026-04-06')]);
    $least = mt_rand(0, 3) === 0 ? mt_rand(1, 5) : 0;

    return match (mt_rand(0, 3)) {
        0 => CalendarTrigger::rule(
            RecurrenceRule::weekdays($anchor, mt_rand(1, 3), array_slice([1, 3, 5, 7], mt_rand(0, 2))),
            $least,
            $season,
            $move,
            $days,
        ),
        1 => CalendarTrigger::rule(
            RecurrenceRule::nthWeekday($anchor, mt_rand(1, 4), [1, 2, 3, 4, 5, -1][mt_rand(0, 5)], mt_rand(1, 7)),
            $least,
            $season,
            $move,
            $days,
        ),
        default => CalendarTrigger::interval(
            Interval::every(mt_rand(1, 9), Unit::cases()[mt_rand(0, 3)], $anchor),
            CarryOver::of(mt_rand(0, 4) * 25, mt_rand(0, 4) * 25, $least),
            $season,
            $move,
            $days,
        ),
    };
}

it('loses and repeats no visit on three years’ walk of any schedule', function () {
    mt_srand(20250318);
    for ($run = 0; $run < 300; $run++) {
        $trigger = anyTrigger(day('2025-01-31')->plusDays(mt_rand(0, 60)));
        $point = $trigger->pointAfter(day('2025-01-30'));
        $until = day('2028-01-31');
        for ($last = null; $point->isBefore($until);) {
            $planned = $trigger->dateOf($point);
            $done = $planned->plusDays(mt_rand(0, 2) === 0 ? mt_rand(-3, 40) : 0);
            $done = $last === null ? $done : LocalDate::later($done, $last);
            $next = Completion::of($trigger, $point, $done);
            // Kept to the calendar, every date between this visit and the next is missed, and none else.
            if ($next->newAnchor === null && $trigger->carryOver->leastGap === 0) {
                $between = [];
                for ($date = $planned, $at = $point; ; $between[] = $date) {
                    $at = $trigger->pointAfter($at, $date);
                    $date = $trigger->dateOf($at);
                    if (! $date->isBefore($next->nextDate)) {
                        break;
                    }
                }
                expect(isos($next->missed))->toBe(
                    isos(array_filter($between, fn (LocalDate $missed): bool => $missed->isBefore($done))),
                );
            }
            expect($done->daysUntil($next->nextDate))
                ->toBeGreaterThanOrEqual($trigger->carryOver->leastGap)
                ->and($next->nextDate->isAfter($planned) || $next->newAnchor !== null)
                ->toBeTrue()
                ->and($trigger->season->holds($next->nextPoint))
                ->toBeTrue();
            if ($next->newAnchor !== null) {
                $trigger = CalendarTrigger::interval(
                    $trigger->points->anchoredAt($next->newAnchor),
                    $trigger->carryOver,
                    $trigger->season,
                    $trigger->nonWorking,
                    $trigger->workingDays,
                );
            }
            [$last, $point] = [$done, $next->nextPoint];
        }
    }
});

it('forecasts just what happens when each visit is done on its day', function () {
    mt_srand(42);
    for ($run = 0; $run < 100; $run++) {
        $trigger = anyTrigger(day('2025-02-28'));
        $point = $trigger->pointAfter(day('2025-02-27'));
        $foreseen = [];
        $rule = ScheduleRule::of(Triggers::of($trigger), VisitTerms::of(LeadTime::days(3)));
        $foreseen = array_map(
            fn (ComingVisit $visit): string => (string) $visit->planned,
            coming($rule, Facts::on(day('2025-02-01'), $trigger->workingDays), 12),
        );
        $happened = [];
        for ($i = 0; $i < 12; $i++) {
            $happened[] = (string) $trigger->dateOf($point);
            $next = Completion::of($trigger, $point, $trigger->dateOf($point));
            if ($next->newAnchor !== null) {
                $trigger = CalendarTrigger::interval(
                    $trigger->points->anchoredAt($next->newAnchor),
                    $trigger->carryOver,
                    $trigger->season,
                    $trigger->nonWorking,
                    $trigger->workingDays,
                );
            }
            $point = $next->nextPoint;
        }
        expect($foreseen)->toBe($happened)->and($foreseen)->toBe(array_values(array_unique($foreseen)));
    }
});

it('accounts for every point that passed while a schedule was held up', function () {
    mt_srand(99);
    for ($run = 0; $run < 200; $run++) {
        $trigger = anyTrigger(day('2025-03-01'));
        $next = $trigger->pointAfter(day('2025-02-28'));
        $from = $trigger->dateOf($next)->plusDays(-mt_rand(0, 30));
        $return = $from->plusDays(mt_rand(1, 200));
        $lifted = Suspension::lifted($trigger, $next, $from, $return);
        expect(
            $trigger->dateOf($lifted->nextPoint)->isBefore($return) && $trigger->carryOver->late === 0,
        )->toBeFalse();
        foreach ($lifted->suspended as $date) {
            expect($date->isBefore($return) && ! $date->isBefore($from))->toBeTrue();
        }
    }
});

// Worked dates, by hand with a calendar.
it('plans the right dates', function (CalendarTrigger $trigger, string $after, array $expected) {
    $dates = [];
    for (
        $point = $trigger->pointAfter(day($after));
        count($dates) < count($expected);
        $point = $trigger->pointAfter($point, $trigger->dateOf($point))
    ) {
        $dates[] = (string) $trigger->dateOf($point);
    }
    expect($dates)->toBe($expected);
})->with([
    'month ends through a leap year' => [
        fn () => CalendarTrigger::interval(Interval::every(1, Unit::Months, day('2027-12-31')), CarryOver::fixed()),
        '2027-12-30',
        ['2027-12-31', '2028-01-31', '2028-02-29', '2028-03-31', '2028-04-30'],
    ],
    'every four years from a leap day' => [
        fn () => CalendarTrigger::interval(Interval::every(4, Unit::Years, day('2024-02-29')), CarryOver::fixed()),
        '2024-02-28',
        ['2024-02-29', '2028-02-29', '2032-02-29'],
    ],
    'every year from a leap day' => [
        fn () => CalendarTrigger::interval(Interval::every(1, Unit::Years, day('2024-02-29')), CarryOver::fixed()),
        '2024-03-01',
        ['2025-02-28', '2026-02-28', '2027-02-28', '2028-02-29'],
    ],
    'quarters from 30 November' => [
        fn () => CalendarTrigger::interval(Interval::every(3, Unit::Months, day('2026-11-30')), CarryOver::fixed()),
        '2026-11-29',
        ['2026-11-30', '2027-02-28', '2027-05-30', '2027-08-30'],
    ],
    'winter across new year' => [
        fn () => CalendarTrigger::interval(
            Interval::every(1, Unit::Months, day('2026-09-15')),
            CarryOver::fixed(),
            Season::months([11, 12, 1]),
        ),
        '2026-09-01',
        ['2026-11-15', '2026-12-15', '2027-01-15', '2027-11-15'],
    ],
    'fifth Friday, where there is one' => [
        fn () => CalendarTrigger::rule(RecurrenceRule::nthWeekday(day('2026-01-01'), 1, 5, 5)),
        '2026-01-01',
        ['2026-01-30', '2026-05-29', '2026-07-31', '2026-10-30'],
    ],
    'last weekday moved back off the holidays' => [
        fn () => CalendarTrigger::rule(
            RecurrenceRule::nthWeekday(day('2026-12-01'), 1, -1, 5),
            0,
            null,
            NonWorking::Back,
            WorkingDays::except([6, 7], [day('2026-12-25')]),
        ),
        '2026-12-01',
        ['2026-12-24', '2027-01-29'],
    ],
    'daily, over a weekend moved on' => [
        fn () => CalendarTrigger::interval(
            Interval::every(1, Unit::Days, day('2026-03-05')),
            CarryOver::fixed(),
            null,
            NonWorking::Forward,
            WorkingDays::except([6, 7]),
        ),
        '2026-03-04',
        ['2026-03-05', '2026-03-06', '2026-03-09', '2026-03-10'],
    ],
    'three weeks, two days a week, from the middle of a week' => [
        fn () => CalendarTrigger::rule(RecurrenceRule::weekdays(day('2026-03-05'), 3, [2, 5])),
        '2026-03-04',
        ['2026-03-06', '2026-03-24', '2026-03-27', '2026-04-14'],
    ],
    'tenth of the month, to the nearest worked day' => [
        fn () => CalendarTrigger::interval(
            Interval::every(1, Unit::Months, day('2026-01-10')),
            CarryOver::fixed(),
            null,
            NonWorking::Nearest,
            WorkingDays::except([6, 7]),
        ),
        '2026-01-01',
        ['2026-01-09', '2026-02-10', '2026-03-10', '2026-04-10', '2026-05-11'],
    ],
]);
