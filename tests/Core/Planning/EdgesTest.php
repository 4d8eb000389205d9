<?php

declare(strict_types=1);

use Sundial\Meters\Beyond;
use Sundial\Planning\Ladder\Ladder;
use Sundial\Planning\Ladder\LadderCount;
use Sundial\Planning\Method\AnswerKind;
use Sundial\Planning\Method\MethodTime;
use Sundial\Planning\Method\NeedText;
use Sundial\Planning\Method\Question;
use Sundial\Planning\Method\RevisionDifference;
use Sundial\Planning\Method\RoundWalk;
use Sundial\Planning\Method\StepChange;
use Sundial\Planning\Record\Compliance;
use Sundial\Planning\Record\Findings;
use Sundial\Planning\Record\IntervalVerdict;
use Sundial\Planning\Record\PastVisit;
use Sundial\Planning\Record\Verdict;
use Sundial\Planning\Trigger\CarryOver;
use Sundial\Planning\Trigger\ConditionTrigger;
use Sundial\Planning\Trigger\Triggers;
use Sundial\Planning\Trigger\UsageTrigger;
use Sundial\Planning\Visit\LeadTime;
use Sundial\Support\InvalidInput;

use function Tests\Core\beyond;
use function Tests\Core\day;
use function Tests\Core\tries;

it('takes what lies at the edge of a plan, and refuses what lies beyond it', function (
    Closure $make,
    int $at,
    int $beyond,
    string $field,
) {
    expect(beyond($make, $at, $beyond)?->field())->toBe($field);
})->with([
    'a ladder of six levels' => [
        static fn (int $many) => Ladder::of(array_combine(
            array_map(static fn (int $i): int => 2 ** $i, range(0, $many - 1)),
            array_map(static fn (int $i): string => "level {$i}", range(1, $many)),
        )),
        6, 7, 'ladder',
    ],
    'a ladder of two levels' => [
        static fn (int $many) => Ladder::of(array_slice([1 => 'small', 4 => 'large'], 0, $many, true)),
        2, 1, 'ladder',
    ],
    'all of lateness' => [static fn (int $share) => CarryOver::of($share, 0), 100, 101, 'late_share'],
    'all of earliness' => [static fn (int $share) => CarryOver::of(0, $share), 100, 101, 'early_share'],
    'no lateness' => [static fn (int $share) => CarryOver::of($share, 0), 0, -1, 'late_share'],
    'no earliness' => [static fn (int $share) => CarryOver::of(0, $share), 0, -1, 'early_share'],
    'a gap of 999 days' => [static fn (int $days) => CarryOver::of(0, 0, $days), 999, 1000, 'least_gap'],
    'no gap' => [static fn (int $days) => CarryOver::of(0, 0, $days), 0, -1, 'least_gap'],
    'a lead of 999 days' => [static fn (int $days) => LeadTime::days($days), 999, 1000, 'lead'],
    'a lead of no day' => [static fn (int $days) => LeadTime::days($days), 0, -1, 'lead'],
    'a lead of all of the interval' => [static fn (int $share) => LeadTime::percent($share), 100, 101, 'lead'],
    'every thousandth of a unit' => [
        static fn (int $every) => UsageTrigger::every($every, 0, CarryOver::fixed()), 1, 0, 'usage_every',
    ],
    'twenty readings in a row' => [
        static fn (int $many) => ConditionTrigger::of(Beyond::High, 75, $many), 20, 21, 'condition_readings',
    ],
    'one reading' => [
        static fn (int $many) => ConditionTrigger::of(Beyond::High, 75, $many), 1, 0, 'condition_readings',
    ],
    'every 99th visit of a round' => [static fn (int $k) => RoundWalk::check([1, $k]), 99, 100, 'every'],
    'labour of no minutes' => [static fn (int $n) => MethodTime::of([], [[1, 1, $n]]), 0, -1, 'minutes'],
    'labour of nobody' => [static fn (int $n) => MethodTime::of([], [[1, $n, 5]]), 0, -1, 'minutes'],
    'a hundred parts' => [
        static fn (int $many) => NeedText::parts(str_repeat("P-0117 x 2\n", $many)), 100, 101, 'parts',
    ],
    'all visits with a finding' => [static fn (int $failed) => Findings::of(2, $failed, 1), 1, 2, 'findings'],
    'a service for nothing' => [
        static fn (int $euros) => NeedText::services("Balance the rotor; {$euros}"), 0, -1, 'services',
    ],
]);

it('needs something that makes a schedule due', function () {
    expect(static fn () => Triggers::of(null, null, null))->toThrow(InvalidInput::class);
});

it('counts a limit itself as inside: of an answer, and of a gauge', function (string $given, ?Verdict $verdict) {
    $question = Question::of(AnswerKind::Number, 'bar', '2', '4.5');
    expect($question->answer($given)->verdict)
        ->toBe($verdict)
        ->and(Question::of(AnswerKind::Number)->answer($given)->verdict)
        ->toBeNull();
})->with([
    ['1.999', Verdict::Faulty], ['2', Verdict::Sound], ['4.5', Verdict::Sound], ['4.501', Verdict::Faulty],
]);

it('keeps the unit of what has one, and of nothing else', function () {
    expect(Question::of(AnswerKind::Number, ' bar ')->unit)
        ->toBe('bar')
        ->and(Question::of(AnswerKind::Number, '  ')->unit)
        ->toBeNull()
        ->and(Question::of(AnswerKind::Text, 'bar')->unit)
        ->toBeNull()
        ->and(Verdict::Sound->isFinding())
        ->toBeFalse()
        ->and(Verdict::Watch->isFinding())
        ->toBeTrue()
        ->and(Verdict::Faulty->isFinding())
        ->toBeTrue();
});

it('falls due beyond the limit and not on it', function (Beyond $beyond, int $value, ?int $due) {
    expect(ConditionTrigger::of($beyond, 75)->dueAt([$value]))
        ->toBe($due)
        ->and(ConditionTrigger::of($beyond, 75)->run([$value, $value]))
        ->toBe($due === null ? 0 : 2);
})->with([
    [Beyond::High, 75, null], [Beyond::High, 76, 0], [Beyond::Low, 75, null], [Beyond::Low, 74, 0],
]);

it('takes so long as its steps, and as the trade that is needed longest', function (
    array $steps,
    array $labour,
    int $work,
    int $elapsed,
) {
    $time = MethodTime::of($steps, $labour);
    expect([$time->work, $time->elapsed])->toBe([$work, $elapsed]);
})->with([
    'nothing' => [[], [], 0, 0],
    'steps alone' => [[10, 30, 20], [], 60, 60],
    'as the docblock says' => [[10, 30, 20], [[1, 2, 45], [2, 1, 75]], 165, 75],
    'two lines of one trade, one after the other' => [[], [[1, 1, 45], [1, 2, 30]], 105, 75],
    'steps longer than people' => [[90], [[1, 1, 45]], 45, 90],
]);

it('counts late from the first day after its tolerance, and early from the first before it', function () {
    $planned = day('2026-03-10');
    $kept = static fn (string ...$done): array => (static fn (Compliance $all): array => [
        $all->onTime, $all->late, $all->early, $all->leftOut,
    ])(Compliance::of(array_map(
        static fn (string $day): PastVisit => PastVisit::done($planned, day($day), 2),
        $done,
    ), day('2026-03-01'), day('2026-03-31')));
    expect($kept('2026-03-08', '2026-03-12'))
        ->toBe([2, 0, 0, 0])
        ->and($kept('2026-03-07', '2026-03-13'))
        ->toBe([0, 1, 1, 0])
        // Nothing beside its day is on time here: a day early is early, not late.
        ->and((static fn (Compliance $all): array => [$all->late, $all->early])(Compliance::of([
            PastVisit::done($planned, day('2026-03-09'), 0),
        ], day('2026-03-01'), day('2026-03-31'))))
        ->toBe([0, 1]);
});

it('takes no day after a statutory one as on time, and counts it by its own day', function () {
    $visit = static fn (string $done): PastVisit => PastVisit::done(day('2026-03-10'), day($done), 5)->byLaw();
    expect($visit('2026-03-10')->isOnTime())
        ->toBeTrue()
        ->and($visit('2026-03-11')->isOnTime())
        ->toBeFalse()
        ->and($visit('2026-03-05')->isOnTime())
        ->toBeTrue()
        ->and($visit('2026-03-04')->isOnTime())
        ->toBeFalse()
        ->and(PastVisit::leftOut(day('2026-03-10'), 5)->isOnTime())
        ->toBeFalse();
});

it('finds nothing only where something was asked, and nothing failed or is to be watched', function () {
    expect(Findings::of(0, 0, 0)->areNone())
        ->toBeFalse()
        ->and(Findings::of(1, 0, 0)->areNone())
        ->toBeTrue()
        ->and(Findings::of(1, 0, 1)->areNone())
        ->toBeFalse()
        ->and(Findings::of(2, 1, 0)->areNone())
        ->toBeFalse()
        ->and(Findings::of(2, 1, 1)->areNone())
        ->toBeFalse();
});

it('says of an interval what four visits and more say', function (
    int $done,
    int $breakdowns,
    ?array $findings,
    IntervalVerdict $verdict,
) {
    $visits = array_map(
        static fn (int $i): PastVisit => PastVisit::done(day('2026-03-10'), day('2026-03-10'), 2),
        range(1, $done),
    );
    $kept = Compliance::of($visits, day('2026-03-01'), day('2026-03-31'));
    expect(IntervalVerdict::of($kept, $breakdowns, 30, $findings === null ? null : Findings::of(...$findings)))
        ->toBe($verdict);
})->with([
    'three visits' => [3, 9, null, IntervalVerdict::TooFew],
    'four visits, a breakdown for two of them' => [4, 2, null, IntervalVerdict::TooLong],
    'four visits, one breakdown' => [4, 1, null, IntervalVerdict::Fits],
    'four asked, two failed' => [4, 0, [4, 2, 0], IntervalVerdict::TooLong],
    'three asked, all failed' => [4, 0, [3, 3, 0], IntervalVerdict::Fits],
    'four asked, one failed' => [4, 0, [4, 1, 0], IntervalVerdict::Fits],
    'six without a finding' => [6, 0, [6, 0, 0], IntervalVerdict::TooShort],
    'five without a finding' => [6, 0, [5, 0, 0], IntervalVerdict::Fits],
    'six to be watched in one' => [6, 0, [6, 0, 1], IntervalVerdict::Fits],
    'six without a finding, and a breakdown' => [6, 1, [6, 0, 0], IntervalVerdict::Fits],
]);

it('keeps of a ladder the last visit of each level, and takes none for it that came before', function () {
    $ladder = Ladder::of([1 => 'small', 2 => 'medium', 4 => 'large']);
    expect($ladder->levelAt(4, LadderCount::none()->done(3, 1)))
        ->toBe(4)
        ->and($ladder->levelAt(5, LadderCount::none()->done(4, 1)))
        ->toBe(4, 'the large one of visit 4 was done small, so it is due still')
        ->and($ladder->levelAt(5, LadderCount::none()->done(4, 4)->done(3, 4)))
        ->toBe(1, 'an older one does not take back a later one')
        ->and($ladder->coming(1, LadderCount::none(), 8))
        ->toBe([1, 2, 1, 4, 1, 2, 1, 4])
        ->and($ladder->coming(6, $ladder->startingAt(6), 3))
        ->toBe([2, 1, 4])
        ->and($ladder->coming(1, $ladder->startingAt(1), 2))
        ->toBe([1, 2]);
});

it('walks steps for each asset together, wherever they stand', function (array $forEach, array $walk) {
    $two = RoundWalk::at([1, 1], 1);
    expect(array_map(
        static fn (array $one): string => $one[0].($one[1] === null ? '' : '@'.$one[1]),
        $two->walk($forEach),
    ))->toBe($walk);
})->with([
    'first' => [[true, true, false], ['0@0', '1@0', '0@1', '1@1', '2']],
    'last' => [[false, true, true], ['0', '1@0', '2@0', '1@1', '2@1']],
    'in two places' => [[true, false, true], ['0@0', '0@1', '1', '2@0', '2@1']],
    'one' => [[true], ['0@0', '0@1']],
    'none' => [[], []],
]);

/** The longest run of letters that two words have in order, by trying each. */
function longestIn(string $a, string $b): int
{
    if ($a === '' || $b === '') {
        return 0;
    }

    return $a[0] === $b[0]
        ? 1 + longestIn(substr($a, 1), substr($b, 1))
        : max(longestIn(substr($a, 1), $b), longestIn($a, substr($b, 1)));
}

it('lays any two revisions side by side: each step once, in its order, as many the same as can be', function () {
    mt_srand(17);
    $word = static fn (): string => implode('', array_map(
        static fn (): string => 'abc'[mt_rand(0, 2)],
        range(0, mt_rand(0, 7)),
    ));
    $steps = static fn (string $word): array => array_map(
        static fn (string $letter): array => ['text' => $letter],
        str_split($word),
    );
    for ($i = 0; $i < tries(600); $i++) {
        [$old, $new] = [$word(), $word()];
        $rows = RevisionDifference::between($steps($old), $steps($new))->rows;
        $places = static fn (int $side): array => array_values(array_filter(
            array_column($rows, $side),
            static fn (?int $place): bool => $place !== null,
        ));
        $same = array_filter($rows, static fn (array $row): bool => $row[2] === StepChange::Same);
        expect($places(0))
            ->toBe(range(0, strlen($old) - 1))
            ->and($places(1))
            ->toBe(range(0, strlen($new) - 1))
            ->and(count($same))
            ->toBe(longestIn($old, $new), "{$old} and {$new}");
        foreach ($same as [$left, $right]) {
            expect($old[$left])->toBe($new[$right]);
        }
    }
});
