<?php

declare(strict_types=1);

use Sundial\Calendar\LocalDate;
use Sundial\Stock\Lot;
use Sundial\Stock\LotsOnShelf;
use Sundial\Stock\Tracked;
use Sundial\Support\InvalidInput;

function onShelf(): LotsOnShelf
{
    return LotsOnShelf::of(
        12000,
        Lot::of('LATE', 4000, LocalDate::of(2026, 9, 1)),
        Lot::of('PAST', 2000, LocalDate::of(2026, 3, 17)),
        Lot::of('SOON', 3000, LocalDate::of(2026, 3, 18)),
        Lot::of('KEEPS', 1000),
    );
}

it('uses what expires first, what has no date after that, what has no name last', function (int $many, array $taken) {
    expect(onShelf()->toUse($many, LocalDate::of(2026, 3, 18)))->toBe($taken);
})->with([
    'the last day is still good' => [2000, ['SOON' => 2000]],
    'then the next' => [5000, ['SOON' => 3000, 'LATE' => 2000]],
    'without a date, then without a name' => [9000, ['SOON' => 3000, 'LATE' => 4000, 'KEEPS' => 1000, '' => 1000]],
]);

it('uses nothing that is past its day unless it is named', function () {
    expect(onShelf()->unnamed())
        ->toBe(2000)
        ->and(fn () => onShelf()->toUse(11000, LocalDate::of(2026, 3, 18)))
        ->toThrow(InvalidInput::class, 'past its day: PAST')
        ->and(onShelf()->named(['PAST' => 2000]))
        ->toBe(['PAST' => 2000])
        ->and(onShelf()->toClear(3000))
        ->toBe(['PAST' => 2000, 'SOON' => 1000])
        ->and(fn () => onShelf()->named(['SOON' => 4000]))
        ->toThrow(InvalidInput::class, 'there are 3')
        ->and(fn () => onShelf()->named(['NONE' => 1000]))
        ->toThrow(InvalidInput::class, 'does not lie there');
});

it('shares what was typed: one batch takes all, each serial number is one piece', function () {
    expect(Tracked::Batch->share([' B-7 ', ''], 2500))
        ->toBe(['B-7' => 2500])
        ->and(Tracked::Serial->share(['S1', 'S2'], 2000))
        ->toBe(['S1' => 1000, 'S2' => 1000]);
});

it('refuses names that do not say which pieces they are', function (Tracked $tracked, array $names, int $many) {
    $tracked->share($names, $many);
})->with([
    'no batch' => [Tracked::Batch, [], 1000],
    'two batches at once' => [Tracked::Batch, ['A', 'B'], 2000],
    'too few numbers' => [Tracked::Serial, ['S1'], 2000],
    'too many numbers' => [Tracked::Serial, ['S1', 'S2', 'S3'], 2000],
    'one twice' => [Tracked::Serial, ['S1', 'S1'], 2000],
    'a part of a piece' => [Tracked::Serial, ['S1'], 500],
])->throws(InvalidInput::class);
