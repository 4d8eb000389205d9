<?php

declare(strict_types=1);

use Sundial\Calendar\LocalDate;
use Sundial\Calendar\PlausibleDay;
use Sundial\Costing\BookedDay;
use Sundial\Support\InvalidInput;
use Sundial\Work\FinishTime;

function dayTyped(string $day, int $back, int $ahead): string
{
    try {
        PlausibleDay::check(
            LocalDate::parse($day),
            LocalDate::parse('2024-02-29'),
            'planned_on',
            'The planned day',
            $back,
            $ahead,
        );
    } catch (InvalidInput $e) {
        return "{$e->cause()}: {$e->getMessage()}";
    }

    return 'passes';
}

it('lets a day pass to its limit, and names it where the year is wrong', function (
    string $day,
    int $back,
    int $ahead,
    string $says,
) {
    expect(dayTyped($day, $back, $ahead))->toBe($says);
})->with([
    'today' => ['2024-02-29', 0, 0, 'passes'],
    'a year back, from a leap day' => ['2023-02-28', 1, 0, 'passes'],
    'a day more' => ['2023-02-27', 1, 0,
        'too_early: The planned day (27 Feb 2023) lies before a year back. Check the year.'],
    'yesterday, where none may lie back' => ['2024-02-28', 0, 5,
        'too_early: The planned day (28 Feb 2024) lies before today. Check the year.'],
    'five years ahead' => ['2029-02-28', 0, 5, 'passes'],
    'a day more than five years' => ['2029-03-01', 0, 5,
        'too_late: The planned day (1 Mar 2029) lies after 5 years from now. Check the year.'],
    'tomorrow, where none may lie ahead' => ['2024-03-01', 3, 0,
        'too_late: The planned day (1 Mar 2024) lies after today. Check the year.'],
]);

function hoursTyped(int $minutes, int $already, string $day): string
{
    try {
        BookedDay::check($minutes, $already, LocalDate::parse($day), LocalDate::parse('2026-03-18'), 'Ida Brook');
    } catch (InvalidInput $e) {
        return "{$e->field()}: {$e->getMessage()}";
    }

    return 'passes';
}

it('books no more on a day than it has, and nothing on one to come', function () {
    expect(hoursTyped(1440, 0, '2026-03-18'))
        ->toBe('passes')
        ->and(hoursTyped(60, 1380, '2026-03-17'))
        ->toBe('passes')
        ->and(hoursTyped(61, 1380, '2026-03-17'))
        ->toContain('minutes: Ida Brook has 23:00 h booked on 17 Mar 2026 already')
        ->and(hoursTyped(60, 0, '2026-03-19'))
        ->toBe('worked_on: Hours cannot be booked on a day to come.')
        ->and(hoursTyped(60, 0, '2025-03-17'))
        ->toContain('worked_on: The day of the work (17 Mar 2025) lies before a year back')
        ->and(hoursTyped(0, 0, '2026-03-18'))
        ->toContain('minutes')
        ->and(hoursTyped(1441, 0, '2026-03-18'))
        ->toContain('minutes');
});

it('takes a finish up to a minute ahead and a year and a day back', function (string $at, ?string $says) {
    $check = fn () => FinishTime::check(new DateTimeImmutable($at), new DateTimeImmutable('2026-03-18 08:00:00'));
    $says === null ? expect($check())->toBeNull() : expect($check)->toThrow(InvalidInput::class, $says);
})->with([
    ['2026-03-18 08:01:00', null],
    ['2026-03-18 08:01:01', 'lies in the future'],
    ['2025-03-17 08:00:00', null],
    ['2025-03-17 07:59:59', 'more than a year back'],
]);
