<?php

declare(strict_types=1);

use Sundial\Import\CellKind;
use Sundial\Import\CellStyle;
use Sundial\Import\Column;
use Sundial\Import\EmptyCell;
use Sundial\Import\NumberStyle;
use Sundial\Import\Plan;
use Sundial\Import\Sheet;
use Sundial\Support\InvalidInput;

/** What a cell is read as; the words of its refusal where it is none. */
function cellRead(Column $column, string $typed): ?string
{
    try {
        return $column->read($typed, CellStyle::of(NumberStyle::Point));
    } catch (InvalidInput $refused) {
        return "{$refused->field()}: {$refused->getMessage()}";
    }
}

it('reads a cell up to its edge, and names the column beyond', function (Column $column, string $typed, ?string $is) {
    expect(cellRead($column, $typed))->toBe($is);
})->with([
    'as long as it may be' => [Column::text('name', 5), 'Pümpe', 'Pümpe'],
    'a letter longer' => [Column::text('name', 5), 'Pümpen', 'name: At most 5 characters; this has 6.'],
    'the least' => [Column::whole('pieces', 1, 50), '1', '1'],
    'less' => [Column::whole('pieces', 1, 50), '0', 'pieces: “0” is no whole number from 1 to 50.'],
    'the most' => [Column::whole('pieces', 1, 50), '50', '50'],
    'more' => [Column::whole('pieces', 1, 50), '51', 'pieces: “51” is no whole number from 1 to 50.'],
    'no whole number' => [Column::whole('pieces', 1, 50), '2.5', 'pieces: “2.5” is no whole number from 1 to 50.'],
    'the last minute of a day' => [Column::of('at', CellKind::Moment), '2026-03-18 23:59', '2026-03-18 23:59'],
    'an hour of one digit' => [Column::of('at', CellKind::Moment), '2026-03-18T7:05:30', '2026-03-18 07:05'],
    'hour 24' => [
        Column::of('at', CellKind::Moment), '2026-03-18 24:00',
        'at: “2026-03-18 24:00” is no time. Write it as 2026-03-18 07:30.',
    ],
    'minute 60' => [
        Column::of('at', CellKind::Moment), '2026-03-18 07:60',
        'at: “2026-03-18 07:60” is no time. Write it as 2026-03-18 07:30.',
    ],
    'a choice in other letters' => [Column::choice('grade', ['A', 'B']), 'b', 'B'],
    'none of them' => [Column::choice('grade', ['A', 'B']), 'C', 'grade: “C” is none of: A, B.'],
    'none of twelve' => [
        Column::choice('grade', range('a', 'l')), 'z',
        'grade: “z” is none of: a, b, c, d, e, f, g, h, i, j, k, l.',
    ],
    'none of fourteen' => [
        Column::choice('grade', range('a', 'n')), 'z',
        'grade: “z” is none of: a, b, c, d, e, f, g, h, i, j, k, l and 2 more.',
    ],
    'none, and how to get one' => [
        Column::choice('class', [])->saying('set it up first'), 'pump',
        'class: “pump” is not known; there is no class yet; set it up first.',
    ],
    'yes' => [Column::of('used', CellKind::YesNo), 'X', '1'],
    'no' => [Column::of('used', CellKind::YesNo), 'False', '0'],
    'neither' => [Column::of('used', CellKind::YesNo), 'maybe', 'used: “maybe” is neither yes nor no.'],
    'nothing' => [Column::text('name', 5), '  ', null],
    'what was guarded' => [Column::text('name', 5), "'=x", '=x'],
]);

it('writes what it reads', function (Column $column, ?string $plain, string $typed) {
    expect($column->typed($plain))->toBe($typed);
})->with([
    [Column::of('many', CellKind::Number), '2.500', '2.5'], [Column::of('many', CellKind::Number), '20.000', '20'],
    [Column::of('many', CellKind::Number), '20', '20'], [Column::of('price', CellKind::Money), '1250', '12.50'],
    [Column::of('used', CellKind::YesNo), '1', 'yes'], [Column::of('used', CellKind::YesNo), '0', 'no'],
    [Column::text('name', 5), null, ''], [Column::text('name', 5), 'Pump', 'Pump'],
]);

it('numbers rows as a spreadsheet does, and passes over empty ones', function () {
    $sheet = Sheet::read(
        "name,grade\nOne,A\n,\nTwo,Z\n,B\nFive,A,more\n",
        [Column::text('name', 10)->needed(), Column::choice('grade', ['A', 'B'])],
        CellStyle::of(NumberStyle::Point, empty: EmptyCell::Clear),
    );
    expect(array_column($sheet->rows, 'row'))
        ->toBe([2, 4, 5, 6])
        ->and(array_map(
            static fn (array $one): array => [$one['row'], $one['column'], substr($one['message'], 0, 22)],
            $sheet->problems,
        ))
        ->toBe([
            [4, 'grade', '“Z” is none of: A,'],
            [5, 'name', 'Every row needs the na'],
            [6, 'file', 'This row has more cell'],
        ])
        ->and($sheet->isUnread(4, 'grade'))
        ->toBeTrue()
        ->and($sheet->isUnread(2, 'grade'))
        ->toBeFalse();
});

it('shows of each column up to three cells that differ, in short', function () {
    $long = str_repeat('long words ', 9);
    $rows = ['One', 'Two', 'One', '', 'Three', 'Four'];
    $text = "name,note\n".implode('', array_map(static fn (string $one): string => "{$one},{$long}\n", $rows));
    $sheet = Sheet::read($text, [Column::text('name', 10)], CellStyle::of(NumberStyle::Point));
    expect($sheet->samples)
        ->toBe([['One', 'Two', 'Three'], [substr($long, 0, 40)]])
        ->and($sheet->leftOut())
        ->toBe(['note']);
});

it('says a file without rows, without what is needed, or with nothing in it', function (string $text, string $says) {
    $sheet = Sheet::read($text, [Column::text('name', 10)->needed()], CellStyle::of(NumberStyle::Point));
    expect($sheet->rows)->toBe([])->and($sheet->problems[0]['message'] ?? '')->toContain($says);
})->with([
    ["name\n", 'no row below its header'],
    ["name\n,\n\n", 'no row below its header'],
    ["other\nx\n", 'No column of the file is the name'],
    ['', 'No column of the file is the name'],
]);

it('asks of one row that came as fields for what is needed, once', function (array $typed, array $problems) {
    $sheet = Sheet::ofOne([Column::text('name', 3)->needed(), Column::whole('pieces', 1, 9)], $typed);
    expect(array_map(static fn (array $one): array => [$one['column'], $one['message']], $sheet->problems))
        ->toBe($problems);
})->with([
    'all there' => [['name' => 'One'], []],
    'missing' => [['pieces' => '2'], [['name', 'The name is needed.']]],
    'empty' => [['name' => ''], [['name', 'The name is needed.']]],
    'wrong, and so not missing' => [['name' => 'Four'], [['name', 'At most 3 characters; this has 4.']]],
    'what nobody asked for' => [['name' => 'One', 'colour' => 'red'], [['colour', 'There is no field “colour”.']]],
]);

it('says one reason once for all its rows, in stretches', function (array $rows, string $spans) {
    $problem = static fn (int $row): array => ['row' => $row, 'column' => 'name', 'message' => 'Too long.'];
    expect(Plan::of([], array_map($problem, $rows))->reasons())
        ->toBe([['rows' => $spans, 'count' => count($rows), 'column' => 'name', 'message' => 'Too long.']]);
})->with([
    [[7], '7'],
    [[9, 7, 8], '7–9'],
    [[2, 4, 6, 8, 10, 12], '2, 4, 6, 8, 10, 12'],
    [[2, 4, 6, 8, 10, 12, 14], '2, 4, 6, 8, 10, 12 …'],
    [[2, 3, 5, 5], '2–3, 5'],
]);
