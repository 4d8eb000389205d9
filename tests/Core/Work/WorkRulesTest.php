<?php

declare(strict_types=1);

use Sundial\Access\Role;
use Sundial\Costing\CostSum;
use Sundial\Support\InvalidInput;
use Sundial\Work\Rules\ApprovedPlan;
use Sundial\Work\Rules\Asked;
use Sundial\Work\Rules\Growth;
use Sundial\Work\Rules\RaisedBy;
use Sundial\Work\Rules\WorkRules;

function refusal(Closure $do): ?string
{
    try {
        $do();
    } catch (InvalidInput $e) {
        return $e->cause();
    }

    return null;
}

it('approves up to the amount of the role that may approve most', function (array $roles, int $cents, ?string $why) {
    $rules = WorkRules::approving(['planner' => 50000, 'supervisor' => 200000, 'administrator' => null], null);
    expect(refusal(fn () => $rules->checkApproval($roles, CostSum::of($cents), RaisedBy::Another)))->toBe($why);
})->with([
    [[Role::Planner], 50000, null],
    [[Role::Planner], 50001, 'above_limit'],
    [[Role::Planner, Role::Supervisor], 50001, null],
    [[Role::Supervisor], 200001, 'above_limit'],
    [[Role::Supervisor, Role::Administrator], 9000000, null],
]);

it('approves a plan of which a cost is unknown only where there is no limit', function () {
    $rules = WorkRules::approving(['planner' => 50000], null);
    $unknown = CostSum::of(100, null);
    expect(refusal(fn () => $rules->checkApproval([Role::Planner], $unknown, RaisedBy::Another)))
        ->toBe('unknown_cost')
        ->and(refusal(fn () => $rules->checkApproval([Role::Supervisor], $unknown, RaisedBy::Another)))
        ->toBeNull();
});

it('lets nobody approve what they raised above the amount of the site', function () {
    $rules = WorkRules::approving([], 10000);
    $own = fn (CostSum $cost): ?string => refusal(
        fn () => $rules->checkApproval([Role::Planner], $cost, RaisedBy::Oneself),
    );
    expect([$own(CostSum::of(10000)), $own(CostSum::of(10001)), $own(CostSum::of(1, null))])
        ->toBe([null, 'own_order', 'own_order'])
        ->and(refusal(fn () => $rules->checkApproval([Role::Planner], CostSum::of(99999), RaisedBy::Another)))
        ->toBeNull();
});

it('lets nobody close what they alone booked on, where the site asks for a second person', function () {
    $rules = WorkRules::none()->closing(Asked::Yes, Asked::No);
    expect(refusal(fn () => $rules->checkClosing(7, [7, 7])))
        ->toBe('booked_alone')
        ->and(refusal(fn () => $rules->checkClosing(7, [7, 8])))
        ->toBeNull()
        ->and(refusal(fn () => $rules->checkClosing(7, [])))
        ->toBeNull()
        ->and(refusal(fn () => WorkRules::none()->checkClosing(7, [7])))
        ->toBeNull();
});

it('asks for approval again beyond a tenth more, or with other precautions', function (array $now, ?Growth $by) {
    $approved = ApprovedPlan::of(100, 20000, ['lock off', 'permit']);
    expect(Growth::between($approved, ApprovedPlan::of(...$now)))->toBe($by);
})->with([
    [[110, 22000, ['permit', 'lock off']], null],
    [[111, 20000, ['lock off', 'permit']], Growth::Hours],
    [[100, 22001, ['lock off', 'permit']], Growth::Cost],
    [[50, 100, ['lock off']], Growth::Precautions],
]);

it('refuses an amount below zero', function () {
    expect(refusal(fn () => WorkRules::approving(['planner' => -1], null)))->toBe('out_of_range');
});
