<?php

declare(strict_types=1);

use App\People\Models\Trade;
use App\Register\Models\EquipmentClass;
use App\Work\Actions\Booking\BookHours;
use App\Work\Actions\Booking\TickStep;
use App\Work\Actions\Plan\AddToPlan;
use App\Work\Inputs\PlanLine;
use App\Work\Models\WorkOrder;
use Illuminate\Support\Facades\DB;
use Sundial\Calendar\LocalDate;
use Sundial\Costing\WorkedMinutes;
use Sundial\Work\OrderState;
use Tests\Feature\Plant;

it('stops work short: costs stay, and an order for the rest takes what is left', function () {
    $plant = Plant::build();
    $this->as('planner')->post('/orders', [
        'title' => 'Change the seal',
        'asset' => 'PMP-01',
        'type' => 'improvement',
        'priority' => 'soon',
        'due_on' => '2026-03-20',
    ]);
    $order = WorkOrder::query()->sole();
    app(AddToPlan::class)(
        $plant->person('planner')->actor(),
        $order,
        PlanLine::step('Drain', 10),
        PlanLine::step('Draw the seal', 50),
        PlanLine::labour((int) Trade::query()->value('id'), 2, 60),
        PlanLine::boughtIn('Gasket', 3000, null),
        PlanLine::service('Balance the rotor', null, '60.00'),
    );
    $plant->through($order, 'approve', 'start');
    $at = "/orders/{$order->id}";
    $this->as('supervisor')->post("{$at}/stop-short", ['reason' => 'No seal'])->assertSessionHasErrors('reason');
    $technician = $plant->person('technician');
    app(TickStep::class)($technician->actor(), $order, 1, true);
    app(BookHours::class)(
        $technician->actor(),
        $order,
        $technician,
        LocalDate::of(2026, 3, 18),
        WorkedMinutes::of(50),
    );
    $this->post("{$at}/parts", [
        'line_id' => DB::table('order_parts')->value('id'),
        'used_quantity' => '1',
    ])->assertSessionHasNoErrors();
    $this->post("{$at}/stop-short", ['reason' => ''])->assertSessionHasErrors('reason');
    $this->post("{$at}/stop-short", ['reason' => 'The seal is of the wrong size'])->assertSessionHasNoErrors();

    $rest = WorkOrder::query()->latest('id')->first();
    expect($order->refresh()->only(['state', 'rest_id']))
        ->toBe(['state' => OrderState::Cancelled, 'rest_id' => $rest->id])
        ->and($order->bookings()->sum('cost_cents'))
        ->toEqual(3000)
        ->and($rest->only(['title', 'state', 'due_on']))
        ->toBe(['title' => 'Change the seal, the rest', 'state' => OrderState::Draft, 'due_on' => '2026-03-20'])
        ->and($rest->steps()->pluck('text')->all())
        ->toBe(['Draw the seal'])
        ->and($rest->labour()->first()->only(['people', 'minutes']))
        ->toBe(['people' => 2, 'minutes' => 35])
        ->and($rest->parts()->pluck('quantity')->all())
        ->toBe(['2.000'])
        ->and($rest->services()->pluck('what')->all())
        ->toBe(['Balance the rotor']);
    $this->get($at)->assertSee($rest->label());
});

it('carries the visit over to the rest, without the steps that were done', function () {
    $plant = Plant::build();
    $schedule = $plant->schedule();
    $order = $plant->release();
    $plant->through($order, 'start');
    $technician = $plant->person('technician');
    app(TickStep::class)($technician->actor(), $order, 1, true);
    app(BookHours::class)(
        $technician->actor(),
        $order,
        $technician,
        LocalDate::of(2026, 3, 18),
        WorkedMinutes::of(20),
    );
    $this->as('supervisor')->post("/orders/{$order->id}/stop-short", ['reason' => 'Line is wanted'])
        ->assertSessionHasNoErrors();
    $rest = WorkOrder::query()->latest('id')->first();
    expect($rest->steps()->pluck('text')->all())
        ->toBe(['Grease'])
        ->and($schedule->refresh()->standing->in_hand)
        ->toBe($rest->label());
});

it('puts on an emergency what else must happen, of the site and of its class', function () {
    $plant = Plant::build();
    $this->as('administrator')->put('/setup/emergency', ['duties' => "Make it safe\n\nTell the supervisor"])
        ->assertSessionHasNoErrors();
    $this->put('/setup/emergency', ['class_id' => $plant->pump->class_id, 'duties' => 'Close the suction valve'])
        ->assertSessionHasNoErrors();
    $this->get("/setup/emergency?class={$plant->pump->class_id}")->assertSee('Close the suction valve');
    $this->as('technician')->post('/emergency', ['asset' => 'PMP-01', 'broke' => 'Shaft broken']);
    expect(WorkOrder::query()->sole()->steps()->pluck('text')->all())
        ->toBe(['Make it safe', 'Tell the supervisor', 'Close the suction valve']);
});

it('is stopped short by whoever may cancel, once however often the button is pressed', function () {
    $plant = Plant::build();
    $order = $plant->started();
    $technician = $plant->person('technician');
    $worked = WorkedMinutes::of(20);
    app(BookHours::class)($technician->actor(), $order, $technician, LocalDate::of(2026, 3, 18), $worked);
    $form = ['reason' => 'Line is wanted', 'once' => 'b1b6a3d8-6c7f-4d0e-9d2c-0f9c4f2a7e11'];
    $this->as('technician')->post("/orders/{$order->id}/stop-short", $form)->assertForbidden();
    $this->as('supervisor')->post("/orders/{$order->id}/stop-short", $form)->assertSessionHasNoErrors();
    $this->post("/orders/{$order->id}/stop-short", $form)->assertSessionHasNoErrors();
    expect(WorkOrder::query()->count())->toBe(2);
    // What it cost is still told on the asset.
    $this->get("/assets/{$plant->pump->id}")->assertSee('12.00 EUR');
});

it('keeps the list of one class from emergencies of another', function () {
    $plant = Plant::build();
    $other = EquipmentClass::query()->create(['name' => 'fan']);
    $this->as('administrator')->put('/setup/emergency', ['class_id' => $other->id, 'duties' => 'Brake the fan'])
        ->assertSessionHasNoErrors();
    $this->as('technician')->post('/emergency', ['asset' => 'PMP-01', 'broke' => 'Shaft broken']);
    $order = WorkOrder::query()->sole();
    expect($order->steps()->count())->toBe(0);
    $this->as('administrator')->put('/setup/emergency', ['duties' => 'Make it safe']);
    $this->as('technician')->post('/emergency', ['asset' => 'PMP-01-M', 'broke' => 'Smoke']);
    $next = WorkOrder::query()->latest('id')->first();
    $this->post("/orders/{$next->id}/steps/1", ['done' => 1])->assertSessionHasNoErrors();
    expect($next->steps()->first()->ticked_by)->toBe($plant->person('technician')->id);
});
