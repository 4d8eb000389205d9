<?php

declare(strict_types=1);

use Sundial\Support\InvalidInput;
use Sundial\Work\AssetState;
use Sundial\Work\Failure\FailureKind;
use Sundial\Work\Failure\FailureWords;
use Sundial\Work\Isolation\IsolationMove;
use Sundial\Work\Isolation\IsolationState;
use Sundial\Work\Many\ChangeOfMany;
use Sundial\Work\OrderState;
use Sundial\Work\Waiting\Lane;

/** @return array{string, string} the cause and the field of what was refused */
function refusedBy(Closure $try): array
{
    try {
        $try();
    } catch (InvalidInput $e) {
        return [$e->cause(), $e->field()];
    }

    return ['taken', ''];
}

it('leads an isolation only along its states, and offers what it allows', function () {
    $allowed = [
        'in force' => ['suspend' => 'suspended', 'extend' => 'in force', 'lift' => 'lifted'],
        'suspended' => ['resume' => 'in force', 'extend' => 'suspended', 'lift' => 'lifted'],
        'lifted' => [],
    ];
    foreach (IsolationState::cases() as $state) {
        foreach (IsolationMove::cases() as $move) {
            $to = $allowed[$state->value][$move->value] ?? null;
            expect(in_array($move, IsolationMove::outOf($state), true))->toBe($to !== null);
            if ($to === null) {
                expect(refusedBy(fn () => $move->apply($state)))->toBe(['wrong_state', 'isolation']);
            } else {
                expect($move->apply($state)->value)->toBe($to);
            }
        }
    }
});

it('tells each move of a permit and of an isolation in words of its own', function () {
    foreach (['label', 'labelOfPermit', 'did'] as $how) {
        $words = array_map(static fn (IsolationMove $one): string => $one->{$how}(), IsolationMove::cases());
        expect(array_unique($words))->toHaveCount(4)->and($words)->each->not->toBe('');
    }
    expect(IsolationMove::Lift->labelOfPermit())->toBe('Hand back');
});

it('counts a failure only with what failed, why, and what was done', function () {
    $whole = ['mode' => 'Jammed', 'cause' => ' Dirt ', 'action' => 'Cleaned', 'symptom' => ' ', 'effect' => null];
    expect(FailureWords::of($whole)->words)
        ->toBe(['mode' => 'Jammed', 'cause' => 'Dirt', 'action' => 'Cleaned'])
        ->and(FailureWords::of($whole)->noneBecause)
        ->toBeNull()
        ->and(refusedBy(fn () => FailureWords::of(['mode' => ' '] + $whole)))
        ->toBe(['missing', 'mode'])
        ->and(refusedBy(fn () => FailureWords::of(['mode' => 'Jammed', 'symptom' => 'Smoke'])))
        ->toBe(['missing', 'cause'])
        ->and(refusedBy(fn () => FailureWords::of(['mode' => 'Jammed', 'cause' => 'Dirt'])))
        ->toBe(['missing', 'action']);
    $needed = array_filter(FailureKind::cases(), static fn (FailureKind $one): bool => $one->isNeeded());
    expect($needed)->toHaveCount(3);
});

it('takes that it was no failure, with a reason', function () {
    expect(FailureWords::none(' only a test ')->noneBecause)
        ->toBe('only a test')
        ->and(FailureWords::none('only a test')->words)
        ->toBe([])
        ->and(refusedBy(fn () => FailureWords::none('  ')))
        ->toBe(['missing', 'none_because']);
});

it('leaves an asset out of an order with a reason, but not the last one', function () {
    expect(AssetState::said(AssetState::LeftOut, 'is at the maker', 1))
        ->toBe(AssetState::LeftOut)
        ->and(refusedBy(fn () => AssetState::said(AssetState::LeftOut, '  ', 1)))
        ->toBe(['no_reason', 'left_reason'])
        ->and(refusedBy(fn () => AssetState::said(AssetState::LeftOut, 'is at the maker', 0)))
        ->toBe(['last_one', 'left_reason'])
        ->and(AssetState::said(AssetState::Done, null, 0))
        ->toBe(AssetState::Done)
        ->and(AssetState::said(AssetState::Open, null, 0))
        ->toBe(AssetState::Open);
});

it('knows in which lane an order waits, and for how long it usually may', function () {
    $lanes = [];
    foreach (OrderState::cases() as $state) {
        $lanes[$state->value] = Lane::of($state)?->value;
    }
    expect($lanes)
        ->toBe([
            'draft' => 'planned',
            'planned' => 'planned',
            'approved' => 'approved',
            'under way' => 'under way',
            'on hold' => 'on hold',
            'done' => 'done',
            'closed' => null,
            'cancelled' => null,
        ])
        ->and(array_map(static fn (Lane $one): int => $one->usualDays(), Lane::cases()))
        ->toBe([2, 7, 14, 5, 10, 3])
        ->and(array_map(static fn (Lane $one): bool => $one->isReady(), Lane::cases()))
        ->toBe([false, false, true, true, false, false])
        ->and(array_unique(array_map(static fn (Lane $one): string => $one->wants(), Lane::cases())))
        ->toHaveCount(6);
});

it('takes back facts and holds of many orders, but nothing that was approved, resumed or cancelled', function () {
    $back = array_values(array_filter(
        ChangeOfMany::cases(),
        static fn (ChangeOfMany $one): bool => $one->canBeUndone(),
    ));
    expect(array_map(static fn (ChangeOfMany $one): string => $one->value, $back))
        ->toBe(['team', 'person', 'planned', 'due', 'priority', 'stage', 'hold'])
        ->and(ChangeOfMany::Hold->move()?->value)
        ->toBe('hold')
        ->and(ChangeOfMany::Team->move())
        ->toBeNull()
        ->and(ChangeOfMany::Due->label())
        ->toBe('due day')
        ->and(ChangeOfMany::Cancel->label())
        ->toBe('cancel');
});
