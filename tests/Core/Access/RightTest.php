<?php

declare(strict_types=1);

use Sundial\Access\Right;
use Sundial\Access\Role;
use Sundial\Register\LifeState;
use Sundial\Work\OrderState;
use Sundial\Work\OrderType;
use Sundial\Work\Priority;
use Sundial\Work\WorkKind;

// The plant's table of rights. a administrator, p planner, s supervisor, t technician, k storekeeper, o operator, e
// engineer, m manager.
it('gives each right to the roles of the table', function (Right $right, string $who) {
    $letters = [
        'a' => Role::Administrator,
        'p' => Role::Planner,
        's' => Role::Supervisor,
        't' => Role::Technician,
        'k' => Role::Storekeeper,
        'o' => Role::Operator,
        'e' => Role::Engineer,
        'm' => Role::Manager,
    ];
    foreach ($letters as $letter => $role) {
        expect($right->isHeldBy([$role]))->toBe(str_contains($who, $letter), "{$role->value}: {$right->value}");
    }
    expect($right->isHeldBy([]))->toBeFalse();
})->with([
    'see the plant' => [Right::SeePlant, 'apstkem'],
    'see at least the own line' => [Right::SeeOwnLine, 'apstkoem'],
    'see costs and rates' => [Right::SeeCosts, 'apsem'],
    'write the register, import' => [Right::WriteRegister, 'aps'],
    'write methods and schedules' => [Right::WritePlans, 'ap'],
    'release' => [Right::Release, 'aps'],
    'plan and assign orders' => [Right::PlanOrders, 'aps'],
    'work on any order' => [Right::WorkOnAnyOrder, 'aps'],
    'work on own orders' => [Right::WorkOnOwnOrders, 'apst'],
    'reopen' => [Right::ReopenOrders, 'as'],
    'people, rates, lists, settings' => [Right::Administer, 'a'],
]);

it('adds up the rights of several roles', function () {
    expect(Right::WritePlans->isHeldBy([Role::Technician, Role::Planner]))
        ->toBeTrue()
        ->and(Right::Administer->isHeldBy([Role::Technician, Role::Planner]))
        ->toBeFalse();
});

it('knows which states are open, locked, and take bookings', function (
    OrderState $state,
    bool $open,
    bool $locked,
    bool $bookings,
) {
    expect([$state->isOpen(), $state->isLocked(), $state->takesBookings()])->toBe([$open, $locked, $bookings]);
})->with([
    [OrderState::Draft, true, false, false],
    [OrderState::Planned, true, false, false],
    [OrderState::Approved, true, false, false],
    [OrderState::UnderWay, true, false, true],
    [OrderState::OnHold, true, false, true],
    [OrderState::Done, false, false, true],
    [OrderState::Closed, false, true, false],
    [OrderState::Cancelled, false, true, false],
]);

it('takes invoices as long as work is booked, and after closing', function () {
    $takes = array_filter(OrderState::cases(), static fn (OrderState $state): bool => $state->takesInvoices());
    expect(array_column($takes, 'value'))->toBe(['under way', 'on hold', 'done', 'closed']);
});

it('asks what failed where work was not planned, and never where a schedule asked for it', function () {
    $own = OrderType::of('storm damage', WorkKind::Unplanned);
    expect(OrderType::corrective()->asksWhatFailed(false))
        ->toBeTrue()
        ->and($own->asksWhatFailed(false))
        ->toBeTrue()
        ->and(OrderType::of('painting', WorkKind::Planned)->asksWhatFailed(false))
        ->toBeFalse()
        ->and($own->asksWhatFailed(true))
        ->toBeFalse();
});

it('marks types as planned or not, priorities by strokes, and assets as in use or not', function () {
    expect(array_keys(array_filter(OrderType::SHIPPED, fn (WorkKind $kind): bool => $kind === WorkKind::Unplanned)))
        ->toBe(['corrective', 'emergency'])
        ->and(array_map(fn (Priority $priority): int => $priority->strokes(), Priority::cases()))
        ->toBe([1, 2, 3, 4])
        ->and(array_map(fn (LifeState $state): bool => $state->isInUse(), LifeState::cases()))
        ->toBe([true, true, false, false]);
});
