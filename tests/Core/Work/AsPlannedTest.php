<?php

declare(strict_types=1);

use Sundial\Work\Isolation\Isolation;
use Sundial\Work\Isolation\IsolationState;
use Sundial\Work\Isolation\Permits;
use Sundial\Work\Plan\AsPlanned;
use Sundial\Work\Plan\CopiedSteps;

it('books each line on so many people of its trade, the named order first, nobody twice on a line', function (
    array $lines,
    array $people,
    array $minutes,
    array $missing,
) {
    $shared = AsPlanned::share($lines, $people);
    expect($shared->minutes)->toBe($minutes)->and($shared->missing)->toBe($missing);
})->with([
    'one of two' => [[[1, 1, 60]], [7 => 1, 8 => 1], [7 => 60], []],
    'both' => [[[1, 2, 60]], [7 => 1, 8 => 1], [7 => 60, 8 => 60], []],
    'whoever has no line yet comes first' => [[[1, 1, 60], [1, 1, 30]], [7 => 1, 8 => 1], [7 => 60, 8 => 30], []],
    'and the same again where there is nobody else' => [[[1, 1, 60], [1, 1, 30]], [7 => 1], [7 => 90], []],
    'one wanted more than there are' => [[[1, 3, 60]], [7 => 1, 8 => 1], [7 => 60, 8 => 60], [[1, 1, 60]]],
    'another trade does not stand in' => [[[2, 1, 60]], [7 => 1, 8 => null], [], [[2, 1, 60]]],
    'nothing left' => [[[1, 1, 0]], [7 => 1], [], []],
]);

it('misses the permits of which none holds: not issued, suspended, or run out', function () {
    $at = static fn (string $time): DateTimeImmutable => new DateTimeImmutable("2026-03-18 {$time}");
    $needed = Permits::needed(['confined space', 'hot work', 'work at height']);
    $issued = [
        ['hot work', Isolation::standing(IsolationState::InForce, $at('12:00'))],
        ['confined space', Isolation::standing(IsolationState::Suspended, $at('18:00'))],
        ['', Isolation::standing(IsolationState::InForce, $at('18:00'))],
    ];
    expect($needed->missing($issued, $at('12:00')))
        ->toBe(['confined space', 'work at height'])
        ->and($needed->missing($issued, $at('12:01')))
        ->toBe(['confined space', 'hot work', 'work at height'])
        ->and(Permits::needed([])->missing([], $at('12:00')))
        ->toBe([]);
});

it('copies the steps of the first, and of the whole, to those that have none of their own', function (
    array $assets,
    array $steps,
    array $copied,
    array $to,
) {
    $of = CopiedSteps::of($assets, $steps);
    expect([$of->copied, $of->to, $of->isNone()])->toBe([$copied, $to, $copied === [] || $to === []]);
})->with([
    'of the whole' => [[7, 8, 9], [null, null], [0, 1], [8, 9]],
    'of the first, beside one that has its own' => [[7, 8, 9], [7, 8, null], [0, 2], [9]],
    'only one asset' => [[7], [null], [0], []],
    'no step' => [[7, 8], [], [], [8]],
    'each has its own' => [[7, 8], [7, 8], [0], []],
]);
