<?php

declare(strict_types=1);

use Sundial\Calendar\LocalDate;
use Sundial\Support\InvalidInput;

use function Tests\Core\day;

it('agrees with the system calendar on every day of four hundred years', function () {
    $check = new DateTimeImmutable('1800-01-01 00:00 UTC');
    $day = day('1800-01-01');
    for ($i = 0; $i < 146097; $i += 13) {
        $reference = $check->modify("+{$i} days");
        $ours = $day->plusDays($i);
        if (
            (string) $ours !== $reference->format('Y-m-d') ||
            $ours->weekday() !== (int) $reference->format('N') ||
            day((string) $ours)->epochDay !== $ours->epochDay
        ) {
            throw new RuntimeException("{$ours} is not {$reference->format('Y-m-d')}");
        }
    }
    expect((string) $day->plusDays(146097))->toBe('2200-01-01');
});

it('clamps months to their last day', function (string $from, int $months, string $to) {
    expect((string) day($from)->plusMonthsClamped($months))->toBe($to);
})->with([
    ['2026-01-31', 1, '2026-02-28'],
    ['2024-01-31', 1, '2024-02-29'],
    ['2026-03-31', -1, '2026-02-28'],
    ['2026-11-30', 3, '2027-02-28'],
    ['2024-02-29', 12, '2025-02-28'],
    ['2026-01-15', -13, '2024-12-15'],
]);

it('refuses what is no day, naming the field', function (string $text) {
    expect(fn () => LocalDate::parse($text, 'done_on'))->toThrow(
        fn (InvalidInput $e) => expect($e->field())->toBe('done_on')->and($e->cause())->toBe('invalid_date'),
    );
})->with(['2026-02-30', '2025-02-29', '31.12.2026', '2026-1-1', '', '0000-01-01', "2026-01-01\n"]);

it('is said in sentences as people write a day', function (string $day, string $words) {
    expect(day($day)->inWords())->toBe($words);
})->with([['2026-03-01', '1 Mar 2026'], ['2027-12-31', '31 Dec 2027'], ['1999-01-10', '10 Jan 1999']]);
