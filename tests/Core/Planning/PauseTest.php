<?php

declare(strict_types=1);

use Sundial\Planning\Visit\Pause;
use Sundial\Support\InvalidInput;

use function Tests\Core\day;

it('rests from its first day to its last, both included', function (string $day, bool $rests) {
    expect(Pause::of(day('2026-03-18'), day('2026-03-31'), day('2026-03-18'))->isOn(day($day)))->toBe($rests);
})->with([['2026-03-17', false], ['2026-03-18', true], ['2026-03-31', true], ['2026-04-01', false]]);

it('goes on the day after its last, or when somebody says so', function () {
    expect((string) Pause::of(day('2026-12-20'), day('2026-12-31'), day('2026-12-01'))->goesOnOn())
        ->toBe('2027-01-01')
        ->and(Pause::kept(day('2026-01-01'), null)->goesOnOn())
        ->toBeNull()
        ->and(Pause::kept(day('2026-01-01'), null)->isOn(day('2036-01-01')))
        ->toBeTrue();
});

it('refuses days that make no sense', function (string $from, ?string $until, string $field) {
    try {
        Pause::of(day($from), $until === null ? null : day($until), day('2026-03-18'));
    } catch (InvalidInput $e) {
        expect($e->field())->toBe($field);

        return;
    }
    throw new RuntimeException('It was taken.');
})->with([
    ['2026-03-20', '2026-03-19', 'until'],
    ['2026-03-17', null, 'from'],
    ['2026-03-01', '2026-03-17', 'until'],
]);
