<?php

declare(strict_types=1);

use Sundial\Calendar\Interval;
use Sundial\Calendar\LocalDate;
use Sundial\Calendar\PlannedPoints;
use Sundial\Calendar\RecurrenceRule;
use Sundial\Calendar\RuleText;
use Sundial\Calendar\Season;
use Sundial\Calendar\Unit;

use function Tests\Core\day;

/** @return list<string> the first points of a schedule that lie in its season */
function pointsOf(PlannedPoints $points, Season $season, LocalDate $first, int $many): array
{
    $days = [];
    for (
        $day =
            $season->holds($first) && $points instanceof Interval
                ? $first
                : $points->firstAfter($first->plusDays($points instanceof Interval ? 0 : -1));
        $day !== null && count($days) < $many;
        $day = $points->firstAfter($day)
    ) {
        $season->holds($day) ? ($days[] = (string) $day) : null;
    }

    return $days;
}

it('says the points of a schedule as a rule that gives the same days', function (
    PlannedPoints $points,
    string $text,
    array $months = [],
) {
    $season = $months === [] ? Season::wholeYear() : Season::months($months);
    $start =
        $points instanceof Interval
            ? $points->anchor
            : ($points instanceof RecurrenceRule
                ? $points->start
                : day('2026-01-01'));
    expect(RuleText::of($points, $season))->toBe($text);
    $said = [];
    foreach (RecurrenceRule::parse($text, $start)->occurrences() as $day) {
        $said[] = (string) $day;
        if (count($said) === 30) {
            break;
        }
    }
    expect($said)->toBe(pointsOf($points, $season, $start, 30));
})->with([
    'every day' => [fn () => Interval::every(1, Unit::Days, day('2026-03-20')), 'FREQ=DAILY'],
    'every 14 days' => [fn () => Interval::every(14, Unit::Days, day('2026-03-20')), 'FREQ=DAILY;INTERVAL=14'],
    'every 10 days in spring' => [
        fn () => Interval::every(10, Unit::Days, day('2026-03-05')),
        'FREQ=DAILY;INTERVAL=10;BYMONTH=3,4,5',
        [3, 4, 5],
    ],
    'every 3 weeks' => [
        fn () => Interval::every(3, Unit::Weeks, day('2026-03-20')),
        'FREQ=WEEKLY;INTERVAL=3;BYDAY=FR',
    ],
    'every month on the 10th' => [
        fn () => Interval::every(1, Unit::Months, day('2026-01-10')),
        'FREQ=MONTHLY;BYMONTHDAY=10',
    ],
    'on the 29th, clamped' => [
        fn () => Interval::every(1, Unit::Months, day('2026-01-29')),
        'FREQ=MONTHLY;BYMONTHDAY=28,29;BYSETPOS=-1',
    ],
    'on the 30th, clamped' => [
        fn () => Interval::every(1, Unit::Months, day('2026-01-30')),
        'FREQ=MONTHLY;BYMONTHDAY=28,29,30;BYSETPOS=-1',
    ],
    'on the 31st of every third, clamped' => [
        fn () => Interval::every(3, Unit::Months, day('2026-01-31')),
        'FREQ=MONTHLY;INTERVAL=3;BYMONTHDAY=28,29,30,31;BYSETPOS=-1',
    ],
    'every other month in winter' => [
        fn () => Interval::every(2, Unit::Months, day('2026-01-31')),
        'FREQ=MONTHLY;INTERVAL=2;BYMONTH=1,11;BYMONTHDAY=28,29,30,31;BYSETPOS=-1',
        [1, 11],
    ],
    'every year' => [
        fn () => Interval::every(1, Unit::Years, day('2026-12-31')),
        'FREQ=YEARLY;BYMONTH=12;BYMONTHDAY=31',
    ],
    'every year on a leap day, clamped' => [
        fn () => Interval::every(1, Unit::Years, day('2024-02-29')),
        'FREQ=YEARLY;BYMONTH=2;BYMONTHDAY=28,29;BYSETPOS=-1',
    ],
    'weekdays' => [
        fn () => RecurrenceRule::weekdays(day('2026-03-20'), 2, [1, 4]),
        'FREQ=WEEKLY;INTERVAL=2;BYDAY=MO,TH',
    ],
    'the last Friday of every third month' => [
        fn () => RecurrenceRule::nthWeekday(day('2026-03-01'), 3, -1, 5),
        'FREQ=MONTHLY;INTERVAL=3;BYDAY=-1FR',
    ],
    'the second Tuesday, in two months' => [
        fn () => RecurrenceRule::nthWeekday(day('2026-01-01'), 1, 2, 2),
        'FREQ=MONTHLY;BYMONTH=4,10;BYDAY=2TU',
        [4, 10],
    ],
]);

it('says the end too, and is silent where no rule can say it', function () {
    expect(RuleText::of(Interval::every(7, Unit::Days, day('2026-03-20')), Season::wholeYear(), day('2026-12-31')))
        ->toBe('FREQ=DAILY;INTERVAL=7;UNTIL=20261231')
        ->and(RuleText::of(Interval::every(1, Unit::Years, day('2026-05-01')), Season::months([1, 2])))
        ->toBeNull()
        ->and(
            RuleText::of(
                RecurrenceRule::parse('FREQ=MONTHLY;BYMONTHDAY=13', day('2026-01-01')),
                Season::wholeYear(),
            ),
        )
        ->toBeNull();
});
