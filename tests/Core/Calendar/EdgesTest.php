<?php

declare(strict_types=1);

use Sundial\Calendar\Interval;
use Sundial\Calendar\LocalDate;
use Sundial\Calendar\NonWorking;
use Sundial\Calendar\RecurrenceRule;
use Sundial\Calendar\Season;
use Sundial\Calendar\Unit;
use Sundial\Calendar\WeekdayPick;
use Sundial\Calendar\WorkingDays;

use function Tests\Core\beyond;
use function Tests\Core\day;
use function Tests\Core\tries;

it('takes what lies at the edge of a calendar, and refuses what lies beyond', function (
    Closure $make,
    int $at,
    int $beyond,
) {
    expect(beyond($make, $at, $beyond))->not->toBeNull();
})->with([
    'every 999 days' => [static fn (int $n) => Interval::every($n, Unit::Days, day('2026-01-01')), 999, 1000],
    'every day' => [static fn (int $n) => Interval::every($n, Unit::Days, day('2026-01-01')), 1, 0],
    'the year 9999' => [static fn (int $n) => LocalDate::of($n, 12, 31), 9999, 10_000],
    'the year 1' => [static fn (int $n) => LocalDate::of($n, 1, 1), 1, 0],
    'December' => [static fn (int $n) => LocalDate::of(2026, $n, 1), 12, 13],
    'January' => [static fn (int $n) => LocalDate::of(2026, $n, 1), 1, 0],
    'the last day of a month' => [static fn (int $n) => LocalDate::of(2026, 4, $n), 30, 31],
    'the first' => [static fn (int $n) => LocalDate::of(2026, 4, $n), 1, 0],
    'the fifth of a month' => [
        static fn (int $n) => RecurrenceRule::nthWeekday(day('2026-01-01'), 1, $n, 1), 5, 6,
    ],
    'the last of a month' => [
        static fn (int $n) => RecurrenceRule::nthWeekday(day('2026-01-01'), 1, $n, 1), -1, -2,
    ],
    'Sunday' => [static fn (int $n) => WeekdayPick::of($n), 7, 8],
    'Monday' => [static fn (int $n) => WeekdayPick::of($n), 1, 0],
    'the 53rd of a year' => [static fn (int $n) => WeekdayPick::of(1, $n), 53, 54],
    'the 53rd from its end' => [static fn (int $n) => WeekdayPick::of(1, $n), -53, -54],
    'a season of December' => [static fn (int $n) => Season::months([$n]), 12, 13],
    'a rule every 9999 days' => [
        static fn (int $n) => RecurrenceRule::parse("FREQ=DAILY;INTERVAL={$n}", day('2026-01-01')), 9999, 10_000,
    ],
    'a rule every day' => [
        static fn (int $n) => RecurrenceRule::parse("FREQ=DAILY;INTERVAL={$n}", day('2026-01-01')), 1, 0,
    ],
]);

it('finds the next point of an interval as one does who counts them all', function () {
    mt_srand(23);
    for ($i = 0; $i < tries(2000); $i++) {
        $unit = Unit::cases()[mt_rand(0, count(Unit::cases()) - 1)];
        $interval = Interval::every(mt_rand(1, 5), $unit, day('2024-01-31')->plusDays(mt_rand(-40, 400)));
        $asked = $interval->anchor->plusDays(mt_rand(-50, 2500));
        for ($k = 0; ! $interval->point($k)->isAfter($asked); $k++);
        expect((string) $interval->firstAfter($asked))->toBe((string) $interval->point($k), (string) $asked);
    }
});

it('has a length in days where it has one', function () {
    $days = static fn (Unit $unit): ?int => Interval::every(3, $unit, day('2026-01-31'))->days();
    expect(array_map($days, [Unit::Days, Unit::Weeks, Unit::Months, Unit::Years]))
        ->toBe([3, 21, null, null])
        ->and(Interval::every(1, Unit::Months, day('2026-01-31'))->intervalBefore(day('2026-03-31')))
        ->toBe(31)
        ->and(Interval::every(2, Unit::Weeks, day('2026-01-31'))->intervalBefore(day('2026-03-14')))
        ->toBe(14);
});

it('counts back to the point before, however long ago that was, and of the first to the next', function (
    string $rule,
    string $start,
    string $point,
    int $days,
) {
    expect(RecurrenceRule::parse($rule, day($start))->intervalBefore(day($point)))->toBe($days);
})->with([
    'the first of January after eleven months' => ['FREQ=DAILY;BYMONTH=1', '2026-01-01', '2027-01-01', 335],
    'the second' => ['FREQ=DAILY;BYMONTH=1', '2026-01-01', '2027-01-02', 1],
    'a leap day' => ['FREQ=YEARLY;BYMONTH=2;BYMONTHDAY=29', '2024-02-29', '2028-02-29', 1461],
    'a leap day of a rule of days' => ['FREQ=DAILY;BYMONTH=2;BYMONTHDAY=29', '2024-02-29', '2028-02-29', 1461],
    'a month of 28 days' => ['FREQ=MONTHLY;BYMONTHDAY=-1', '2026-01-31', '2026-02-28', 28],
    'the first of all' => ['FREQ=WEEKLY;BYDAY=MO,TH', '2026-01-05', '2026-01-05', 3],
    'the only one' => ['FREQ=WEEKLY;BYDAY=MO;COUNT=1', '2026-01-05', '2026-01-05', 1],
    'every third week' => ['FREQ=WEEKLY;INTERVAL=3;BYDAY=MO', '2026-01-05', '2026-02-16', 21],
]);

it('picks of a set from its begin and from its end', function (string $at, array $days) {
    $found = [];
    $rule = RecurrenceRule::parse("FREQ=MONTHLY;BYDAY=MO,TU,WE,TH,FR;BYSETPOS={$at};COUNT=2", day('2026-01-01'));
    foreach ($rule->occurrences() as $one) {
        $found[] = (string) $one;
    }
    expect($found)->toBe($days);
})->with([
    'the first working day' => ['1', ['2026-01-01', '2026-02-02']],
    'the second' => ['2', ['2026-01-02', '2026-02-03']],
    'the last' => ['-1', ['2026-01-30', '2026-02-27']],
    'the last but one' => ['-2', ['2026-01-29', '2026-02-26']],
]);

it('counts worked days from one up to another, and none backwards', function () {
    $days = WorkingDays::except([6, 7], [day('2026-04-03'), day('2026-04-06')]);
    expect([
        $days->count(day('2026-03-30'), day('2026-03-31')),
        $days->count(day('2026-03-30'), day('2026-03-30')),
        $days->count(day('2026-03-30'), day('2026-04-13')),
        $days->count(day('2026-04-13'), day('2026-03-30')),
    ])
        ->toBe([1, 0, 8, 0])
        ->and([$days->inAWeek(), WorkingDays::except([7])->inAWeek(), WorkingDays::except([])->inAWeek()])
        ->toBe([5, 6, 7])
        ->and([$days->isHoliday(day('2026-04-03')), $days->isHoliday(day('2026-04-04'))])
        ->toBe([true, false]);
});

it('looks for a worked day a year around, and stays where none is', function (int $rests, NonWorking $how, string $to) {
    $closed = array_map(static fn (int $i): LocalDate => day('2026-01-01')->plusDays($i), range(0, $rests - 1));
    expect((string) WorkingDays::except([], $closed)->move(day('2026-01-01'), $how))->toBe($to);
})->with([
    'on after 366 days' => [366, NonWorking::Forward, '2027-01-02'],
    'none within a year' => [367, NonWorking::Forward, '2026-01-01'],
    'back is near' => [367, NonWorking::Nearest, '2025-12-31'],
]);

it('tells days apart and in their order', function () {
    [$one, $other] = [day('2026-03-18'), day('2026-03-19')];
    expect([$one->is($other), $one->is(day('2026-03-18'))])
        ->toBe([false, true])
        ->and([(string) LocalDate::later($one, $other), (string) LocalDate::later($other, $one)])
        ->toBe(['2026-03-19', '2026-03-19'])
        ->and([(string) LocalDate::earlier($one, $other), (string) LocalDate::earlier($other, $one)])
        ->toBe(['2026-03-18', '2026-03-18'])
        ->and([WeekdayPick::of(3)->code(), WeekdayPick::of(3, -1)->code(), WeekdayPick::of(7, 2)->code()])
        ->toBe(['WE', '-1WE', '2SU']);
});
