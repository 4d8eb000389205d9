<?php

declare(strict_types=1);

use Sundial\Import\Column;
use Sundial\Import\Mapping;
use Sundial\Support\InvalidInput;

/** @return list<Column> */
function columnsToLoad(): array
{
    return [Column::text('tag', 40, 'Tag'), Column::text('name', 120, 'Name'), Column::text('note', 250, 'Note')];
}

it('takes a column for the one of its name, whatever its capitals and marks', function () {
    $mapping = Mapping::guess(['  TAG ', 'na-me', 'colour', 'Note (text)'], columnsToLoad());
    expect($mapping->keys)->toBe(['tag', 'name', null, null]);
});

it('takes the first of two that would hold the same', function () {
    expect(Mapping::guess(['Name', 'name', 'Tag'], columnsToLoad())->keys)->toBe(['name', null, 'tag']);
});

it('says which one that is needed no column holds', function () {
    $needed = [Column::text('tag', 40, 'Tag')->needed(), Column::text('name', 120, 'Name')->needed()];
    $missing = Mapping::guess(['Name', 'Colour'], $needed)->missing($needed);
    expect(array_column($missing, 'key'))->toBe(['tag']);
});

it('takes what somebody chose, and refuses one column twice', function () {
    $header = ['What', 'Called', 'Colour'];
    expect(Mapping::chosen($header, columnsToLoad(), [0 => 'tag', 1 => 'name', 2 => ''])->keys)
        ->toBe(['tag', 'name', null])
        ->and(fn () => Mapping::chosen($header, columnsToLoad(), [0 => 'name', 1 => 'name']))
        ->toThrow(InvalidInput::class, '“What” and “Called” cannot both be the Name')
        ->and(fn () => Mapping::chosen($header, columnsToLoad(), [0 => 'weight']))
        ->toThrow(InvalidInput::class, 'There is no column “weight” to load');
});
