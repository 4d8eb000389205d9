<?php

declare(strict_types=1);

use Sundial\Support\InvalidInput;
use Sundial\Work\OrderState;
use Sundial\Work\Waiting\AgreedStay;
use Sundial\Work\Waiting\CrewWeeks;
use Sundial\Work\Waiting\Lane;
use Sundial\Work\Waiting\Middle;
use Sundial\Work\Waiting\StandingScale;

it('lets each state that is not over wait in a lane', function () {
    $lanes = array_map(static fn (OrderState $one): ?Lane => Lane::of($one), OrderState::cases());
    expect(array_filter($lanes, static fn (?Lane $one): bool => $one === null))
        ->toHaveCount(2)
        ->and(Lane::of(OrderState::Draft))
        ->toBe(Lane::Planned);
});

it('is over once it stands longer than the site agreed, or than is usual', function () {
    $agreed = AgreedStay::of(['done' => 1]);
    expect($agreed->isOver(Lane::Done, 24 * 60))
        ->toBeFalse()
        ->and($agreed->isOver(Lane::Done, 24 * 60 + 1))
        ->toBeTrue()
        ->and($agreed->days(Lane::Approved))
        ->toBe(14)
        ->and(fn () => AgreedStay::of(['on hold' => 0]))
        ->toThrow(InvalidInput::class);
});

it('places a stay between the days that are named, further the longer it is, and never outside', function () {
    $day = 24 * 60;
    expect(array_map(StandingScale::place(...), [-5, 0, $day, 2 * $day, 7 * $day, 30 * $day, 400 * $day]))
        ->toBe([0, 0, 190, 265, 520, 900, 1000]);
    $last = -1;
    for ($minutes = 0; $minutes < 500 * $day; $minutes += 997) {
        $place = StandingScale::place($minutes);
        expect($place)->toBeGreaterThanOrEqual($last)->toBeLessThanOrEqual(1000);
        $last = $place;
    }
});

it('tells a backlog in tenths of crew-weeks, and none where nobody is there', function () {
    $backlog = CrewWeeks::of(10125, 2250, 2250);
    expect([$backlog->tenths, $backlog->readyTenths])
        ->toBe([45, 10])
        ->and(CrewWeeks::of(100, 0, 0)->tenths)
        ->toBeNull();
});

it('takes the middle one, the shorter of two', function () {
    expect([Middle::of([]), Middle::of([5]), Middle::of([9, 1]), Middle::of([9, 1, 4]), Middle::of([4, 1, 9, 7])])
        ->toBe([null, 5, 1, 4, 4])
        ->and(array_map(static fn (Lane $one): bool => $one->isReady(), Lane::cases()))
        ->toBe([false, false, true, true, false, false]);
});
