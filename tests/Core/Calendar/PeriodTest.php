<?php

declare(strict_types=1);

use Sundial\Calendar\LocalDate;
use Sundial\Calendar\Period;

it('has the days of a month and of a year, leap or not', function () {
    expect(count(Period::year(2024)))
        ->toBe(366)
        ->and(count(Period::year(2025)))
        ->toBe(365)
        ->and((string) Period::year(2025)[364])
        ->toBe('2025-12-31')
        ->and(count(Period::month(2024, 2)))
        ->toBe(29)
        ->and((string) Period::month(2026, 4)[29])
        ->toBe('2026-04-30');
});

it('finds each day where counting on the fingers does, from either end', function (int $year) {
    foreach (Period::year($year) as $day) {
        foreach ([false, true] as $inYear) {
            $all = $inYear ? Period::year($year) : Period::month($year, $day->month);
            $alike = array_values(array_filter(
                $all,
                static fn (LocalDate $one): bool => $one->weekday() === $day->weekday(),
            ));
            $place = array_search((string) $day, array_map(strval(...), $alike), true);
            for ($nth = 1; $nth <= count($alike); $nth++) {
                expect(Period::isNth($day, $nth, $inYear))
                    ->toBe($nth === $place + 1)
                    ->and(Period::isNth($day, -$nth, $inYear))
                    ->toBe($nth === count($alike) - $place);
            }
        }
    }
})->with([2024, 2026]);
