<?php

declare(strict_types=1);

use Sundial\Support\InvalidInput;
use Sundial\Work\Isolation\Isolation;
use Sundial\Work\Isolation\IsolationMove;
use Sundial\Work\Isolation\IsolationState;

function hour(string $time): DateTimeImmutable
{
    return new DateTimeImmutable("2026-03-18 {$time}");
}

it('is issued by nobody who works behind it, and until a time that lies ahead', function () {
    expect(Isolation::issue(1, [2, 3], hour('18:00'), hour('08:00'))->protects(hour('18:00')))
        ->toBeTrue()
        ->and(fn () => Isolation::issue(2, [2, 3], hour('18:00'), hour('08:00')))
        ->toThrow(fn (InvalidInput $e) => expect($e->cause())->toBe('works_there'))
        ->and(fn () => Isolation::issue(1, [], hour('08:00'), hour('08:00')))
        ->toThrow(fn (InvalidInput $e) => expect($e->cause())->toBe('too_early'));
});

it('protects while its locks are on and its time has not run out', function (string $at, array $moves, bool $protects) {
    $one = Isolation::issue(1, [], hour('12:00'), hour('08:00'));
    foreach ($moves as $move) {
        $one = $one->after($move, hour('09:00'), $move === IsolationMove::Extend ? hour('14:00') : null);
    }
    expect($one->protects(hour($at)))->toBe($protects);
})->with([
    ['12:00', [], true],
    ['12:01', [], false],
    ['13:00', [IsolationMove::Extend], true],
    ['10:00', [IsolationMove::Suspend], false],
    ['10:00', [IsolationMove::Suspend, IsolationMove::Resume], true],
    ['13:00', [IsolationMove::Suspend, IsolationMove::Extend, IsolationMove::Resume], true],
    ['10:00', [IsolationMove::Lift], false],
]);

it('moves only as locks can be moved', function (IsolationMove $move, IsolationState $from, ?IsolationState $to) {
    if ($to === null) {
        expect(fn () => $move->apply($from))->toThrow(InvalidInput::class);
    } else {
        expect($move->apply($from))->toBe($to);
    }
})->with([
    [IsolationMove::Suspend, IsolationState::InForce, IsolationState::Suspended],
    [IsolationMove::Suspend, IsolationState::Suspended, null],
    [IsolationMove::Resume, IsolationState::InForce, null],
    [IsolationMove::Resume, IsolationState::Suspended, IsolationState::InForce],
    [IsolationMove::Lift, IsolationState::Suspended, IsolationState::Lifted],
    [IsolationMove::Lift, IsolationState::InForce, IsolationState::Lifted],
    [IsolationMove::Lift, IsolationState::Lifted, null],
    [IsolationMove::Extend, IsolationState::Lifted, null],
]);

it('never protects once its locks are off for good, whatever is tried with it after', function () {
    $dice = new Random\Randomizer(new Random\Engine\Mt19937(3));
    for ($i = 0; $i < 200; $i++) {
        $one = Isolation::issue(1, [], hour('12:00'), hour('08:00'));
        $lifted = false;
        foreach (range(1, 8) as $step) {
            $move = IsolationMove::cases()[$dice->getInt(0, 3)];
            try {
                $one = $one->after($move, hour('09:00'), $move === IsolationMove::Extend ? hour('18:00') : null);
                $lifted = $lifted || $move === IsolationMove::Lift;
            } catch (InvalidInput) {
                continue;
            }
            expect($one->protects(hour('10:00')))->toBe($one->state === IsolationState::InForce)
                ->and($lifted && $one->state !== IsolationState::Lifted)
                ->toBeFalse();
        }
    }
});
