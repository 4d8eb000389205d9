<?php

declare(strict_types=1);

use Sundial\Planning\Method\AnswerKind;
use Sundial\Planning\Method\MethodTime;
use Sundial\Planning\Method\Question;
use Sundial\Planning\Method\RevisionDifference;
use Sundial\Planning\Method\RoundWalk;
use Sundial\Planning\Method\StepChange;
use Sundial\Support\InvalidInput;

it('judges answers', function (Question $question, string $given, string $value, ?string $verdict) {
    $answer = $question->answer($given);
    expect($answer->value)->toBe($value)->and($answer->verdict?->value)->toBe($verdict);
})->with([
    'watch' => [fn () => Question::of(AnswerKind::Check), 'watch', 'watch', 'watch'],
    'inside its limits' => [fn () => Question::of(AnswerKind::Number, 'bar', '2', '4.5'), ' 4,50 ', '4.5', 'sound'],
    'below them' => [fn () => Question::of(AnswerKind::Number, 'bar', '2', '4.5'), '1.999', '1.999', 'faulty'],
    'above them' => [fn () => Question::of(AnswerKind::Number, 'bar', null, '-3'), '-2.5', '-2.5', 'faulty'],
    'without limits' => [fn () => Question::of(AnswerKind::Number, 'bar'), '0', '0', null],
    'a choice that is a failure' => [
        fn () => Question::of(AnswerKind::Choice, choices: 'clean, cracked!'),
        'cracked',
        'cracked',
        'faulty',
    ],
    'a choice that is none' => [
        fn () => Question::of(AnswerKind::Choice, choices: 'clean, cracked!'),
        'clean',
        'clean',
        'sound',
    ],
    'a choice without judgement' => [
        fn () => Question::of(AnswerKind::Choice, choices: 'left, right'),
        'right',
        'right',
        null,
    ],
    'a text' => [fn () => Question::of(AnswerKind::Text), ' oil seen ', 'oil seen', null],
]);

it('refuses what is no answer, and says what would be', function (Question $question, string $given, string $says) {
    expect(fn () => $question->answer($given))->toThrow(InvalidInput::class, $says);
})->with([
    [fn () => Question::of(AnswerKind::Check), 'good', 'sound, watch or faulty'],
    [fn () => Question::of(AnswerKind::Choice, choices: 'a, b!'), 'b!', 'a, b'],
    [fn () => Question::of(AnswerKind::Number), 'many', 'number'],
    [fn () => Question::of(AnswerKind::Text), ' ', 'asks for a text'],
]);

it('refuses questions that nobody can answer', function (Closure $make, string $cause, string $field) {
    try {
        $make();
        $this->fail('It was taken.');
    } catch (InvalidInput $e) {
        expect([$e->cause(), $e->field()])->toBe([$cause, $field]);
    }
})->with([
    [fn () => Question::of(AnswerKind::Number, null, '5', '5', null, 'steps.2'), 'crossed', 'steps.2.high'],
    [fn () => Question::of(AnswerKind::Number, null, 'low', null, null, 'steps.0'), 'not_a_quantity', 'steps.0.low'],
    [fn () => Question::of(AnswerKind::Choice, choices: 'one,', field: 'steps.1'), 'no_choices', 'steps.1.choices'],
    [
        fn () => Question::of(AnswerKind::Choice, choices: 'worn, worn!', field: 'steps.1'),
        'choice_twice',
        'steps.1.choices',
    ],
]);

it('says its limits', function () {
    expect(Question::of(AnswerKind::Number, 'bar', '2', '4.5')->limits())
        ->toBe('2 to 4.5 bar')
        ->and(Question::of(AnswerKind::Number, '°C', null, '60')->limits())
        ->toBe('at most 60 °C')
        ->and(Question::of(AnswerKind::Reading, 'hours', '10')->limits())
        ->toBe('at least 10')
        ->and(Question::of(AnswerKind::Tick, 'bar', '2')->limits())
        ->toBe('');
});

it('adds up the work and the time from start to end', function () {
    $time = MethodTime::of([10, 30, 20], [[1, 2, 45], [2, 1, 75]]);
    expect([$time->work, $time->elapsed])->toBe([165, 75]);
    $steps = MethodTime::of([10, 30, 20], []);
    expect([$steps->work, $steps->elapsed])->toBe([60, 60]);
    // What two levels add for one trade is done one after the other.
    expect(MethodTime::of([10], [[1, 1, 45], [1, 2, 60]])->elapsed)->toBe(105);
});

/** @return list<array{text: string, minutes: int}> */
function stepsSaying(string $texts, int $minutes = 5): array
{
    return array_map(
        fn (string $text): array => ['text' => $text, 'minutes' => $minutes],
        $texts === '' ? [] : str_split($texts),
    );
}

it('lays two revisions side by side', function (string $old, string $new, array $rows) {
    $difference = RevisionDifference::between(stepsSaying($old), stepsSaying($new));
    expect(
        array_map(
            fn (array $row): string => ($row[0] === null ? '-' : $old[$row[0]]).
                ($row[1] === null ? '-' : $new[$row[1]]),
            $difference->rows,
        ),
    )->toBe($rows);
})->with([
    'alike' => ['abc', 'abc', ['aa', 'bb', 'cc']],
    'added in the middle' => ['abc', 'abxc', ['aa', 'bb', '-x', 'cc']],
    'taken away at both ends' => ['abc', 'b', ['a-', 'bb', 'c-']],
    'one changed, one added' => ['abc', 'axyc', ['aa', 'bx', '-y', 'cc']],
    'moved' => ['abc', 'cab', ['-c', 'aa', 'bb', 'c-']],
    'from nothing' => ['', 'ab', ['-a', '-b']],
    'to nothing' => ['ab', '', ['a-', 'b-']],
]);

it('keeps only steps that are the same in every word', function () {
    $new = stepsSaying('abc');
    $new[1]['minutes'] = 9;
    $difference = RevisionDifference::between(stepsSaying('zabc'), $new);
    expect($difference->kept())
        ->toBe([0 => 1, 2 => 3])
        ->and($difference->rows[2][2])
        ->toBe(StepChange::Changed)
        ->and($difference->isNone())
        ->toBeFalse()
        ->and(RevisionDifference::between($new, $new)->isNone())
        ->toBeTrue();
});

it('walks each asset when its turn has come', function (array $every, int $number, int $last, array $stations) {
    expect(RoundWalk::at($every, $number, $last)->stations)->toBe($stations);
})->with([
    'the first visit' => [[1, 3, 1], 1, 0, [0, 2]],
    'the third' => [[1, 3, 1], 3, 2, [0, 1, 2]],
    'after the third was missed' => [[1, 3, 1], 4, 2, [0, 1, 2]],
    'after it was done' => [[1, 3, 1], 4, 3, [0, 2]],
]);

it('does the steps of one asset before it goes to the next', function () {
    expect(RoundWalk::at([1, 1], 1)->walk([false, true, true, false, true]))
        ->toBe([[0, null], [1, 0], [2, 0], [1, 1], [2, 1], [3, null], [4, 0], [4, 1]])
        ->and(fn () => RoundWalk::at([2, 3], 6))
        ->toThrow(InvalidInput::class, 'every visit')
        ->and(fn () => RoundWalk::check([1, 0]))
        ->toThrow(InvalidInput::class);
});

it('says at which of the visits to come an asset of a round has its turn', function (
    int $every,
    int $next,
    int $lastDone,
    array $turns,
) {
    expect(
        array_values(
            array_filter(
                range($next, $next + 6),
                fn (int $number): bool => RoundWalk::comesAhead($every, $number, $next, $lastDone),
            ),
        ),
    )->toBe($turns);
})->with([
    'at every one' => [1, 4, 3, [4, 5, 6, 7, 8, 9, 10]],
    'every third' => [3, 2, 1, [3, 6]],
    'the third was missed: the fourth makes up for it' => [3, 4, 2, [4, 6, 9]],
    'the third was missed after another: just once' => [3, 5, 1, [5, 6, 9]],
    'none done yet' => [2, 1, 0, [2, 4, 6]],
]);
