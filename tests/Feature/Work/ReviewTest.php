<?php

declare(strict_types=1);

use App\Work\Actions\BookHours;
use App\Work\Actions\TickPlainSteps;
use App\Work\Models\WorkOrder;
use Sundial\Calendar\LocalDate;
use Sundial\Costing\WorkedMinutes;
use Sundial\Work\OrderState;
use Tests\Feature\Plant;

/** An order that a technician finished, with so many minutes booked. */
function finishedOrder(Plant $plant, string $name, int $minutes): WorkOrder
{
    $plant->schedule(['name' => $name]);
    $order = $plant->release();
    $technician = $plant->person('technician');
    $plant->through($order, 'start');
    app(TickPlainSteps::class)($technician->actor(), $order);
    $worked = WorkedMinutes::of($minutes);
    app(BookHours::class)($technician->actor(), $order, $technician, LocalDate::of(2026, 3, 18), $worked);

    return $plant->through($order, 'finish')->refresh();
}

it('shows what differs from the plan, and closes together what was done as planned', function () {
    $plant = Plant::build();
    $clean = [finishedOrder($plant, 'Clean one', 45), finishedOrder($plant, 'Clean two', 50)];
    $apart = finishedOrder($plant, 'Long one', 200);
    $this->as('supervisor')
        ->get('/orders/review')
        ->assertSeeInOrder(['Close the 2 that were done as', 'Long one', 'more hours than planned']);
    $shown = [...array_map(static fn (WorkOrder $one): int => $one->id, $clean), $apart->id];
    $this->post('/orders/review', ['orders' => $shown])->assertSessionHasNoErrors();
    expect([...array_map(static fn (WorkOrder $one) => $one->refresh()->state, $clean), $apart->refresh()->state])
        ->toBe([OrderState::Closed, OrderState::Closed, OrderState::Done]);
    // Nothing of what is left is clean: pressing again closes nothing.
    $this->post('/orders/review', ['orders' => $shown])->assertSessionHasErrors('orders');
});

it('closes one or sends it back with a note, and refuses what was decided in an older window', function () {
    $plant = Plant::build();
    $order = finishedOrder($plant, 'Long one', 200);
    $at = "/orders/{$order->id}/review";
    $this->as('supervisor')->from('/orders/review')->post("{$at}/back", ['note' => ''])->assertSessionHasErrors('note');
    $this->post("{$at}/back", ['note' => 'The guard is not back on', 'version' => $order->version])
        ->assertRedirect('/orders/review');
    expect($order->refresh()->state)->toBe(OrderState::UnderWay);
    $this->get("/orders/{$order->id}")->assertSee('The guard is not back on');
    $old = $order->version;
    $plant->through($order, 'finish');
    $this->post("{$at}/close", ['version' => $old])->assertSessionHasErrors('form');
    $this->post("{$at}/close", ['version' => $order->refresh()->version])->assertSessionHasNoErrors();
    expect($order->refresh()->state)->toBe(OrderState::Closed);
});

it('leads to what is missing where an order cannot be closed as it stands', function () {
    $plant = Plant::build();
    $this->as('planner')->post('/orders', [
        'title' => 'Mend it',
        'asset' => 'PMP-01',
        'type' => 'corrective',
        'priority' => 'soon',
    ]);
    $order = $plant->through(WorkOrder::query()->sole(), 'approve', 'start', 'finish');
    $this->as('supervisor')
        ->get('/orders/review')
        ->assertSee('what failed is not told')
        ->assertSee("/orders/{$order->id}#failure");
});
