<?php

declare(strict_types=1);

use Sundial\Register\Expiry;
use Sundial\Register\ExpiryState;
use Sundial\Support\InvalidInput;

use function Tests\Core\day;

it('holds through its last day, and warns so many days before', function (string $today, ExpiryState $state) {
    expect(Expiry::on(day('2026-04-10'), 30)->state(day($today)))->toBe($state);
})->with([
    ['2026-03-10', ExpiryState::Holds],
    ['2026-03-11', ExpiryState::RunningOut],
    ['2026-04-10', ExpiryState::RunningOut],
    ['2026-04-11', ExpiryState::RunOut],
]);

it('is renewed for longer, never for shorter', function () {
    $expiry = Expiry::on(day('2026-04-10'), 0);
    expect((string) $expiry->warnFrom)
        ->toBe('2026-04-10')
        ->and((string) $expiry->renewedUntil(day('2027-04-10'), 60)->warnFrom)
        ->toBe('2027-02-09')
        ->and(fn () => $expiry->renewedUntil(day('2026-04-10'), 60))
        ->toThrow(InvalidInput::class, 'ran until 10 Apr 2026')
        ->and(fn () => Expiry::on(day('2026-04-10'), -1))
        ->toThrow(InvalidInput::class)
        ->and(fn () => Expiry::on(day('2026-04-10'), 731))
        ->toThrow(InvalidInput::class);
});
