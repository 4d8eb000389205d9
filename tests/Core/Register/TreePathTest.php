<?php

declare(strict_types=1);

use Sundial\Register\TreePath;
use Sundial\Support\InvalidInput;

it('knows the place at its top', function (string $path, ?int $place) {
    expect(TreePath::of($path)->topPlace())->toBe($place);
})->with([
    'an asset in a place' => ['/L12/A7/', 12],
    'a place in places' => ['/L3/L12/L40/', 3],
    'a place itself' => ['/L3/', 3],
    'an asset that stands in none' => ['/A7/A8/', null],
    'nothing' => ['/', null],
]);

it('holds itself and what lies below it, and not what only begins alike', function () {
    $line = TreePath::of('/L1/A1/');
    expect($line->holds(TreePath::of('/L1/A1/')))
        ->toBeTrue()
        ->and($line->holds($line->child('A12')))
        ->toBeTrue()
        ->and($line->holds(TreePath::of('/L1/A12/')))
        ->toBeFalse()
        ->and($line->child('A12')->path)
        ->toBe('/L1/A1/A12/');
});

it('moves under another node, and never under itself', function () {
    $line = TreePath::of('/L1/A1/');
    expect($line->under(TreePath::of('/L2/'), 'A1', 'Line', 'Hall')->path)
        ->toBe('/L2/A1/')
        ->and(fn () => $line->under($line->child('A2'), 'A1', 'Line', 'Drive'))
        ->toThrow(InvalidInput::class, 'Line cannot stand inside Drive, because Drive stands inside Line')
        ->and(fn () => $line->under($line, 'A1', 'Line', 'Line'))
        ->toThrow(InvalidInput::class, 'Line cannot stand inside itself');
});

it('names the key at its top', function (string $path, string $top) {
    expect(TreePath::of($path)->top())->toBe($top);
})->with([
    'a place' => ['/L1/L7/A12/', 'L1'],
    'an asset that stands in none' => ['/A5/', 'A5'],
    'nothing' => ['', ''],
]);
