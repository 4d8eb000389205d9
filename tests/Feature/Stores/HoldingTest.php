<?php

declare(strict_types=1);

use App\Stores\Inputs\Holding;
use App\Stores\Inputs\StockInput;
use App\Stores\Inputs\SupplyInput;
use Sundial\Calendar\LocalDate;
use Sundial\Stock\Exposure;
use Sundial\Support\InvalidInput;

$typed = static fn (array $with): Holding => Holding::typed($with, array_fill_keys(Holding::FIELDS, '0'));

it('makes of what was typed the time over which failures count', function (array $with, Exposure $exposure) use (
    $typed,
) {
    expect($typed($with)->exposure())->toEqual($exposure);
})->with([
    'until it can be bought again' => [
        ['exposure' => 'resupply', 'length' => '44'],
        Exposure::resupply(44.0, 0.0),
    ],
    'the whole horizon, in years' => [['exposure' => 'horizon', 'length' => '2'], Exposure::horizon(730.5)],
    'from visit to visit' => [['exposure' => 'interval', 'interval' => '90'], Exposure::interval(90.0)],
    'until it is mended, or bought where it is beyond that' => [
        ['exposure' => 'repair', 'turnaround' => '30', 'scrapped' => '25', 'length' => '44', 'review' => '14'],
        Exposure::repair(30.0, 0.25, Exposure::resupply(30.0, 14.0)),
    ],
    'where one looks less often than it takes to come' => [
        ['exposure' => 'repair', 'turnaround' => '30', 'scrapped' => '0', 'length' => '10', 'review' => '14'],
        Exposure::repair(30.0, 0.0, Exposure::resupply(0.0, 10.0)),
    ],
]);

it('reads numbers as people write them, and nothing below nothing', function () use ($typed) {
    expect($typed(['length' => '1 200,5'])->number('length'))->toBe(1200.5)
        ->and(fn () => $typed(['length' => '-1'])->number('length'))->toThrow(InvalidInput::class, 'at 0 or above')
        ->and(fn () => $typed(['length' => 'soon'])->number('length'))->toThrow(InvalidInput::class);
});

it('holds at most as many as its point or more, and buys some at a time', function () {
    $typed = ['reorder_point' => '4', 'most' => '4', 'order_quantity' => '2'];
    expect(StockInput::typed($typed)->most)->toBe(4000)
        ->and(fn () => StockInput::typed(['most' => '3.9'] + $typed))->toThrow(InvalidInput::class, 'or above it')
        ->and(fn () => StockInput::typed(['order_quantity' => '0'] + $typed))->toThrow(InvalidInput::class);
});

it('buys at least some, where a supplier says how many', function () {
    $today = LocalDate::of(2026, 3, 18);
    expect(SupplyInput::typed(['least' => '0.5'], $today)->facts['least'])->toBe('0.500')
        ->and(SupplyInput::typed(['least' => ''], $today)->facts['least'])->toBeNull()
        ->and(fn () => SupplyInput::typed(['least' => '0'], $today))->toThrow(InvalidInput::class, 'at least');
});
