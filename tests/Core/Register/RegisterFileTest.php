<?php

declare(strict_types=1);

use Sundial\Register\RegisterFile;
use Sundial\Register\TreePath;
use Sundial\Support\InvalidInput;

/** @return list<string> problems as "row column" */
function problems(string $csv, array $standing = ['HALL' => 'location', 'PMP-1' => 'asset']): array
{
    return array_map(static fn (array $problem): string => "{$problem['row']} {$problem['column']}", RegisterFile::read($csv, $standing)->problems);
}

it('reads commas and semicolons, quotes, line breaks and a byte-order mark', function (string $csv) {
    $file = RegisterFile::read($csv, ['HALL' => 'location']);
    expect($file->problems)->toBe([])->and($file->rows)->toHaveCount(1)
        ->and($file->rows[0])->toMatchArray(['kind' => 'asset', 'tag' => 'P-1', 'name' => 'Pump "one", left', 'class' => 'pump', 'place' => 'HALL', 'make' => '']);
})->with([
    'commas' => ["tag,name,class,place\nP-1,\"Pump \"\"one\"\", left\",pump,HALL\n"],
    'semicolons' => ["tag;name;class;place\r\nP-1;\"Pump \"\"one\"\", left\";pump;HALL\r\n"],
    'byte-order mark, capitals, spaces' => ["\u{FEFF}Tag,Name,Class,Place\n P-1 ,\"Pump \"\"one\"\", left\", pump,HALL"],
    'empty lines' => ["tag,name,class,place\n\nP-1,\"Pump \"\"one\"\", left\",pump,HALL\n\n,,,\n"],
    'another order of columns' => ["place,class,name,tag\nHALL,pump,\"Pump \"\"one\"\", left\",P-1\n"],
]);

it('keeps a line break inside quotes, and counts rows as a table shows them', function () {
    $file = RegisterFile::read("tag,name\nA,\"two\nlines\"\nB,\n", []);
    expect($file->rows[0]['name'])->toBe("two\nlines")->and(problems("tag,name\nA,\"two\nlines\"\nB,\n", []))->toBe(['3 name']);
});

it('names the row and column of what is wrong', function (string $row, array $expected) {
    expect(problems("kind,tag,name,class,place,parent,criticality,life_state,in_service_on\n{$row}\n"))->toBe($expected);
})->with([
    'good asset' => ['asset,A,A,pump,HALL,,B,standby,2020-02-29', []],
    'good part' => ['asset,A,A,pump,,PMP-1,,,', []],
    'good location' => ['location,A,A,,,HALL,,,', []],
    'location at the top' => ['location,A,A,,,,,,', []],
    'no tag' => ['asset,,A,pump,HALL,,,,', ['2 tag']],
    'no name, no class' => ['asset,A,,,HALL,,,,', ['2 name', '2 class']],
    'tag taken' => ['asset,PMP-1,A,pump,HALL,,,,', ['2 tag']],
    'strange kind' => ['thing,A,A,pump,HALL,,,,', ['2 kind']],
    'nowhere' => ['asset,A,A,pump,,,,,', ['2 place']],
    'two places' => ['asset,A,A,pump,HALL,PMP-1,,,', ['2 parent']],
    'place is an asset' => ['asset,A,A,pump,PMP-1,,,,', ['2 place']],
    'parent is a location' => ['asset,A,A,pump,,HALL,,,', ['2 parent']],
    'location inside an asset' => ['location,A,A,,,PMP-1,,,', ['2 parent']],
    'location with a place' => ['location,A,A,,HALL,,,,', ['2 place']],
    'inside itself' => ['asset,A,A,pump,,A,,,', ['2 parent']],
    'criticality, life state, date' => ['asset,A,A,pump,HALL,,X,broken,29.2.2021', ['2 criticality', '2 life_state', '2 in_service_on']],
    'no such day' => ['asset,A,A,pump,HALL,,,,2021-02-29', ['2 in_service_on']],
    'too long' => ['asset,'.str_repeat('A', 41).',A,pump,HALL,,,,', ['2 tag']],
]);

it('puts every parent before what stands in it, however the rows stand', function () {
    $file = RegisterFile::read("kind,tag,name,class,place,parent\nasset,C,C,x,,B\nasset,B,B,x,,A\nasset,A,A,x,L2,\nlocation,L2,L2,,,L1\nlocation,L1,L1,,,\n", []);
    expect($file->problems)->toBe([])->and(array_column($file->rows, 'tag'))->toBe(['L1', 'L2', 'A', 'B', 'C']);
});

it('finds a loop of any length', function () {
    expect(problems("tag,name,class,parent\nA,A,x,C\nB,B,x,A\nC,C,x,B\nD,D,x,PMP-1\n"))->toBe(['2 parent', '3 parent', '4 parent']);
});

it('says what a header lacks', function (string $header, string $column) {
    expect(problems("{$header}\nA,B\n"))->toBe(["1 {$column}"]);
})->with([['name,class', 'tag'], ['tag,class', 'name'], ['tag,name,colour', 'colour'], ['', 'tag']]);

it('moves a node under another, and refuses a loop', function () {
    $pump = TreePath::of('/L1/A2/');
    expect($pump->under(TreePath::of('/L9/'), 'A2', 'Pump', 'Yard')->path)->toBe('/L9/A2/')
        ->and($pump->holds(TreePath::of('/L1/A2/A3/')))->toBeTrue()->and($pump->holds(TreePath::of('/L1/A22/')))->toBeFalse();
    foreach (['/L1/A2/' => 'inside itself', '/L1/A2/A3/' => 'because Motor stands inside Pump'] as $parent => $reason) {
        expect(fn () => $pump->under(TreePath::of($parent), 'A2', 'Pump', 'Motor'))->toThrow(InvalidInput::class, $reason);
    }
});
