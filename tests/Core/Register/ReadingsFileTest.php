<?php

declare(strict_types=1);

use Sundial\Register\ReadingsFile;

it('reads rows with comma or semicolon, decimal comma, a byte-order mark, quotes and empty lines', function () {
    $file = ReadingsFile::read("\u{FEFF}tag;at;reading;note\r\nPMP-01;2026-03-18 7:30;\"1204,5\";\"dirty; cleaned\"\r\n\r\nSPN-07;2026-03-18T07:45;18 400;\r\n");
    expect($file->problems)->toBe([])->and($file->rows)->toBe([['row' => 2, 'tag' => 'PMP-01', 'meter' => '', 'at' => '2026-03-18 7:30', 'reading' => '1204,5', 'note' => 'dirty; cleaned'], ['row' => 4, 'tag' => 'SPN-07', 'meter' => '', 'at' => '2026-03-18T07:45', 'reading' => '18 400', 'note' => '']]);
});

it('names each bad cell by row and column', function (string $text, int $row, string $column) {
    $problems = ReadingsFile::read($text)->problems;
    expect([$problems[0]['row'], $problems[0]['column']])->toBe([$row, $column])->and($problems)->toHaveCount(1);
})->with([
    'no column' => ["tag,at\nA,2026-03-18 07:00\n", 1, 'reading'], 'an unknown one' => ["tag,at,reading,colour\nA,2026-03-18 07:00,1,red\n", 1, 'colour'], 'no row' => ["tag,at,reading\n", 1, 'file'], 'no text' => ["tag,at,reading\n\xff,2026-03-18 07:00,1\n", 1, 'file'],
    'no tag' => ["tag,at,reading\n,2026-03-18 07:00,1\n", 2, 'tag'], 'no such day' => ["tag,at,reading\nA,2026-02-30 07:00,1\n", 2, 'at'], 'no such hour' => ["tag,at,reading\nA,2026-02-20 24:00,1\n", 2, 'at'], 'a date alone' => ["tag,at,reading\nA,2026-02-20,1\n", 2, 'at'], 'no number' => ["tag,at,reading\nA,2026-02-20 10:00,much\n", 2, 'reading'],
    'too long a note' => ["tag,at,reading,note\nA,2026-02-20 10:00,1,".str_repeat('x', 251)."\n", 2, 'note'],
]);

it('takes no more than a thousand rows from one file', function () {
    expect(ReadingsFile::read("tag,at,reading\n".str_repeat("A,2026-02-20 10:00,1\n", 1001))->problems[0]['message'])->toContain('this has 1001');
});
