<?php

declare(strict_types=1);

use Sundial\Calendar\Interval;
use Sundial\Calendar\LocalDate;
use Sundial\Calendar\RecurrenceRule;
use Sundial\Calendar\Season;
use Sundial\Calendar\Unit;
use Sundial\Calendar\WeekdayPick;
use Sundial\Import\Column;
use Sundial\Import\Sheet;
use Sundial\Meters\Counter;
use Sundial\Meters\CounterReading;
use Sundial\Planning\Ladder\Ladder;
use Sundial\Planning\Method\RoundWalk;
use Sundial\Planning\Record\Findings;
use Sundial\Planning\Trigger\CarryOver;
use Sundial\Planning\Visit\LeadTime;
use Sundial\Support\InvalidInput;

use function Tests\Core\day;

it('refuses what cannot be, and names the field', function (string $field, Closure $try) {
    try {
        $try();
    } catch (InvalidInput $e) {
        expect($e->field())->toBe($field)->and($e->getMessage())->not->toBe('');

        return;
    }
    $this->fail('It was taken.');
})->with([
    'a counter that rolls over at 0' => ['rolls_over_at', fn () => Counter::of(rollsOverAt: 0)],
    'a use of less than nothing' => ['expected_per_year', fn () => Counter::of(expectedPerYear: -1)],
    'a rate of less than a fortnight' => ['window_days', fn () => Counter::of(window: 13)],
    'a rate of more than 999 days' => ['window_days', fn () => Counter::of(window: 1000)],
    'four decimal places' => ['decimals', fn () => Counter::of(decimals: 4)],
    'a reading below 0' => ['value', fn () => CounterReading::of(0, day('2026-03-18'), -1)],
    'an old counter that ended below 0' => [
        'old_final',
        fn () => CounterReading::of(0, day('2026-03-18'), 1, oldFinal: -1),
    ],
    'the eighth weekday' => ['weekday', fn () => WeekdayPick::of(8)],
    'the 54th Monday' => ['nth', fn () => WeekdayPick::of(1, 54)],
    'Monday number 0' => ['nth', fn () => WeekdayPick::of(1, 0)],
    'a weekday that no rule knows' => ['BYDAY', fn () => WeekdayPick::parse('XX')],
    'no weekday at all' => ['weekdays', fn () => RecurrenceRule::weekdays(day('2026-03-18'), 1, [])],
    'the sixth of a month' => ['nth', fn () => RecurrenceRule::nthWeekday(day('2026-03-18'), 1, 6, 1)],
    'the last but one' => ['nth', fn () => RecurrenceRule::nthWeekday(day('2026-03-18'), 1, -2, 1)],
    'no month' => ['months', fn () => Season::months([])],
    'month 13' => ['months', fn () => Season::months([13])],
    '30 February' => ['done_on', fn () => LocalDate::parse('2026-02-30', 'done_on')],
    'every nothing' => ['every', fn () => Interval::every(0, Unit::Days, day('2026-03-18'))],
    'more than all lateness' => ['late_share', fn () => CarryOver::of(101, 0)],
    'less than no earliness' => ['early_share', fn () => CarryOver::of(0, -1)],
    'more lead than the interval, in per cent' => ['lead', fn () => LeadTime::percent(101)],
    'a lead of less than a day' => ['lead', fn () => LeadTime::days(-1)],
    'a ladder of one name twice' => ['ladder', fn () => Ladder::parse('small 1, small 2')],
    'a ladder that says no visit' => ['ladder', fn () => Ladder::parse('small')],
    'more findings than visits' => ['findings', fn () => Findings::of(2, 2, 1)],
    'a round that nobody walks at some visits' => ['every', fn () => RoundWalk::check([2, 3])],
    'every hundredth visit' => ['every', fn () => RoundWalk::check([1, 100])],
]);

it('reads one row that came as fields, and names each that is wrong', function (
    array $typed,
    array $cells,
    array $wrong,
) {
    $columns = [
        Column::text('tag', 8)->needed(),
        Column::whole('every', 1, 99),
        Column::choice('unit', ['days', 'weeks']),
    ];
    $sheet = Sheet::ofOne($columns, $typed);
    expect($sheet->rows[0]['cells'])->toBe($cells)->and(array_column($sheet->problems, 'column'))->toBe($wrong);
})->with([
    'all of it' => [
        ['tag' => 'P-1', 'every' => '14', 'unit' => 'days'],
        ['tag' => 'P-1', 'every' => '14', 'unit' => 'days'],
        [],
    ],
    'a field that nobody knows' => [['tag' => 'P-1', 'colour' => 'red'], ['tag' => 'P-1'], ['colour']],
    'what is needed is missing' => [['every' => '3'], ['every' => '3'], ['tag']],
    'too much' => [['tag' => 'P-1', 'every' => '100'], ['tag' => 'P-1'], ['every']],
    'none of the choices' => [['tag' => 'P-1', 'unit' => 'moons'], ['tag' => 'P-1'], ['unit']],
    'what is needed is wrong: said once' => [['tag' => 'much-too-long'], [], ['tag']],
]);
