<?php

declare(strict_types=1);

use Sundial\Import\CellStyle;
use Sundial\Import\DateOrder;
use Sundial\Import\EmptyCell;
use Sundial\Import\NumberStyle;
use Sundial\Import\Plan;
use Sundial\Import\RowOutcome;
use Sundial\Import\Sheet;
use Sundial\Register\ExtraField;
use Sundial\Register\FieldType;
use Sundial\Register\RegisterFile;
use Sundial\Register\TreePath;
use Sundial\Support\InvalidInput;

/** @param  array<string, array<string, mixed>>  $standing */
function planned(string $csv, ?array $standing = null, EmptyCell $empty = EmptyCell::Keep): Plan
{
    $fields = [
        'x1' => ExtraField::of('Motor power', FieldType::Number, 'kW'),
        'x2' => ExtraField::of('Zone', FieldType::Text),
    ];
    $standing ??= [
        'hall' => [
            'id' => 1,
            'kind' => 'location',
            'tag' => 'HALL',
            'in' => null,
            'cells' => ['name' => 'Hall', 'parent' => null],
        ],
        'pmp-1' => [
            'id' => 7,
            'kind' => 'asset',
            'tag' => 'PMP-1',
            'in' => 'hall',
            'cells' => [
                'name' => 'Pump',
                'class' => 'pump',
                'place' => 'HALL',
                'parent' => null,
                'make' => 'Brookside',
                'life_state' => 'in service',
                'x1' => null,
                'x2' => 'wet',
            ],
        ],
    ];

    return RegisterFile::plan(
        Sheet::read(
            $csv,
            RegisterFile::columns(['Mechanics'], [], ['4100'], $fields),
            CellStyle::of(NumberStyle::Point, DateOrder::YearFirst, $empty),
        ),
        $standing,
        ['x1' => ['class' => 'pump', 'needed' => false], 'x2' => ['class' => null, 'needed' => true]],
        ['pump'],
    );
}

/** @return list<string> problems as "row column" */
function problems(string $csv): array
{
    return array_map(
        static fn (array $problem): string => "{$problem['row']} {$problem['column']}",
        planned($csv)->problems,
    );
}

it('names the row and column of what is wrong', function (string $row, array $expected) {
    expect(
        problems("kind,tag,name,class,place,parent,criticality,life_state,in_service_on,zone,motor power\n{$row}\n"),
    )->toBe($expected);
})->with([
    'good asset' => ['asset,A,A,pump,HALL,,B,standby,2020-02-29,wet,7.5', []],
    'good part' => ['asset,A,A,pump,,PMP-1,,,,wet', []],
    'good location' => ['location,A,A,,,HALL', []],
    'location at the top' => ['location,A,A', []],
    'tags in other capitals' => ['asset,A,A,Pump,hall,,,,,wet', []],
    'no tag' => ['asset,,A,pump,HALL,,,,,wet', ['2 tag']],
    'no name, no class' => ['asset,A,,,HALL,,,,,wet', ['2 name', '2 class']],
    'the tag of a location' => ['asset,HALL,A,pump,HALL,,,,,wet', ['2 kind', '2 parent']],
    'strange kind' => ['thing,A,A,pump,HALL,,,,,wet', ['2 kind']],
    'nowhere' => ['asset,A,A,pump,,,,,,wet', ['2 place']],
    'two places' => ['asset,A,A,pump,HALL,PMP-1,,,,wet', ['2 parent']],
    'place is an asset' => ['asset,A,A,pump,PMP-1,,,,,wet', ['2 place']],
    'parent is a location' => ['asset,A,A,pump,,HALL,,,,wet', ['2 parent']],
    'location inside an asset' => ['location,A,A,,,PMP-1', ['2 parent']],
    'location with a place' => ['location,A,A,,HALL', ['2 place']],
    'location with a criticality' => ['location,A,A,,,,B', ['2 criticality']],
    'inside itself' => ['asset,A,A,pump,,A,,,,wet', ['2 parent']],
    'criticality, life state, date' => [
        'asset,A,A,pump,HALL,,X,broken,29.2.2021,wet',
        ['2 criticality', '2 life_state', '2 in_service_on'],
    ],
    'too long' => ['asset,'.str_repeat('A', 41).',A,pump,HALL,,,,,wet', ['2 tag']],
    'a tag with a space' => ['asset,A 1,A,pump,HALL,,,,,wet', ['2 tag']],
    'a needed field' => ['asset,A,A,pump,HALL', ['2 x2']],
    'a field of another class' => ['asset,A,A,loom,HALL,,,,,wet,7', ['2 x1']],
    'retired by a file' => ['asset,PMP-1,,,,,,retired', ['2 life_state']],
    'a standing asset needs nothing more' => ['asset,pmp-1,Feed pump', []],
    'and may keep its class' => [',PMP-1,,,,,A', []],
]);

it('puts every parent before what stands in it, however the rows stand', function () {
    $plan = planned(
        "kind,tag,name,class,place,parent,zone\nasset,C,C,x,,B,z\nasset,B,B,X,,A,z\n".
            "asset,A,A,x,L2,,z\nlocation,L2,L2,,,L1\nlocation,L1,L1,,,\n",
    );
    expect($plan->problems)
        ->toBe([])
        ->and(array_map(static fn ($row): string => $row->label, $plan->rows))
        ->toBe(['L1', 'L2', 'A', 'B', 'C'])
        ->and(array_map(static fn ($row): ?string => $row->cells['class'] ?? null, $plan->rows))
        ->toBe([null, null, 'x', 'x', 'x']);
});

it('finds a loop of any length, also by way of what stands', function () {
    expect(problems("tag,name,class,parent,zone\nA,A,x,C,z\nB,B,x,A,z\nC,C,x,B,z\nD,D,x,PMP-1,z\nE,E,x,A,z\n"))
        ->toBe(['2 parent', '3 parent', '4 parent'])
        ->and(problems("tag,name,class,parent,zone\nA,A,x,PMP-1,z\nPMP-1,,,A,\n"))
        ->toBe(['2 parent', '3 parent']);
});

it('asks a field of its own class only, and lets a location go to the top', function () {
    $needed = ['x1' => ['class' => 'pump', 'needed' => true]];
    $sheet = static fn (string $csv, EmptyCell $empty = EmptyCell::Keep): Sheet => Sheet::read(
        $csv,
        RegisterFile::columns([], [], [], ['x1' => ExtraField::of('Motor power', FieldType::Number, 'kW')]),
        CellStyle::of(NumberStyle::Point, DateOrder::YearFirst, $empty),
    );
    expect(
        RegisterFile::plan($sheet("tag,name,class,place\nA,A,loom,H\nB,B,Pump,H\nH,Hall,,\n"), [], $needed)
            ->problems,
    )
        ->toHaveCount(1)
        ->sequence(static fn ($problem) => $problem->row->toBe(3)->column->toBe('x1'));
    // A in B, and B to the top, from A in the top and B in A.
    $standing = [
        'a' => [
            'id' => 1,
            'kind' => 'location',
            'tag' => 'A',
            'in' => null,
            'cells' => ['name' => 'A', 'parent' => null],
        ],
        'b' => [
            'id' => 2,
            'kind' => 'location',
            'tag' => 'B',
            'in' => 'a',
            'cells' => ['name' => 'B', 'parent' => 'A'],
        ],
    ];
    $plan = RegisterFile::plan($sheet("tag,parent\nA,B\nB,\n", EmptyCell::Clear), $standing);
    expect($plan->problems)
        ->toBe([])
        ->and(array_map(static fn ($row): string => $row->label, $plan->rows))
        ->toBe(['B', 'A']);
});

it('neither retires nor brings back', function (string $from, string $to, array $expected) {
    $standing = [
        'a' => [
            'id' => 1,
            'kind' => 'asset',
            'tag' => 'A',
            'in' => 'hall',
            'cells' => ['class' => 'pump', 'life_state' => $from],
        ],
    ];
    expect(array_column(planned("tag,life_state\nA,{$to}\n", $standing)->problems, 'column'))->toBe($expected);
})->with([
    ['in service', 'retired', ['life_state']],
    ['retired', 'standby', ['life_state']],
    ['retired', 'retired', []],
    ['in service', 'standby', []],
]);

it('lets two change places, from the top down', function () {
    $standing = [
        'a' => [
            'id' => 1,
            'kind' => 'asset',
            'tag' => 'A',
            'in' => 'hall',
            'cells' => ['place' => 'HALL', 'parent' => null],
        ],
        'b' => [
            'id' => 2,
            'kind' => 'asset',
            'tag' => 'B',
            'in' => 'a',
            'cells' => ['place' => null, 'parent' => 'A'],
        ],
        'hall' => ['id' => 3, 'kind' => 'location', 'tag' => 'HALL', 'in' => null, 'cells' => []],
    ];
    $plan = planned("tag,parent,place\nA,B,\nB,,HALL\n", $standing);
    expect($plan->problems)
        ->toBe([])
        ->and(array_map(static fn ($row): string => $row->label, $plan->rows))
        ->toBe(['B', 'A'])
        ->and($plan->rows[0]->changes)
        ->toBe(['place' => [null, 'HALL'], 'parent' => ['A', null]]);
});

it('changes what it names of what stands, and nothing else', function () {
    $plan = planned("tag,make,class,place,motor power,zone\npmp-1,Ollerton,PUMP,hall,7.5,\n");
    expect($plan->problems)
        ->toBe([])
        ->and($plan->rows[0]->does)
        ->toBe(RowOutcome::Change)
        ->and($plan->rows[0]->id)
        ->toBe(7)
        ->and($plan->rows[0]->changes)
        ->toBe(['make' => ['Brookside', 'Ollerton'], 'x1' => [null, '7.500']]);
    // Where empty cells clear, what is needed cannot be cleared, and what is not can.
    expect(array_column(planned("tag,zone\nPMP-1,\n", null, EmptyCell::Clear)->problems, 'column'))
        ->toBe(['x2'])
        ->and(planned("tag,make\nPMP-1,\n", null, EmptyCell::Clear)->rows[0]->changes)
        ->toBe(['make' => ['Brookside', null]]);
});

it('moves a node under another, and refuses a loop', function () {
    $pump = TreePath::of('/L1/A2/');
    expect($pump->under(TreePath::of('/L9/'), 'A2', 'Pump', 'Yard')->path)
        ->toBe('/L9/A2/')
        ->and($pump->holds(TreePath::of('/L1/A2/A3/')))
        ->toBeTrue()
        ->and($pump->holds(TreePath::of('/L1/A22/')))
        ->toBeFalse();
    foreach (
        ['/L1/A2/' => 'inside itself', '/L1/A2/A3/' => 'because Motor stands inside Pump'] as $parent => $reason
    ) {
        expect(fn () => $pump->under(TreePath::of($parent), 'A2', 'Pump', 'Motor'))->toThrow(
            InvalidInput::class,
            $reason,
        );
    }
});
