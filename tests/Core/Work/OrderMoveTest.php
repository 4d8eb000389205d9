<?php

declare(strict_types=1);

use Sundial\Access\Role;
use Sundial\Support\InvalidInput;
use Sundial\Work\MoveRefused;
use Sundial\Work\OrderMove;
use Sundial\Work\OrderState;
use Sundial\Work\Precautions;
use Sundial\Work\Rules\Growth;

it('leads an order only along the states of the job', function () {
    $allowed = [
        'draft' => ['plan' => 'planned', 'cancel' => 'cancelled'],
        'planned' => ['approve' => 'approved', 'cancel' => 'cancelled'],
        'approved' => ['start' => 'under way', 'cancel' => 'cancelled'],
        'under way' => ['hold' => 'on hold', 'finish' => 'done', 'cancel' => 'cancelled'],
        'on hold' => ['resume' => 'under way', 'cancel' => 'cancelled'],
        'done' => ['close' => 'closed', 'reopen' => 'under way'],
        'closed' => ['reopen' => 'under way'],
        'cancelled' => [],
    ];
    foreach (OrderState::cases() as $state) {
        foreach (OrderMove::cases() as $move) {
            $to = $allowed[$state->value][$move->value] ?? null;
            if ($to === null) {
                expect(fn () => $move->apply($state, 'why'))->toThrow(MoveRefused::class);
            } else {
                expect($move->apply($state, 'why')->value)->toBe($to);
            }
        }
    }
});

it('asks why before it holds, reopens or cancels', function (OrderMove $move, OrderState $from) {
    expect(fn () => $move->apply($from, '  '))->toThrow(fn (MoveRefused $e) => expect($e->field())->toBe('reason'));
})->with([
    [OrderMove::Hold, OrderState::UnderWay],
    [OrderMove::Reopen, OrderState::Closed],
    [OrderMove::Cancel, OrderState::Planned],
]);

it('lets a technician move only their own orders, and never close', function () {
    expect(OrderMove::Start->isOpenTo([Role::Technician], true))
        ->toBeTrue()
        ->and(OrderMove::Start->isOpenTo([Role::Technician], false))
        ->toBeFalse()
        ->and(OrderMove::Close->isOpenTo([Role::Technician], true))
        ->toBeFalse()
        ->and(OrderMove::Close->isOpenTo([Role::Planner], true))
        ->toBeFalse()
        ->and(OrderMove::Close->isOpenTo([Role::Technician, Role::Supervisor], false))
        ->toBeTrue()
        ->and(OrderMove::Reopen->isOpenTo([Role::Supervisor], false))
        ->toBeTrue()
        ->and(OrderMove::Approve->isOpenTo([Role::Planner], false))
        ->toBeTrue()
        ->and(OrderMove::Finish->isOpenTo([Role::Operator, Role::Manager, Role::Storekeeper], true))
        ->toBeFalse();
});

it('starts work only when every precaution is confirmed, now or before', function (
    array $open,
    array $confirmed,
    ?string $missing,
) {
    try {
        Precautions::check($open, $confirmed);
        expect($missing)->toBeNull();
    } catch (InvalidInput $e) {
        expect($e->getMessage())->toContain((string) $missing)->and($e->field())->toBe('confirmed');
    }
})->with([
    [[1 => 'Lock off', 2 => 'Permit'], [1, 2], null],
    [[1 => 'Lock off', 2 => 'Permit'], [2], 'Lock off.'],
    [[1 => 'Lock off', 2 => 'Permit'], [], 'Lock off; Permit.'],
    [[], [], null],
    [[3 => 'Permit'], [1], 'Permit'],
]);

it('waits for approval before the first one, and again once its plan grew', function () {
    $waits = static fn (?Growth $grown): array => array_values(array_map(
        static fn (OrderState $one): string => $one->value,
        array_filter(
            OrderState::cases(),
            static fn (OrderState $one): bool => $one->waitsForApproval($grown),
        ),
    ));
    expect($waits(null))
        ->toBe(['draft', 'planned'])
        ->and($waits(Growth::Hours))
        ->toBe(['draft', 'planned', 'approved', 'under way', 'on hold']);
});
