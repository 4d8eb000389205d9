<?php

declare(strict_types=1);

use Sundial\Calendar\NonWorking;
use Sundial\Calendar\Season;
use Sundial\Calendar\WorkingDays;
use Sundial\Support\InvalidInput;

use function Tests\Core\day;

// 2026: Friday 3 April and Monday 6 April rest, and so do Saturday and Sunday between them.
it('moves a date off days on which nobody works', function (string $date, NonWorking $how, string $to) {
    $days = WorkingDays::except([6, 7], [day('2026-04-03'), day('2026-04-06')]);
    expect((string) $days->move(day($date), $how))->toBe($to);
})->with([
    'kept' => ['2026-04-04', NonWorking::Keep, '2026-04-04'],
    'on' => ['2026-04-03', NonWorking::Forward, '2026-04-07'],
    'back' => ['2026-04-06', NonWorking::Back, '2026-04-02'],
    'nearest is back' => ['2026-04-03', NonWorking::Nearest, '2026-04-02'],
    'nearest is on' => ['2026-04-05', NonWorking::Nearest, '2026-04-07'],
    'a Sunday goes on' => ['2026-04-12', NonWorking::Nearest, '2026-04-13'],
    'worked days stay' => ['2026-04-08', NonWorking::Nearest, '2026-04-08'],
]);

it('sends a tie back', function () {
    $days = WorkingDays::except([7]);
    expect((string) $days->move(day('2026-04-12'), NonWorking::Nearest))->toBe('2026-04-11');
});

it('refuses a week with no worked day and a season with no month', function () {
    expect(fn () => WorkingDays::except([1, 2, 3, 4, 5, 6, 7]))
        ->toThrow(InvalidInput::class)
        ->and(fn () => Season::months([]))
        ->toThrow(InvalidInput::class)
        ->and(fn () => Season::months([13]))
        ->toThrow(InvalidInput::class);
});

it('moves a day out of season to the first of the next active month, across new year', function () {
    $winter = Season::months([1, 2, 11]);
    expect((string) $winter->onward(day('2026-03-20')))
        ->toBe('2026-11-01')
        ->and((string) $winter->onward(day('2026-12-05')))
        ->toBe('2027-01-01')
        ->and((string) $winter->onward(day('2026-02-05')))
        ->toBe('2026-02-05');
});
