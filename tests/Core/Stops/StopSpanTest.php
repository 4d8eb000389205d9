<?php

declare(strict_types=1);

use Sundial\Stops\StopSpan;
use Sundial\Support\InvalidInput;

$at = static fn (string $time): DateTimeImmutable => new DateTimeImmutable(
    "2026-03-18 {$time}",
    new DateTimeZone('UTC'),
);

it('counts the minutes of a stop, also while it goes on', function () use ($at) {
    $stop = StopSpan::begun($at('08:00:30'), $at('09:00'), $at('08:00:30'));
    expect($stop->minutes($at('08:45:29')))
        ->toBe(44)
        ->and($stop->ended($at('08:30:30'), $at('09:00'))->minutes($at('12:00')))
        ->toBe(30)
        ->and($stop->minutes($at('08:00')))
        ->toBe(0)
        ->and(StopSpan::recorded($at('08:00'), $at('08:20'))->minutes($at('12:00')))
        ->toBe(20)
        ->and(StopSpan::recorded($at('08:00'), null)->minutes($at('08:07')))
        ->toBe(7);
});

it('takes times that happened, in their order', function () use ($at) {
    $stop = StopSpan::begun($at('08:00'), $at('08:00'), null);
    expect(StopSpan::begun($at('08:04'), $at('08:00'), null)->to)
        ->toBeNull()
        ->and(fn () => StopSpan::begun($at('08:06'), $at('08:00'), null))
        ->toThrow(InvalidInput::class, 'lies ahead')
        ->and(fn () => StopSpan::begun($at('08:00'), $at('08:00'), $at('08:01')))
        ->toThrow(InvalidInput::class, 'stop before it')
        ->and(fn () => $stop->ended($at('07:59'), $at('09:00')))
        ->toThrow(InvalidInput::class, 'before it stopped')
        ->and(fn () => $stop->ended($at('09:06'), $at('09:00')))
        ->toThrow(InvalidInput::class, 'lies ahead')
        ->and($stop->ended($at('08:00'), $at('09:00'))->minutes($at('09:00')))
        ->toBe(0);
});

it('is split at a time within it, and nothing of it is lost', function () use ($at) {
    $stop = StopSpan::recorded($at('08:00'), $at('09:00'));
    [$first, $second] = $stop->splitAt($at('08:25'), $at('12:00'));
    expect([$first->from, $first->to, $second->from, $second->to])
        ->toEqual([$at('08:00'), $at('08:25'), $at('08:25'), $at('09:00')])
        ->and($first->joinedWith($second))
        ->toEqual($stop)
        ->and($second->joinedWith($first))
        ->toEqual($stop);
    foreach (['07:00', '08:00', '09:00', '10:00'] as $outside) {
        expect(fn () => $stop->splitAt($at($outside), $at('12:00')))->toThrow(InvalidInput::class, 'within it');
    }
});

it('goes on after it was split or joined, where it went on before', function () use ($at) {
    $goesOn = StopSpan::recorded($at('08:00'), null);
    [$first, $second] = $goesOn->splitAt($at('08:30'), $at('09:00'));
    expect($first->to)
        ->toEqual($at('08:30'))
        ->and($second->to)
        ->toBeNull()
        ->and($first->joinedWith($second)->to)
        ->toBeNull()
        ->and(StopSpan::recorded($at('07:00'), $at('07:10'))->joinedWith($goesOn))
        ->toEqual(StopSpan::recorded($at('07:00'), null))
        ->and(fn () => $goesOn->splitAt($at('09:00'), $at('09:00')))
        ->toThrow(InvalidInput::class);
});
