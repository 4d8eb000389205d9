<?php

declare(strict_types=1);

use Sundial\Support\Csv;
use Sundial\Support\Decimals;
use Sundial\Support\InvalidInput;
use Sundial\Support\Money;
use Sundial\Support\Quantity;
use Sundial\Support\Rounding;

use function Tests\Core\tries;

it('rounds half away from zero, up and down, on both sides of it', function (
    int $a,
    int $b,
    int $half,
    int $up,
    int $down,
) {
    expect([
        Rounding::divideHalfAwayFromZero($a, $b), Rounding::divideUp($a, $b), Rounding::divideDown($a, $b),
    ])->toBe([$half, $up, $down]);
})->with([
    [0, 2, 0, 0, 0], [1, 2, 1, 1, 0], [-1, 2, -1, 0, -1], [3, 2, 2, 2, 1], [-3, 2, -2, -1, -2],
    [1, 3, 0, 1, 0], [-1, 3, 0, 0, -1], [2, 3, 1, 1, 0], [-2, 3, -1, 0, -1], [6, 3, 2, 2, 2], [-6, 3, -2, -2, -2],
]);

it('reads a quantity as it is typed and as it is kept', function (string $typed, int $thousandths) {
    expect(Quantity::parse($typed))->toBe($thousandths);
})->with([
    ['5', 5000], ['5.1', 5100], ['5,12', 5120], ['5.123', 5123], ['-5', -5000], ['-0.001', -1], ['0', 0],
    [' 12 ', 12_000], ['99999999999', 99_999_999_999_000], ['0.100', 100], ['-12.345', -12_345],
]);

it('says a quantity with as many places as it has, or as are asked for', function (
    int $thousandths,
    string $words,
    string $none,
    string $one,
) {
    expect([Quantity::words($thousandths), Quantity::text($thousandths), Quantity::text($thousandths, 1)])
        ->toBe([$words, $none, $one])
        ->and(Quantity::parse(Quantity::plain($thousandths)))
        ->toBe($thousandths);
})->with([
    [0, '0', '0', '0.0'], [1, '0.001', '0', '0.0'], [499, '0.499', '0', '0.5'], [500, '0.5', '1', '0.5'],
    [-1, '−0.001', '0', '0.0'], [-500, '−0.5', '−1', '−0.5'], [1000, '1', '1', '1.0'], [1050, '1.05', '1', '1.1'],
    [999_999, '999.999', "1\u{202f}000", "1\u{202f}000.0"],
    [-1_234_500, "−1\u{202f}234.5", "−1\u{202f}235", "−1\u{202f}234.5"],
    [100_000_000, "100\u{202f}000", "100\u{202f}000", "100\u{202f}000.0"],
]);

it('reads money to the cent, and writes it so', function (string $typed, int $cents, string $plain) {
    expect(Money::parse($typed))->toBe($cents)->and(Money::plain($cents))->toBe($plain);
})->with([
    ['5', 500, '5.00'], ['5.5', 550, '5.50'], ['5,05', 505, '5.05'], ['-0.05', -5, '-0.05'], ['0', 0, '0.00'],
    ['-1', -100, '-1.00'], ['1234.56', 123_456, '1234.56'],
]);

it('refuses what is no amount', function (string $typed) {
    expect(static fn () => Money::parse($typed, 'price'))->toThrow(
        static fn (InvalidInput $refused) => expect($refused->field())->toBe('price'),
    );
})->with(['', '5.555', 'x', '1e3', '--1', '5.', '.5', "5\n5"]);

it('reads a number of so many places, and no more', function (string $typed, int $places, ?int $units) {
    $read = static fn (): int => Decimals::parse($typed, $places, 'rate');
    $units === null
        ? expect($read)->toThrow(static fn (InvalidInput $no) => expect($no->field())->toBe('rate'))
        : expect($read())->toBe($units);
})->with([
    ['12', 4, 120_000], ['12.5', 4, 125_000], ['12.3456', 4, 123_456], ['12.34567', 4, null], ['-0.0001', 4, -1],
    ['7', 1, 70], ['7.5', 1, 75], ['7.55', 1, null], ['', 2, null], ['.5', 2, null],
]);

it('says between which numbers one has to lie', function () {
    expect(InvalidInput::outside('days', 9, 1)->getMessage())
        ->toContain('at least 1')
        ->not->toContain('between')
        ->and(InvalidInput::outside('days', 9, 1, 5)->getMessage())
        ->toContain('between 1 and 5');
});

it('reads back each table that can be written', function () {
    mt_srand(11);
    $letters = ['a', 'ü', ',', ';', '"', "\n", "\r\n", ' ', "'", '=', '-', '7', '€'];
    $cell = static fn (): string => implode('', array_map(
        static fn (): string => $letters[mt_rand(0, count($letters) - 1)],
        range(1, mt_rand(1, 6)),
    ));
    for ($i = 0; $i < tries(600); $i++) {
        $separator = [',', ';'][mt_rand(0, 1)];
        $width = mt_rand(2, 4);
        // The first line says by what cells are kept apart.
        $rows = [array_map(static fn (int $at): string => "head {$at}", range(1, $width))];
        for ($row = mt_rand(0, 4); $row > 0; $row--) {
            $rows[] = array_map(static fn (): string => $cell(), range(1, $width));
        }
        $text = '';
        foreach ($rows as $row) {
            $text .= implode($separator, array_map(
                static fn (string $one): string => '"'.str_replace('"', '""', $one).'"',
                $row,
            )).["\n", "\r\n"][$i % 2];
        }
        expect(Csv::records($text))->toBe($rows);
    }
});

it('guards what a spreadsheet would calculate, and reads back what was there before', function (
    string $text,
    string $written,
) {
    expect(Csv::guarded($text))->toBe($written)->and(Csv::unguarded($written))->toBe($text);
})->with([
    ['=SUM(A1)', "'=SUM(A1)"], ['+49 30', "'+49 30"], ['-5 kW', "'-5 kW"], ['@home', "'@home"], ["\tx", "'\tx"],
    ['-5', '-5'], ['+5', '+5'], ['-5.25', '-5.25'], ['5', '5'], ['', ''], ['pump', 'pump'], ["it's", "it's"],
    ["'quoted'", "'quoted'"],
    // What begins like a guard is guarded itself.
    ["'=SUM(A1)", "''=SUM(A1)"], ["''-x", "'''-x"],
]);

it('reads files as programs write them', function (string $text, array $rows) {
    expect(Csv::records($text))->toBe($rows);
})->with([
    'with a mark before it' => ["\u{feff}tag,name\nP-1,Pump\n", [['tag', 'name'], ['P-1', 'Pump']]],
    'without an end' => ["tag,name\nP-1,Pump", [['tag', 'name'], ['P-1', 'Pump']]],
    'by semicolons, with commas inside' => ["tag;name\nP-1;Pump, big\n", [['tag', 'name'], ['P-1', 'Pump, big']]],
    'as many of both: commas' => ["a,b;c\nd,e;f\n", [['a', 'b;c'], ['d', 'e;f']]],
    'an empty cell at the end' => ["tag,name\nP-1,\n", [['tag', 'name'], ['P-1', '']]],
    'an empty cell at the end of all' => ["tag,name\nP-1,", [['tag', 'name'], ['P-1', '']]],
    'old ends of lines' => ["tag,name\rP-1,Pump\r", [['tag', 'name'], ['P-1', 'Pump']]],
    'a mark of quotation within' => ["tag,name\nP-1,3\" pipe\n", [['tag', 'name'], ['P-1', '3" pipe']]],
    'a line within' => ["tag,name\nP-1,\"a\nb\"\n", [['tag', 'name'], ['P-1', "a\nb"]]],
    'nothing' => ['', []],
]);

it('refuses a file that is no text, and one whose quotation never ends, with its line', function () {
    expect(static fn () => Csv::records("tag\n\xff"))
        ->toThrow(InvalidInput::class, 'no UTF-8 text')
        ->and(static fn () => Csv::records("tag\nP\0"))
        ->toThrow(InvalidInput::class, 'no UTF-8 text')
        ->and(static fn () => Csv::records("tag,name\nP-1,Pump\nP-2,\"Pump\nP-3,x\n"))
        ->toThrow(InvalidInput::class, 'in line 3');
});
