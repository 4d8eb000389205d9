<?php

declare(strict_types=1);

use Sundial\Calendar\LocalDate;
use Sundial\Support\InvalidInput;
use Sundial\Work\Many\ChangeOfMany;
use Sundial\Work\Many\DayChange;
use Sundial\Work\OrderMove;

it('sets one day for all, or shifts the day of each', function (string $typed, ?string $from, ?string $to) {
    $day = DayChange::parse($typed, 'value')->from($from === null ? null : LocalDate::parse($from));
    expect($day === null ? null : (string) $day)->toBe($to);
})->with([
    ['2026-03-31', '2026-01-01', '2026-03-31'],
    ['2026-03-31', null, '2026-03-31'],
    ['+7', '2026-02-25', '2026-03-04'],
    ['-2', '2026-03-01', '2026-02-27'],
    ['− 2', '2026-03-01', '2026-02-27'],
    ['+7', null, null],
]);

it('says how days are shifted, and refuses what is no day', function () {
    expect(DayChange::parse('+7', 'value')->words())
        ->toBe('7 d later')
        ->and(DayChange::parse('-1', 'value')->words())
        ->toBe('1 d earlier')
        ->and(DayChange::parse('2026-03-31', 'value')->words())
        ->toBe('2026-03-31');
    foreach (['', '7', '2026-02-30', '+99999', '++1'] as $typed) {
        expect(static fn () => DayChange::parse($typed, 'value'))->toThrow(InvalidInput::class);
    }
});

it('takes back facts and a hold, and no approval', function () {
    $undone = array_filter(ChangeOfMany::cases(), static fn (ChangeOfMany $one): bool => $one->canBeUndone());
    expect(array_column($undone, 'value'))
        ->toBe(['team', 'person', 'planned', 'due', 'priority', 'stage', 'hold'])
        ->and(ChangeOfMany::Resume->move())
        ->toBe(OrderMove::Resume);
});
