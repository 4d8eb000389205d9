<?php

declare(strict_types=1);

use App\Stores\Actions\SavePart;
use App\Stores\Inputs\PartInput;
use App\Work\Actions\Booking\BookHours;
use App\Work\Actions\Booking\TickPlainSteps;
use App\Work\Models\WorkOrder;
use Illuminate\Support\Facades\DB;
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

it('lets parts, faults, open steps and a late finish stand out', function () {
    $plant = Plant::build();
    app(SavePart::class)(
        $plant->person('planner')->actor(),
        null,
        PartInput::of(['number' => 'P-1', 'name' => 'Seal', 'unit' => 'pc']),
    );
    $plant->schedule(['name' => 'Late one', 'anchor_on' => '2026-03-16']);
    $order = $plant->through($plant->release(), 'start');
    DB::table('order_steps')
        ->where('order_id', $order->id)
        ->where('position', 1)
        ->update(['ticked_at' => '2026-03-18 08:00:00', 'verdict' => 'faulty']);
    $this->as('supervisor')->post("/orders/{$order->id}/parts", ['used_part' => 'P-1', 'used_quantity' => '1']);
    $plant->through($order, 'finish');
    $this->get('/orders/review')->assertSeeInOrder([
        'Late one',
        'a cost is unknown',
        'something was found faulty',
        'steps were left open',
        'no hours are booked',
        'other parts than planned',
        'finished late',
    ]);
});

it('names the order that keeps the clean ones from being closed together, and closes none', function () {
    $plant = Plant::build();
    $orders = [finishedOrder($plant, 'Clean one', 45), finishedOrder($plant, 'Clean two', 45)];
    $this->as('administrator')->put('/setup/work-rules', ['hand_back' => 1]);
    $this->as('supervisor')->post("/orders/{$orders[0]->id}/hand-back")->assertSessionHasNoErrors();
    $this->post('/orders/review', ['orders' => array_map(static fn (WorkOrder $one): int => $one->id, $orders)])
        ->assertSessionHasErrors(['orders' => "{$orders[1]->label()}: Operations have not taken the machine back yet. ".
            'Whoever runs it says so on Today, or on the order. Nothing was closed.']);
    expect($orders[0]->refresh()->state)->toBe(OrderState::Done);
});

it('is a queue for those alone who may close, each at their site', function () {
    $plant = Plant::build();
    $order = finishedOrder($plant, 'Clean one', 45);
    foreach (['planner', 'technician', 'manager'] as $who) {
        $this->as($who)->get('/orders/review')->assertForbidden();
    }
    $this->as('stranger')->get('/orders/review')->assertOk()->assertDontSee('Clean one');
    $this->post("/orders/{$order->id}/review/close")->assertForbidden();
});
