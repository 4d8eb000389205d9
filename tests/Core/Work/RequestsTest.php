<?php

declare(strict_types=1);

use Sundial\Calendar\LocalDate;
use Sundial\Support\InvalidInput;
use Sundial\Work\Failure\FailureTold;
use Sundial\Work\Failure\UsualFailure;
use Sundial\Work\OrderType;
use Sundial\Work\Priority;
use Sundial\Work\Request\HowSoon;
use Sundial\Work\Request\PriorityTable;
use Sundial\Work\Request\RequestMove;
use Sundial\Work\Request\RequestState;

it('lets a request that waits be decided, and one that is decided stay', function (RequestMove $move) {
    foreach (RequestState::cases() as $state) {
        $may = $move === RequestMove::Answer ? $state === RequestState::AskedBack : $state->isOpen();
        $tried = static fn (): RequestState => $move->apply($state, 'because');
        $may ? expect($tried())->toBe($move->to()) : expect($tried)->toThrow(InvalidInput::class, $state->value);
    }
})->with(RequestMove::cases());

it('asks for words where somebody has to read them', function (RequestMove $move, bool $needed) {
    $silent = static fn (): RequestState => $move->apply(RequestState::AskedBack, ' ');
    $needed ? expect($silent)->toThrow(InvalidInput::class) : expect($silent())->toBe($move->to());
})->with([
    [RequestMove::AskBack, true],
    [RequestMove::Answer, true],
    [RequestMove::Decline, true],
    [RequestMove::Accept, false],
    [RequestMove::Merge, false],
    [RequestMove::Withdraw, false],
]);

it('proposes a priority from how soon it is wanted and how much depends on it', function (
    HowSoon $soon,
    ?string $criticality,
    Priority $priority,
    string $due,
) {
    $table = PriorityTable::first();
    expect($table->proposed($soon, $criticality))
        ->toBe($priority)
        ->and((string) $table->due($priority, LocalDate::parse('2026-03-18')))
        ->toBe($due);
})->with([
    'a line that stands' => [HowSoon::AtOnce, 'A', Priority::Emergency, '2026-03-18'],
    'a spare machine at once' => [HowSoon::AtOnce, 'C', Priority::Urgent, '2026-03-19'],
    'this shift on an ordinary one' => [HowSoon::ThisShift, 'B', Priority::Urgent, '2026-03-19'],
    'what can wait' => [HowSoon::CanWait, 'C', Priority::Routine, '2026-04-15'],
    'a place has no criticality' => [HowSoon::CanWait, null, Priority::Routine, '2026-04-15'],
]);

it('follows what the plant has set, and keeps the rest', function () {
    $table = PriorityTable::of(['can wait C' => 'soon'], ['soon' => 10]);
    expect($table->proposed(HowSoon::CanWait, 'C'))
        ->toBe(Priority::Soon)
        ->and($table->proposed(HowSoon::CanWait, 'B'))
        ->toBe(Priority::Routine)
        ->and($table->within(Priority::Soon))
        ->toBe(10);
    expect(fn () => PriorityTable::of([], ['soon' => 366]))->toThrow(InvalidInput::class);
});

it('proposes as usual what was recorded together most often, three times at least and whole', function () {
    $leak = ['mode' => 'leaks outside', 'mechanism' => null, 'cause' => 'age and use', 'action' => 'replaced'];
    $half = ['mode' => 'overheats', 'mechanism' => null, 'cause' => null, 'action' => 'replaced'];
    $usual = UsualFailure::among([[$half, 9], [$leak, 4], [['mode' => 'vibrates'] + $leak, 3]]);
    expect([$usual?->words, $usual?->times])
        ->toBe([['mode' => 'leaks outside', 'cause' => 'age and use', 'action' => 'replaced'], 4])
        ->and(UsualFailure::among([[$leak, 2]]))
        ->toBeNull()
        ->and(UsualFailure::among([]))
        ->toBeNull();
});

it('counts as a failure what is told as one, and until then what nobody planned or scheduled', function (
    FailureTold $told,
    OrderType $type,
    bool $covers,
    bool $counts,
) {
    expect($told->counts($type, $covers))->toBe($counts);
})->with([
    [FailureTold::Nothing, OrderType::corrective(), false, true],
    [FailureTold::Nothing, OrderType::corrective(), true, false],
    [FailureTold::Nothing, OrderType::preventive(), false, false],
    [FailureTold::Failure, OrderType::preventive(), true, true],
    [FailureTold::None, OrderType::emergency(), false, false],
]);
