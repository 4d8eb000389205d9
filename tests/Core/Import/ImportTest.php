<?php

declare(strict_types=1);

use Sundial\Import\CellKind;
use Sundial\Import\CellStyle;
use Sundial\Import\Column;
use Sundial\Import\DateOrder;
use Sundial\Import\EmptyCell;
use Sundial\Import\NumberStyle;
use Sundial\Import\Plan;
use Sundial\Import\RowOutcome;
use Sundial\Import\Sheet;
use Sundial\Register\ExtraField;
use Sundial\Register\FieldType;
use Sundial\Support\Csv;
use Sundial\Support\InvalidInput;

/** @return list<Column> */
function columns(): array
{
    return [
        Column::text('name', 10)->needed(),
        Column::of('price', CellKind::Money, 'unit price'),
        Column::of('bought_on', CellKind::Date),
        Column::whole('pieces', 1, 50),
        Column::of('used', CellKind::YesNo),
        Column::choice('grade', ['A', 'B']),
        Column::extra('x7', ExtraField::of('Motor power', FieldType::Number, 'kW')),
    ];
}

it('reads records with either separator, quotes, line breaks, stray quotes and a byte-order mark', function (
    string $csv,
    array $records,
) {
    expect(Csv::records($csv))->toBe($records);
})->with([
    'commas' => ["a,b\n1,\"x, \"\"y\"\"\"\n", [['a', 'b'], ['1', 'x, "y"']]],
    'semicolons and CRLF' => ["a;b\r\n1,5;2\r\n", [['a', 'b'], ['1,5', '2']]],
    'mark, line break in a cell, no last break' => [
        "\u{FEFF}a,b\n\"two\nlines\",",
        [['a', 'b'], ["two\nlines", '']],
    ],
    'a quote inside a cell' => ["a,b\n5\" pipe,x\n", [['a', 'b'], ['5" pipe', 'x']]],
    'nothing' => ['', []],
]);

it('guards what a spreadsheet would take for a formula, and reads it back', function (
    string $text,
    string $guarded,
) {
    expect(Csv::guarded($text))->toBe($guarded)->and(Csv::unguarded($guarded))->toBe($text);
})->with([
    ['=1+1', "'=1+1"],
    ['+44 1632', "'+44 1632"],
    ['@x', "'@x"],
    ['-5', '-5'],
    ['-x', "'-x"],
    ["'quoted'", "'quoted'"],
    ['plain', 'plain'],
    ['', ''],
]);

it('reads numbers only the way the file writes them', function (NumberStyle $style, string $typed, ?string $plain) {
    $read = static fn (): string => $style->plain($typed, 'price');
    $plain === null
        ? expect($read)->toThrow(InvalidInput::class, 'choose that below')
        : expect($read())->toBe($plain);
})->with([
    [NumberStyle::Point, '1,204.50', '1204.50'],
    [NumberStyle::Point, '1204.5', '1204.5'],
    [NumberStyle::Point, '1 204', '1204'],
    [NumberStyle::Point, '12,000,000', '12000000'],
    [NumberStyle::Point, '1,5', null],
    [NumberStyle::Point, '1204,500', null],
    [NumberStyle::Point, '1,2,345', null],
    [NumberStyle::Point, '1.204,50', null],
    [NumberStyle::Comma, '1.204,50', '1204.50'],
    [NumberStyle::Comma, '1204,5', '1204.5'],
    [NumberStyle::Comma, '-3,25', '-3.25'],
    [NumberStyle::Comma, '1.5', null],
    [NumberStyle::Comma, '1,204.50', null],
]);

it('reads days in the order of the file, and always year-month-day', function (
    DateOrder $order,
    string $typed,
    string $plain,
) {
    expect($order->plain($typed))->toBe($plain);
})->with([
    [DateOrder::DayFirst, '4.3.2026', '2026-03-04'],
    [DateOrder::MonthFirst, '4/3/2026', '2026-04-03'],
    [DateOrder::DayFirst, '2026-03-04', '2026-03-04'],
    [DateOrder::YearFirst, '4.3.2026', '4.3.2026'],
    [DateOrder::DayFirst, '17.03.2026 07:30', '2026-03-17 07:30'],
    [DateOrder::DayFirst, '4.3-2026', '4.3-2026'],
]);

it('reads every kind of cell, and names the row and column of what it cannot read', function (
    string $cells,
    array $expected,
    array $wrong = [],
) {
    $sheet = Sheet::read(
        "Name;UNIT price;bought on;Pieces;used;grade;motor power, kW\n{$cells}\n",
        columns(),
        CellStyle::of(NumberStyle::Comma, DateOrder::DayFirst),
    );
    expect(
        array_map(static fn (array $problem): string => "{$problem['row']} {$problem['column']}", $sheet->problems),
    )->toBe($wrong);
    $wrong === [] ? expect($sheet->rows[0]['cells'])->toBe($expected) : null;
})->with([
    'all of them' => [
        'Pump;1.250,5;1.2.2026;3;Yes;b;7,5',
        [
            'name' => 'Pump',
            'price' => '125050',
            'bought_on' => '2026-02-01',
            'pieces' => '3',
            'used' => '1',
            'grade' => 'B',
            'x7' => '7.500',
        ],
    ],
    'guarded as a formula' => ["'=Pump;;;;;;", ['name' => '=Pump']],
    'only what is needed' => ['Pump;;;;;;', ['name' => 'Pump']],
    'fewer cells than columns' => ['Pump', ['name' => 'Pump']],
    'nothing right' => [
        'A name that is long;x;30.2.2026;0;maybe;C;1.5',
        [],
        ['2 name', '2 price', '2 bought_on', '2 pieces', '2 used', '2 grade', '2 x7'],
    ],
    'needed and missing' => [';1;;;;;', [], ['2 name']],
]);

it('lets an empty cell keep what stands, or clear it, as chosen', function () {
    $with = static fn (EmptyCell $empty): array => Sheet::read(
        "name,grade\nPump,\n",
        columns(),
        CellStyle::of(NumberStyle::Point, DateOrder::YearFirst, $empty),
    )->rows[0]['cells'];
    expect($with(EmptyCell::Keep))
        ->toBe(['name' => 'Pump'])
        ->and($with(EmptyCell::Clear))
        ->toBe(['name' => 'Pump', 'grade' => null]);
});

it('takes columns by their names, leaves out what it does not know, or holds what was chosen', function () {
    $csv = "Bezeichnung,colour,Unit Price\nPump,red,3\n";
    $guessed = Sheet::read($csv, columns(), CellStyle::guess($csv));
    expect($guessed->problems)
        ->toHaveCount(1)
        ->and($guessed->problems[0]['message'])
        ->toContain('No column of the file is the name')
        ->and($guessed->samples)
        ->toBe([['Pump'], ['red'], ['3']]);
    $chosen = Sheet::read($csv, columns(), CellStyle::guess($csv), [0 => 'name', 1 => '', 2 => 'price']);
    expect($chosen->problems)
        ->toBe([])
        ->and($chosen->rows[0]['cells'])
        ->toBe(['name' => 'Pump', 'price' => '300'])
        ->and($chosen->leftOut())
        ->toBe(['colour']);
    expect(
        Sheet::read($csv, columns(), CellStyle::guess($csv), [0 => 'name', 1 => 'name'])->problems[0]['message'],
    )->toContain('“Bezeichnung” and “colour” cannot both be the name');
    // The second column of one name is left out, not taken for the first.
    expect(Sheet::read("name,Name\nA,B\n", columns(), CellStyle::guess($csv))->rows[0]['cells'])->toBe([
        'name' => 'A',
    ]);
});

it('guesses a decimal comma where cells are kept apart by semicolons', function () {
    expect(CellStyle::guess("a;b\n1,5;2\n")->numbers)
        ->toBe(NumberStyle::Comma)
        ->and(CellStyle::guess("a,b\n")->numbers)
        ->toBe(NumberStyle::Point);
});

it('refuses what is no text, and files without rows or with too many', function (string $csv, string $says) {
    expect(Sheet::read($csv, columns(), CellStyle::guess($csv))->problems[0]['message'])->toContain($says);
})->with([
    ["name\nCaf\xE9\n", 'no UTF-8 text'],
    ["name\n\0\n", 'no UTF-8 text'],
    ["name\n\n,\n", 'no row below'],
    ['', 'No column'],
    ["name\n".str_repeat("A\n", Sheet::MOST + 1), 'At most 20000 rows'],
]);

it('says what would be made, changed from what to what, and left', function () {
    $sheet = Sheet::read(
        "name,grade,pieces\nnew,A,\nold,B,3\nsame,A,\nOLD,A,1\n",
        columns(),
        CellStyle::of(NumberStyle::Point),
    );
    $plan = Plan::compare(
        $sheet->rows,
        $sheet->problems,
        static fn (array $cells): string => mb_strtolower((string) $cells['name']),
        [
            'old' => ['id' => 4, 'cells' => ['grade' => 'A', 'pieces' => '3']],
            'same' => ['id' => 5, 'cells' => ['grade' => 'A', 'pieces' => '9']],
        ],
        'name',
    );
    expect(array_map(static fn ($row): array => [$row->row, $row->does, $row->changes, $row->id], $plan->rows))
        ->toBe([
            [2, RowOutcome::Make, [], null],
            [3, RowOutcome::Change, ['grade' => ['A', 'B']], 4],
            [4, RowOutcome::Nothing, [], 5],
        ])
        ->and($plan->work())
        ->toBe(2)
        ->and($plan->problems)
        ->toHaveCount(1)
        ->and($plan->problems[0])
        ->toMatchArray([
            'row' => 5,
            'column' => 'name',
            'message' => 'OLD stands in row 3 already. One row for each.',
        ]);
});

it('writes a plain value so that reading it gives the same', function (
    Column $column,
    string $plain,
    string $typed,
) {
    expect($column->typed($plain))
        ->toBe($typed)
        ->and($column->read($typed, CellStyle::of(NumberStyle::Point)))
        ->toBe($plain);
})->with([
    [Column::of('n', CellKind::Number), '4.500', '4.5'],
    [Column::of('n', CellKind::Number), '100.000', '100'],
    [Column::of('m', CellKind::Money), '125050', '1250.50'],
    [Column::of('y', CellKind::YesNo), '0', 'no'],
    [Column::of('t', CellKind::Moment), '2026-03-18 07:30', '2026-03-18 07:30'],
    [Column::extra('x', ExtraField::of('P', FieldType::Number, 'kW')), '7.500', '7.5'],
]);

it('reads a time of a day, and nothing less', function (string $typed, ?string $plain) {
    $read = static fn (): ?string => Column::of('at', CellKind::Moment)->read(
        $typed,
        CellStyle::of(NumberStyle::Point),
    );
    $plain === null ? expect($read)->toThrow(InvalidInput::class, 'is no time') : expect($read())->toBe($plain);
})->with([
    ['2026-03-18 7:30', '2026-03-18 07:30'],
    ['2026-03-18T07:45:10', '2026-03-18 07:45'],
    ['2026-02-30 07:00', null],
    ['2026-02-20 24:00', null],
    ['2026-02-20 10:60', null],
    ['2026-02-20', null],
]);

it('says the same reason once for all its rows', function () {
    $problem = static fn (int $row, string $column, string $message): array => [
        'row' => $row,
        'column' => $column,
        'message' => $message,
    ];
    $plan = Plan::of(
        [],
        [
            $problem(9, 'team', 'None.'),
            ...array_map(static fn (int $row): array => $problem($row, 'team', 'None.'), [5, 6, 7]),
            $problem(6, 'zone', 'None.'),
            $problem(7, 'zone', 'Other.'),
        ],
    );
    expect($plan->reasons())->toBe([
        ['rows' => '5–7, 9', 'count' => 4, 'column' => 'team', 'message' => 'None.'],
        ['rows' => '6', 'count' => 1, 'column' => 'zone', 'message' => 'None.'],
        ['rows' => '7', 'count' => 1, 'column' => 'zone', 'message' => 'Other.'],
    ]);
});

it('refuses a row that has more cells than the first line names', function () {
    $sheet = Sheet::read(
        "tag,name\nP-1,Pump, old\nP-2,Pump,\n",
        [Column::text('tag', 20), Column::text('name', 40)],
        CellStyle::of(NumberStyle::Point),
    );
    expect(array_column($sheet->problems, 'row'))
        ->toBe([2])
        ->and($sheet->problems[0]['message'])
        ->toContain('more cells than the first line names')
        ->toContain('old');
});

it('refuses a quotation mark that is never closed, with its line', function () {
    $sheet = Sheet::read(
        "tag,name\nP-1,\"Pump\nP-2,Pump\n",
        [Column::text('tag', 20), Column::text('name', 40)],
        CellStyle::of(NumberStyle::Point),
    );
    expect($sheet->problems[0]['message'])->toContain('opens a cell in line 2');
});
