<?php

declare(strict_types=1);

use Sundial\Ask\Spelling;

it('finds the word that was meant', function (string $typed, ?string $meant) {
    expect(
        Spelling::of([
            'Ring spinning frame 7',
            'Loom 14',
            'Weft sensor check',
            'Kettle',
            'Dye vessel, large',
        ])->nearest($typed),
    )->toBe($meant);
})->with([
    'as it is' => ['spinning', 'spinning'],
    'a letter short' => ['spining', 'spinning'],
    'two swapped' => ['loim', 'loom'],
    'two wrong' => ['spunnung', 'spinning'],
    'in capitals' => ['WEFTT', 'weft'],
    'still being typed' => ['spinni', 'spinning'],
    'typed wrong so far' => ['vesel', 'vessel'],
    'three wrong' => ['spamnang', null],
    'short, two wrong' => ['lxxm', null],
    'too short' => ['lo', null],
    'nothing like it' => ['boiler', null],
]);

it(
    'splits names into words',
    fn () => expect(Spelling::split('Air handling-unit 2, A/C no. 14'))->toBe(['air', 'handling', 'unit']),
);
