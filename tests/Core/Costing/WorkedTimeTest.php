<?php

declare(strict_types=1);

use Sundial\Costing\WorkedTime;
use Sundial\Support\InvalidInput;

it('reads a time as people write it', function (string $typed, int $minutes) {
    expect(WorkedTime::minutes($typed, 'time'))->toBe($minutes);
})->with([
    ['2', 120],
    ['2:30', 150],
    ['2.5', 150],
    ['2,25', 135],
    ['1.33', 80],
    ['90 min', 90],
    ['2 h 10', 130],
    ['2h', 120],
    ['0:05', 5],
    ['12', 720],
]);

it('refuses what is no time', function (string $typed) {
    expect(fn () => WorkedTime::minutes($typed, 'time'))->toThrow(InvalidInput::class, 'Write it as 2:30');
})->with(['', 'two', '2:75', '-1', '2.5.1']);

it('writes what it reads', function () {
    foreach ([0, 5, 60, 130, 1439] as $minutes) {
        expect(WorkedTime::minutes(WorkedTime::typed($minutes), 'time'))->toBe($minutes);
    }
});
