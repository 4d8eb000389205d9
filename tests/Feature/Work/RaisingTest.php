<?php

declare(strict_types=1);

use App\People\Actions\SaveSupplier;
use App\People\Inputs\SupplierInput;
use App\People\Models\Trade;
use App\Planning\Models\Method;
use App\Work\Actions\Plan\AddToPlan;
use App\Work\Actions\Plan\SetBeforeStart;
use App\Work\Inputs\PlanLine;
use App\Work\Models\WorkOrder;
use Illuminate\Support\Facades\DB;
use Sundial\Work\Request\RequestState;
use Tests\Feature\Plant;

const RAISED = [
    'title' => 'Change the seal',
    'asset' => 'PMP-01',
    'type' => 'corrective',
    'priority' => 'soon',
    'due_on' => '2026-03-20',
];

function planned(Plant $plant): WorkOrder
{
    test()->as('planner')->post('/orders', RAISED)->assertSessionHasNoErrors();
    $order = WorkOrder::query()->latest('id')->first();
    $by = $plant->person('planner')->actor();
    app(AddToPlan::class)(
        $by,
        $order,
        PlanLine::step('Draw the seal', 50),
        PlanLine::labour((int) Trade::query()->value('id'), 2, 90),
        PlanLine::service('Balance the rotor', null, '60.00'),
    );
    app(SetBeforeStart::class)($by, $order, 'puller', 'lock off');

    return $order->refresh();
}

it('copies an order: all that was planned, nothing of what was done', function () {
    $plant = Plant::build();
    $former = planned($plant);
    $plant->through($former, 'approve');
    $this->as('supervisor')->post("/orders/{$former->id}/start", ['confirmed' => [1]])->assertSessionHasNoErrors();
    $this->post("/orders/{$former->id}/steps/1", ['done' => 1]);
    $this->as('planner')
        ->get("/orders/new?copy={$former->number}")
        ->assertSee('Change the seal')
        ->assertSee("Planned as {$former->label()} was");
    $this->post('/orders', RAISED + ['former' => $former->label()])->assertSessionHasNoErrors();
    $copy = WorkOrder::query()->latest('id')->first();
    expect($copy->steps()->first()->only(['text', 'minutes', 'ticked_at']))
        ->toBe(['text' => 'Draw the seal', 'minutes' => 50, 'ticked_at' => null])
        ->and($copy->labour()->first()->only(['people', 'minutes']))
        ->toBe(['people' => 2, 'minutes' => 90])
        ->and($copy->services()->first()->only(['what', 'planned_cents', 'agreed_on']))
        ->toBe(['what' => 'Balance the rotor', 'planned_cents' => 6000, 'agreed_on' => null])
        ->and($copy->precautions()->first()->only(['text', 'confirmed_at']))
        ->toBe(['text' => 'lock off', 'confirmed_at' => null])
        ->and([$copy->tools, $copy->planned_minutes])
        ->toBe(['puller', 180]);
});

it('puts the plan of a former order behind what stands there, and knows it by its number', function () {
    $plant = Plant::build();
    $former = planned($plant);
    $order = planned($plant);
    $at = "/orders/{$order->id}/plan/former";
    $this->as('planner')->from("/orders/{$order->id}")->post($at, ['former' => ''])->assertSessionHasErrors('former');
    $this->post($at, ['former' => 'W-999'])->assertSessionHasErrors('former');
    $this->post($at, ['former' => $order->label()])->assertSessionHasErrors('former');
    $this->post($at, ['former' => (string) $former->number])->assertSessionHasNoErrors();
    expect($order->steps()->pluck('position')->all())
        ->toBe([1, 2])
        ->and($order->precautions()->count())
        ->toBe(1)
        ->and($order->refresh()->planned_minutes)
        ->toBe(360);
});

it('offers in the same breath what waits there, late visits ticked, and takes what is ticked', function () {
    $plant = Plant::build();
    $late = $plant->schedule(['name' => 'Late check', 'anchor_on' => '2026-03-10']);
    $near = $plant->schedule(['name' => 'Near check', 'anchor_on' => '2026-03-25']);
    $request = $plant->report('It squeals');
    $page = $this->as('planner')->get('/orders/new/waits?asset=PMP-01', ['HX-Request' => 'true'])->assertOk();
    $page->assertSee($request->label());
    expect($page->getContent())
        ->toMatch("/value=\"{$late->id}\"\s+checked/")
        ->not->toMatch("/value=\"{$near->id}\"\s+checked/");
    $this->post('/orders', RAISED + ['requests' => [$request->id], 'schedules' => [$late->id]])
        ->assertSessionHasNoErrors();
    $order = WorkOrder::query()->sole();
    expect($request->refresh()->only(['state', 'order_id']))
        ->toBe(['state' => RequestState::Accepted, 'order_id' => $order->id])
        ->and($order->covered->pluck('schedule_id')->all())
        ->toBe([$late->id]);
    $this->get('/orders/new/waits?asset=PMP-01')->assertSee("{$order->label()}")->assertDontSee('It squeals');
});

it('takes no request of another asset into an order, and then raises nothing', function () {
    $plant = Plant::build();
    $request = $plant->report('It squeals');
    $this->as('planner')
        ->post('/orders', ['asset' => 'PMP-01-M', 'requests' => [$request->id]] + RAISED)
        ->assertSessionHasErrors('requests');
    expect([WorkOrder::query()->count(), $request->refresh()->state])->toBe([0, RequestState::Received]);
});

it('makes an order repeat: by its method, or by one that is made of its plan', function () {
    $plant = Plant::build();
    $order = planned($plant);
    $to = $this->as('planner')->post("/orders/{$order->id}/repeat")->assertSessionHasNoErrors();
    $method = Method::query()->latest('id')->first();
    $to->assertRedirect("/assets/{$plant->pump->id}/schedules/new?method={$method->id}");
    expect($method->inForce->steps->pluck('text')->all())->toBe(['Draw the seal']);
    $this->get("/assets/{$plant->pump->id}/schedules/new?method={$method->id}")
        ->assertSee("value=\"{$method->id}\" selected", false);

    $plant->schedule();
    $released = $plant->release();
    $this->post("/orders/{$released->id}/repeat")
        ->assertRedirect("/assets/{$plant->pump->id}/schedules/new?method={$plant->method->id}");
});

it('cannot make an order on a place repeat', function () {
    Plant::build();
    $this->as('planner')->post('/orders', ['asset' => 'HALL'] + RAISED);
    $order = WorkOrder::query()->sole();
    $this->get("/orders/{$order->id}")->assertDontSee('Make it repeat');
    $this->post("/orders/{$order->id}/repeat")->assertSessionHasErrors('form');
});

it('plans people whom a contractor sends, at what was agreed, and says when that runs out too early', function () {
    $plant = Plant::build();
    $this->as('planner')->post('/orders', RAISED);
    $order = WorkOrder::query()->sole();
    $at = "/orders/{$order->id}";
    $supplier = app(SaveSupplier::class)(
        $plant->person('planner')->actor(),
        null,
        SupplierInput::of(['name' => 'Tarnside Engineering']),
    );
    $line = [
        'people' => 2,
        'trade_id' => (int) Trade::query()->value('id'),
        'labour_time' => '1:30',
        'contractor_id' => $supplier->id,
        'agreement' => 'A-12',
        'agreed_until' => '2026-03-19',
    ];
    $this->from($at)->post("{$at}/plan/labour", $line)->assertSessionHasErrors('agreed_rate');
    $this->post("{$at}/plan/labour", $line + ['agreed_rate' => 'cheap'])->assertSessionHasErrors('agreed_rate');
    $this->post("{$at}/plan/labour", $line + ['agreed_rate' => '48.125'])->assertSessionHasNoErrors();
    // Three hours at 48.125.
    $this->get($at)
        ->assertSee('144.38 EUR')
        ->assertSeeInOrder(['Tarnside Engineering', 'agreement A-12', 'What was agreed runs out 19 Mar']);
    $this->as('technician')->get($at)->assertDontSee('48.125');
    $this->as('planner')->post('/orders', RAISED + ['former' => $order->label()]);
    expect(WorkOrder::query()->latest('id')->first()->labour()->first()->only(['rate', 'supplier_id']))
        ->toBe(['rate' => '48.1250', 'supplier_id' => $supplier->id]);
});

it('takes no former order of another site, and no visit that an order covers already', function () {
    $plant = Plant::build();
    $schedule = $plant->schedule();
    $plant->release();
    $foreign = WorkOrder::query()->sole();
    DB::table('work_orders')->where('id', $foreign->id)->update(['number' => 77]);
    $this->as('planner')->post('/orders', RAISED + ['former' => 'W-7700'])->assertSessionHasErrors('former');
    $this->post('/orders', RAISED + ['schedules' => [$schedule->id]])->assertSessionHasErrors('schedules');
    expect(WorkOrder::query()->count())->toBe(1);
    $this->as('stranger')->post('/orders', ['asset' => 'YARD', 'former' => 'W-77'] + RAISED)
        ->assertSessionHasErrors('former');
});

it('plans a copy of a round with each of its steps once', function () {
    $plant = Plant::build();
    $former = planned($plant);
    DB::table('order_steps')->insert(array_map(
        static fn (int $asset, int $i): array => [
            'order_id' => $former->id,
            'position' => 10 + $i,
            'text' => 'Oil it',
            'answer' => 'tick',
            'asset_id' => $asset,
        ],
        [$plant->pump->id, $plant->motor->id],
        [0, 1],
    ));
    $this->as('planner')->post('/orders', RAISED + ['former' => $former->label()])->assertSessionHasNoErrors();
    expect(WorkOrder::query()->latest('id')->first()->steps()->pluck('text')->all())
        ->toBe(['Draw the seal', 'Oil it']);
});
