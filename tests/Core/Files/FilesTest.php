<?php

declare(strict_types=1);

use Sundial\Files\FileKind;
use Sundial\Files\PhotoMarks;
use Sundial\Support\InvalidInput;

it('takes files by what they are, not by their name', function (string $type, FileKind $kind, bool $shown) {
    expect(FileKind::of($type, FileKind::MOST_BYTES, 'a.exe'))
        ->toBe($kind)
        ->and(FileKind::ofType($type))
        ->toBe($kind)
        ->and($kind->isShown())
        ->toBe($shown);
})->with([
    ['image/png', FileKind::Photo, true],
    ['application/pdf', FileKind::Pdf, true],
    ['text/csv', FileKind::Text, false],
    ['application/vnd.oasis.opendocument.text', FileKind::Office, false],
]);

it('refuses files that could do harm or are too large', function (string $type, int $bytes, string $cause) {
    try {
        FileKind::of($type, $bytes, 'photo.jpg', 'files.0');
        $this->fail('taken');
    } catch (InvalidInput $e) {
        expect($e->cause())
            ->toBe($cause)
            ->and($e->field())
            ->toBe('files.0')
            ->and($e->getMessage())
            ->toContain('photo.jpg');
    }
})->with([
    ['image/jpeg', 0, 'empty'],
    ['image/jpeg', FileKind::MOST_BYTES + 1, 'too_large'],
    ['image/svg+xml', 10, 'wrong_type'],
    ['text/html', 10, 'wrong_type'],
    ['application/x-dosexec', 10, 'wrong_type'],
    ['application/zip', 10, 'wrong_type'],
]);

it('reads what was drawn on a photo', function () {
    $marks = PhotoMarks::of([
        ['tool' => 'arrow', 'points' => [[0, 0], [1000, 500]]],
        ['tool' => 'text', 'points' => [[10, 20]], 'text' => ' crack '],
        ['tool' => 'line', 'points' => [[1, 1], [2, 2], [3, 3]], 'text' => 'dropped'],
    ]);
    expect($marks->marks)
        ->toBe([
            ['tool' => 'arrow', 'points' => [[0, 0], [1000, 500]], 'text' => ''],
            ['tool' => 'text', 'points' => [[10, 20]], 'text' => 'crack'],
            ['tool' => 'line', 'points' => [[1, 1], [2, 2], [3, 3]], 'text' => ''],
        ])
        ->and(PhotoMarks::of([])->marks)
        ->toBe([]);
});

it('refuses drawings that are none', function (mixed $given) {
    expect(fn () => PhotoMarks::of($given))->toThrow(InvalidInput::class, 'could not be read');
})->with([
    'no list' => ['x'],
    'a map' => [['tool' => 'arrow']],
    'an unknown tool' => [[['tool' => 'script', 'points' => [[1, 1], [2, 2]]]]],
    'one point' => [[['tool' => 'ring', 'points' => [[1, 1]]]]],
    'outside' => [[['tool' => 'arrow', 'points' => [[-1, 1], [2, 2]]]]],
    'beyond' => [[['tool' => 'arrow', 'points' => [[1, 1001], [2, 2]]]]],
    'no numbers' => [[['tool' => 'arrow', 'points' => [['1', 1], [2, 2]]]]],
    'no words' => [[['tool' => 'text', 'points' => [[1, 1]], 'text' => ' ']]],
    'too long' => [[['tool' => 'text', 'points' => [[1, 1]], 'text' => str_repeat('x', 121)]]],
    'too many' => [array_fill(0, 101, ['tool' => 'arrow', 'points' => [[1, 1], [2, 2]]])],
    'too many points' => [[['tool' => 'line', 'points' => array_fill(0, 401, [1, 1])]]],
]);
