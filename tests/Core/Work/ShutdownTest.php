<?php

declare(strict_types=1);

use Sundial\Calendar\LocalDate;
use Sundial\Support\InvalidInput;
use Sundial\Work\OrderState;
use Sundial\Work\Shutdown\ScopeDay;
use Sundial\Work\Shutdown\ShutdownOrder;
use Sundial\Work\Shutdown\ShutdownProgress;
use Sundial\Work\Shutdown\ShutdownWindow;
use Sundial\Work\Shutdown\Turns;

function inShutdown(int $turn, OrderState $state, int $length, int $planned, int $booked): ShutdownOrder
{
    return ShutdownOrder::of($turn, $state, $length)->withHours($planned, $booked);
}

it('lasts from an instant to a later one, a year at the most', function () {
    $at = static fn (string $when): DateTimeImmutable => new DateTimeImmutable($when, new DateTimeZone('UTC'));
    $window = ShutdownWindow::of($at('2026-04-10 06:00'), $at('2026-04-12 18:00'));
    expect($window->minutes())
        ->toBe(60 * 60)
        ->and($window->minutesLeft($at('2026-04-01 00:00')))
        ->toBe(60 * 60)
        ->and($window->minutesLeft($at('2026-04-12 17:30')))
        ->toBe(30)
        ->and($window->minutesLeft($at('2026-04-13 00:00')))
        ->toBe(0);
    foreach (['2026-04-10 06:00', '2026-04-10 05:59', '2027-06-01 06:00'] as $to) {
        expect(fn () => ShutdownWindow::of($at('2026-04-10 06:00'), $at($to)))->toThrow(InvalidInput::class);
    }
});

it('calls late what is added after the day of its scope, and asks why', function () {
    $scope = ScopeDay::on(LocalDate::parse('2026-04-01'));
    $on = static fn (string $day): LocalDate => LocalDate::parse($day);
    expect([$scope->isLate($on('2026-04-01')), $scope->isLate($on('2026-04-02'))])
        ->toBe([false, true])
        ->and(ScopeDay::on(null)->isLate($on('2030-01-01')))
        ->toBeFalse();
    $scope->checkAddition($on('2026-04-01'), null);
    $scope->checkAddition($on('2026-04-02'), 'found cracked');
    expect(fn () => $scope->checkAddition($on('2026-04-02'), ' '))->toThrow(InvalidInput::class, 'Say why');
    $scope->checkMove(ScopeDay::on(null), $on('2026-04-01'));
    $scope->checkMove($scope, $on('2026-04-02'));
    expect(fn () => $scope->checkMove(ScopeDay::on(null), $on('2026-04-02')))->toThrow(InvalidInput::class, 'frozen');
});

it('counts in hours of the plan what is done and what is left, and how long the rest takes at the least', function () {
    $progress = ShutdownProgress::of(
        inShutdown(1, OrderState::Done, 120, 240, 30),
        inShutdown(1, OrderState::UnderWay, 90, 100, 40),
        inShutdown(2, OrderState::Approved, 60, 60, 0),
        inShutdown(2, OrderState::OnHold, 200, 100, 170),
        inShutdown(9, OrderState::Cancelled, 900, 900, 0),
    );
    expect([$progress->orders(), $progress->ordersDone()])
        ->toBe([4, 1])
        ->and([$progress->planned(), $progress->done(), $progress->left()])
        ->toBe([500, 240 + 40 + 100, 120])
        ->and($progress->share())
        ->toBe(760)
        ->and($progress->sequence())
        ->toBe(90 + 200)
        ->and($progress->turn())
        ->toBe(1);
    $bare = ShutdownProgress::of(inShutdown(1, OrderState::Closed, 0, 0, 0), inShutdown(4, OrderState::Draft, 0, 0, 0));
    expect([$bare->share(), $bare->turn()])
        ->toBe([500, 4])
        ->and([ShutdownProgress::of()->share(), ShutdownProgress::of()->turn()])
        ->toBe([0, null]);
});

it('gives each order the first turn after all that it follows, and refuses a ring', function () {
    expect(Turns::of([1, 2, 3, 4], [[2, 1], [4, 2], [4, 3], [3, 99]]))
        ->toBe([1 => 1, 3 => 1, 2 => 2, 4 => 3])
        ->and(Turns::of([], []))
        ->toBe([]);
    expect(fn () => Turns::of([1, 2, 3], [[1, 2], [2, 3], [3, 2]]))->toThrow(InvalidInput::class, 'ring');
});
