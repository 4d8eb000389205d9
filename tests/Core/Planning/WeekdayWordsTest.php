<?php

declare(strict_types=1);

use Sundial\Planning\Trigger\WeekdayWords;
use Sundial\Support\InvalidInput;

it('reads weekdays and months by word or number, in order and once each', function (string $text, array $days) {
    expect(WeekdayWords::days($text, 'weekdays'))
        ->toBe($days)
        ->and(WeekdayWords::days(WeekdayWords::ofDays($days), 'weekdays'))
        ->toBe($days);
})->with([['Thu, Mon', [1, 4]], ['monday WEDNESDAY mon', [1, 3]], ['7;1', [1, 7]], ['', []]]);

it(
    'reads months',
    fn () => expect(WeekdayWords::months('Dec march 6', 'months'))
        ->toBe([3, 6, 12])
        ->and(WeekdayWords::ofMonths([3, 12]))
        ->toBe('Mar Dec'),
);

it(
    'names the word that it does not know',
    fn () => expect(fn () => WeekdayWords::days('Mon Foo', 'weekdays'))
        ->toThrow(InvalidInput::class, '“Foo”')
        ->and(fn () => WeekdayWords::days('8', 'weekdays'))
        ->toThrow(InvalidInput::class),
);
