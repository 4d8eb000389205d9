<?php

declare(strict_types=1);

use Sundial\Calendar\Interval;
use Sundial\Calendar\RecurrenceRule;
use Sundial\Calendar\Unit;
use Sundial\Support\InvalidInput;
use Tests\Core\Cases;

use function Tests\Core\day;
use function Tests\Core\isos;

it('lists the occurrences of a rule as the reference does', function (array $case) {
    $rule = RecurrenceRule::parse($case['rrule'], day($case['dtstart']));
    $thirteen = isos($rule->occurrences(), 13);
    expect(array_slice($thirteen, 0, 12))
        ->toBe($case['expected']['occurrences'])
        ->and(count($thirteen) <= 12)
        ->toBe($case['expected']['ends']);
})->with(Cases::of('recurrence', 'rrule'));

it('finds the first occurrence after any day without walking from the start', function (array $case) {
    $rule = RecurrenceRule::parse($case['rrule'], day($case['dtstart']));
    $all = isos($rule->occurrences(), 40);
    expect((string) $rule->firstAfter(day($case['dtstart'])->plusDays(-1)))->toBe($all[0]);
    foreach (array_slice($all, 0, -1) as $i => $iso) {
        expect((string) $rule->firstAfter(day($iso)))
            ->toBe($all[$i + 1])
            ->and((string) $rule->firstAfter(day($all[$i + 1])->plusDays(-1)))
            ->toBe($all[$i + 1]);
        if ($i > 0) {
            expect($rule->intervalBefore(day($iso)))->toBe(day($all[$i - 1])->daysUntil(day($iso)));
        }
    }
})->with(Cases::of('recurrence', 'rrule'));

it('counts clamped months from the anchor', function (array $case) {
    $interval = Interval::every($case['interval_months'], Unit::Months, day($case['anchor']));
    $points = array_map(fn (int $k): string => (string) $interval->point($k), range(0, 11));
    expect($points)->toBe($case['expected']['occurrences']);
    foreach (array_slice($points, 0, -1) as $k => $iso) {
        expect((string) $interval->firstAfter(day($iso)))
            ->toBe($points[$k + 1])
            ->and((string) $interval->firstAfter(day($points[$k + 1])->plusDays(-1)))
            ->toBe($points[$k + 1]);
    }
})->with(Cases::of('recurrence', 'clamped'));

it('plans chosen weekdays and the nth weekday', function () {
    $tuesdaysFridays = RecurrenceRule::weekdays(day('2026-03-03'), 2, [2, 5]);
    expect(isos($tuesdaysFridays->occurrences(), 4))->toBe(['2026-03-03', '2026-03-06', '2026-03-17', '2026-03-20']);
    $last = RecurrenceRule::nthWeekday(day('2026-01-01'), 3, -1, 5);
    expect(isos($last->occurrences(), 3))->toBe(['2026-01-30', '2026-04-24', '2026-07-31']);
});

it('refuses rules that it does not understand, naming the part', function (string $text, string $field) {
    expect(fn () => RecurrenceRule::parse($text, day('2026-01-01')))->toThrow(
        fn (InvalidInput $e) => expect($e->field())->toBe($field),
    );
})->with([
    ['FREQ=HOURLY', 'FREQ'],
    ['INTERVAL=2', 'FREQ'],
    ['FREQ=DAILY;BYHOUR=3', 'BYHOUR'],
    ['FREQ=MONTHLY;BYMONTHDAY=32', 'BYMONTHDAY'],
    ['FREQ=WEEKLY;BYDAY=XX', 'BYDAY'],
    ['FREQ=DAILY;INTERVAL=0', 'INTERVAL'],
    ['FREQ=DAILY;UNTIL=20261341', 'UNTIL'],
]);

it('ends instead of searching for ever when a rule can match no day', function () {
    $never = RecurrenceRule::parse('FREQ=MONTHLY;BYMONTH=2;BYMONTHDAY=30', day('2026-01-01'));
    expect($never->firstAfter(day('2026-01-01')))->toBeNull();
});
