<?php

declare(strict_types=1);

use Sundial\Calendar\LocalDate;
use Sundial\Support\InvalidInput;
use Sundial\Work\Standing\BookedMonth;

it('is over after its last day', function (string $day, string $key, string $last) {
    $month = BookedMonth::of(LocalDate::parse($day));
    expect([$month->key(), (string) $month->last()])
        ->toBe([$key, $last])
        ->and($month->isOver(LocalDate::parse($last)))
        ->toBeFalse()
        ->and($month->isOver(LocalDate::parse($last)->plusDays(1)))
        ->toBeTrue()
        ->and(BookedMonth::parse($key)->key())
        ->toBe($key);
})->with([
    ['2026-03-18', '2026-03', '2026-03-31'],
    ['2024-02-01', '2024-02', '2024-02-29'],
    ['2026-12-31', '2026-12', '2026-12-31'],
]);

it('refuses what is no month', function (string $key) {
    expect(static fn () => BookedMonth::parse($key))->toThrow(InvalidInput::class);
})->with(['2026-13', '2026-3', '', '2026-03-01']);
