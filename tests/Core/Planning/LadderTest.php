<?php

declare(strict_types=1);

use Sundial\Planning\Ladder\Ladder;
use Sundial\Planning\Ladder\LadderCount;
use Sundial\Support\InvalidInput;

/** @return string initials of the levels, such as "S M S L" */
function initials(Ladder $ladder, array $multiples): string
{
    return implode(
        ' ',
        array_map(
            static fn (int $multiple): string => mb_strtoupper(mb_substr($ladder->name($multiple), 0, 1)),
            $multiples,
        ),
    );
}

$sml = static fn (): Ladder => Ladder::of([1 => 'small', 2 => 'medium', 4 => 'large']);

it('goes up and down its levels, each containing those below', function (array $names, int $from, string $expected) {
    $ladder = Ladder::of($names);
    expect(
        initials($ladder, $ladder->coming($from, $ladder->startingAt($from), count(explode(' ', $expected)))),
    )->toBe($expected);
})->with([
    'one, two, four' => [[1 => 'small', 2 => 'medium', 4 => 'large'], 1, 'S M S L S M S L S'],
    'that begins in its middle' => [[1 => 'small', 2 => 'medium', 4 => 'large'], 3, 'S L S M S L'],
    'two levels' => [[1 => 'small', 3 => 'large'], 1, 'S S L S S L'],
    'weekly, monthly, yearly' => [[1 => 'week', 4 => 'month', 12 => 'year'], 3, 'W M W W W M W W W Y W'],
    'four levels' => [[1 => 'a', 2 => 'b', 6 => 'c', 12 => 'd'], 4, 'B A C A B A B A D'],
]);

it('catches up a level that was left out, and goes on by its numbers', function (array $left, string $expected) use (
    $sml,
) {
    $ladder = $sml();
    [$count, $taken] = [LadderCount::none(), []];
    for ($number = 1; $number <= 9; $number++) {
        $taken[] = $level = $ladder->levelAt($number, $count);
        $count = in_array($number, $left, true) ? $count : $count->done($number, $level);
    }
    expect(initials($ladder, $taken))->toBe($expected);
})->with([
    'the large one' => [[4], 'S M S L L M S L S'],
    'a medium one' => [[2], 'S M M L S M S L S'],
    'a small one' => [[3], 'S M S L S M S L S'],
    'the large one twice' => [[4, 5], 'S M S L L L S L S'],
    'three in a row' => [[2, 3, 4], 'S M M L L M S L S'],
    'all until the ninth' => [[1, 2, 3, 4, 5, 6, 7, 8], 'S M M L L L L L L'],
]);

it('keeps the count when the ladder changes under way', function () use ($sml) {
    // Done: 1 S, 2 M, 3 S, 4 L, 5 S, 6 M. The new ladder counts a 4 as a 3, and a 2 as nothing more than small.
    $count = LadderCount::none()->done(1, 1)->done(2, 2)->done(3, 1)->done(4, 4)->done(5, 1)->done(6, 2);
    $new = Ladder::of([1 => 'small', 3 => 'main', 6 => 'whole']);
    expect(initials($new, $new->coming(7, $count, 6)))->toBe('W S M S S W');
    expect($sml()->coming(7, $count, 2))->toBe([1, 4]);
});

it(
    'never leaves a level longer undone than its multiple, whatever is left out, once it is done again',
    function () use ($sml) {
        $ladder = $sml();
        mt_srand(7);
        for ($run = 0; $run < 200; $run++) {
            $count = LadderCount::none();
            for ($number = 1; $number <= 40; $number++) {
                $level = $ladder->levelAt($number, $count);
                foreach ([2, 4] as $multiple) {
                    // A level is owed exactly when one of its numbers has passed since it was last done.
                    expect($level >= $multiple)->toBe(
                        intdiv($number, $multiple) * $multiple > $count->lastAt($multiple),
                    );
                }
                $count = mt_rand(0, 3) === 0 ? $count : $count->done($number, $level);
            }
        }
    },
);

it('is read as it is written', function (string $text, array $names) {
    $ladder = Ladder::parse($text);
    expect($ladder?->names)->toBe($names)->and(Ladder::parse((string) $ladder?->text())?->names)->toBe($names);
})->with([
    ['small 1, medium 2, large 4', [1 => 'small', 2 => 'medium', 4 => 'large']],
    [' large service 6,small service 1 ', [1 => 'small service', 6 => 'large service']],
]);

it('is nothing when nothing is written', fn () => expect(Ladder::parse(' , '))->toBeNull());

it('refuses what is no ladder, and says why', function (string $text, string $why) {
    expect(fn () => Ladder::parse($text))->toThrow(InvalidInput::class, $why);
})->with([
    ['small 1', 'two to 6 levels'],
    ['small 2, large 4', 'multiple 1'],
    ['a 1, b 2, c 3', '2 does not divide 3'],
    ['small 1, small 2', 'name of its own'],
    ['small, large 4', '“small” cannot be read'],
    ['small 1, large x', 'cannot be read'],
    ['a 1, b 1', 'cannot be read'],
    ['a 1, b 2, c 4, d 8, e 16, f 32, g 64', 'two to 6 levels'],
]);
