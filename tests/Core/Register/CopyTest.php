<?php

declare(strict_types=1);

use Sundial\Register\Merging;
use Sundial\Register\Numbering;
use Sundial\Register\TreePath;
use Sundial\Support\InvalidInput;

it('counts tags and names on', function (string $tag, string $name, array $expected) {
    $made = Numbering::after(
        $tag,
        $name,
        count($expected),
        static fn (string $tag): bool => in_array($tag, ['SPN-09', 'AHU-100'], true),
    );
    expect(array_map(static fn (array $one): string => "{$one['tag']} {$one['name']}", $made))->toBe($expected);
})->with([
    'noughts kept, a taken one passed over' => [
        'SPN-07',
        'Spinning frame 7',
        ['SPN-08 Spinning frame 8', 'SPN-10 Spinning frame 10'],
    ],
    'over the top' => ['AHU-99', 'Unit 99', ['AHU-101 Unit 101']],
    'the last number counts' => ['B2-LM-1A', 'Loom 1 in bay 2', ['B2-LM-2A Loom 1 in bay 3']],
    'without a number' => ['BOILER', 'Boiler', ['BOILER-2 Boiler 2', 'BOILER-3 Boiler 3']],
]);

it('makes between one and fifty', function (int $count) {
    expect(fn () => Numbering::after('A-1', 'A', $count, static fn (): bool => false))->toThrow(InvalidInput::class);
})->with([0, 51, -1]);

it('fills what the kept record lacks, and tells where both differ', function () {
    $merging = Merging::of(
        ['make' => 'Tarnside', 'model' => '', 'serial' => null, 'notes' => 'a'],
        TreePath::of('/L1/A1/'),
        'Pump',
        ['make' => 'Hollin', 'model' => 'P2', 'serial' => 'S1', 'notes' => 'a', 'extra' => ''],
        TreePath::of('/L1/A12/'),
        'Other pump',
    );
    expect($merging->filled)
        ->toBe(['model' => 'P2', 'serial' => 'S1'])
        ->and($merging->differ)
        ->toBe(['make' => ['Tarnside', 'Hollin']]);
});

it('merges no asset with itself or with what stands in it', function (string $other, string $why) {
    expect(fn () => Merging::of([], TreePath::of('/L1/A1/'), 'Pump', [], TreePath::of($other), 'Motor'))->toThrow(
        InvalidInput::class,
        $why,
    );
})->with([
    ['/L1/A1/', 'this asset itself'],
    ['/L1/A1/A2/', 'Motor stands inside Pump'],
    ['/L1/', 'Pump stands inside Motor'],
]);
