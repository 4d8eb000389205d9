<?php

declare(strict_types=1);

use App\People\Actions\SetRate;
use App\People\Models\Trade;
use App\Work\Actions\Booking\BookHours;
use App\Work\Actions\Plan\AddToPlan;
use App\Work\Actions\Plan\SetBeforeStart;
use App\Work\Actions\Plan\TakeOffPlan;
use App\Work\Inputs\PlanLine;
use App\Work\Models\WorkOrder;
use Illuminate\Support\Facades\DB;
use Sundial\Calendar\LocalDate;
use Sundial\Costing\HourlyRate;
use Sundial\Costing\WorkedMinutes;
use Sundial\Work\OrderState;
use Sundial\Work\Plan\LineKind;
use Sundial\Work\Rules\Growth;
use Tests\Feature\Plant;

/** Raised by the planner: two fitters for two hours each, 144.00 at the rate of the trade. */
function plannedWork(Plant $plant): WorkOrder
{
    test()->as('planner')->post('/orders', [
        'title' => 'Change the seal',
        'asset' => 'PMP-01',
        'type' => 'improvement',
        'priority' => 'soon',
        'due_on' => '2026-03-20',
        'team_id' => $plant->teamId,
    ])->assertSessionHasNoErrors();
    $order = WorkOrder::query()->sole();
    $labour = PlanLine::labour((int) Trade::query()->value('id'), 2, 120);
    app(AddToPlan::class)($plant->person('planner')->actor(), $order, $labour);

    return $order->refresh();
}

function rules(array $rules): void
{
    test()->as('administrator')->put('/setup/work-rules', $rules)->assertSessionHasNoErrors();
}

it('approves up to the amount that the site gave a role', function () {
    $plant = Plant::build();
    rules(['limits' => ['planner' => '100.00', 'supervisor' => '144,00']]);
    $order = plannedWork($plant);
    $this->as('planner')->post("/orders/{$order->id}/approve")->assertSessionHasErrors('approve');
    expect($order->refresh()->state)->toBe(OrderState::Draft);
    $this->as('supervisor')->post("/orders/{$order->id}/approve")->assertSessionHasNoErrors();
    $this->as('administrator')->get('/setup/work-rules')->assertSee('value="100.00"', false);
});

it('lets nobody approve what they raised above the amount of the site', function () {
    $plant = Plant::build();
    rules(['own_above' => '100']);
    $order = plannedWork($plant);
    $this->as('planner')->post("/orders/{$order->id}/approve")->assertSessionHasErrors('approve');
    $this->as('supervisor')->post("/orders/{$order->id}/approve")->assertSessionHasNoErrors();
});

it('asks for approval again when the plan grew by more than a tenth, and before that starts nothing', function () {
    $plant = Plant::build();
    $order = plannedWork($plant);
    $by = $plant->person('planner')->actor();
    $at = "/orders/{$order->id}";
    $this->as('planner')->post("{$at}/approve")->assertSessionHasNoErrors();
    $trade = (int) Trade::query()->value('id');
    app(AddToPlan::class)($by, $order, PlanLine::labour($trade, 1, 24));
    expect($order->refresh()->grown)->toBeNull();
    // Each line is small; together they are more than a tenth of what was approved.
    app(AddToPlan::class)($by, $order, PlanLine::labour($trade, 1, 1));
    expect($order->refresh()->grown)->toBe(Growth::Cost);
    $this->as('technician')->post("{$at}/start")->assertSessionHasErrors('form');
    $this->as('planner')->get('/today')->assertSee('Grown since the approval');
    $this->post("{$at}/approve")->assertSessionHasNoErrors();
    expect($order->refresh()->grown)->toBeNull();
    $this->as('technician')->post("{$at}/start")->assertSessionHasNoErrors();
});

it('asks for approval again when precautions change', function () {
    $plant = Plant::build();
    $order = plannedWork($plant);
    $this->as('planner')->post("/orders/{$order->id}/approve");
    app(SetBeforeStart::class)($plant->person('planner')->actor(), $order, '', 'lock off');
    expect($order->refresh()->grown)->toBe(Growth::Precautions);
    app(SetBeforeStart::class)($plant->person('planner')->actor(), $order, '', '');
    expect($order->refresh()->grown)->toBeNull();
});

it('lets nobody close what they alone booked on, where the site asks for it', function () {
    $plant = Plant::build();
    rules(['second_to_close' => 1]);
    $order = $plant->through(plannedWork($plant), 'approve', 'start');
    $supervisor = $plant->person('supervisor');
    $rate = HourlyRate::ofCents(4000);
    app(SetRate::class)($supervisor->actor(), $supervisor, LocalDate::of(2026, 1, 1), $rate);
    $worked = WorkedMinutes::of(60);
    app(BookHours::class)($supervisor->actor(), $order, $supervisor, LocalDate::of(2026, 3, 18), $worked);
    $plant->through($order, 'finish');
    $this->as('supervisor')->post("/orders/{$order->id}/close")->assertSessionHasErrors('review');
    $this->as('administrator')->post("/orders/{$order->id}/close")->assertSessionHasNoErrors();
});

it('waits until operations take the machine back, where the site asks for it', function () {
    $plant = Plant::build();
    rules(['hand_back' => 1]);
    DB::table('location_operators')->insert([
        'location_id' => $plant->hall->id,
        'user_id' => $plant->person('operator')->id,
    ]);
    $order = $plant->through(plannedWork($plant), 'approve', 'start', 'finish');
    $at = "/orders/{$order->id}";
    $this->as('supervisor')->post("{$at}/close")->assertSessionHasErrors('review');
    $this->as('operator')->get('/today')->assertSee('Done: take the machine back');
    $this->get($at)->assertForbidden();
    $this->post("{$at}/hand-back")->assertRedirect('/today');
    $this->get('/today')->assertDontSee('Done: take the machine back');
    expect($order->refresh()->handed_back_who)->toBe('Operator One');
    $this->as('supervisor')->post("{$at}/close")->assertSessionHasNoErrors();
});

it('refuses an amount that is none, and says which', function () {
    Plant::build();
    $this->as('administrator')
        ->put('/setup/work-rules', ['limits' => ['planner' => 'much']])
        ->assertSessionHasErrors('limits.planner');
});

it('approves no plan of an unknown cost up to an amount, and any where there is no limit', function () {
    $plant = Plant::build();
    rules(['limits' => ['planner' => '1000']]);
    $order = plannedWork($plant);
    app(AddToPlan::class)($plant->person('planner')->actor(), $order, PlanLine::boughtIn('Gasket', 1000, null));
    $this->as('planner')->post("/orders/{$order->id}/approve")->assertSessionHasErrors('approve');
    $this->as('supervisor')->post("/orders/{$order->id}/approve")->assertSessionHasNoErrors();
});

it('approves again only up to the same amount, and asks nothing of what a schedule brought along', function () {
    $plant = Plant::build();
    rules(['limits' => ['planner' => '150']]);
    $order = plannedWork($plant);
    $this->as('planner')->post("/orders/{$order->id}/approve")->assertSessionHasNoErrors();
    $near = $plant->schedule(['name' => 'Near check', 'anchor_on' => '2026-03-22']);
    $this->post("/orders/{$order->id}/along", ['schedules' => [$near->id]])->assertSessionHasNoErrors();
    expect($order->refresh()->grown)->toBeNull();
    $labour = PlanLine::labour((int) Trade::query()->value('id'), 1, 60);
    app(AddToPlan::class)($plant->person('planner')->actor(), $order, $labour);
    expect($order->refresh()->grown)->toBe(Growth::Cost);
    $this->post("/orders/{$order->id}/approve")->assertSessionHasErrors('approve');
    $this->as('supervisor')->post("/orders/{$order->id}/approve")->assertSessionHasNoErrors();
});

it('measures growth from what was approved, also when lines are taken off and put in again', function () {
    $plant = Plant::build();
    $order = plannedWork($plant);
    $by = $plant->person('planner')->actor();
    $this->as('planner')->post("/orders/{$order->id}/approve");
    $line = DB::table('order_labour')->value('id');
    app(TakeOffPlan::class)($by, $order, LineKind::Labour, $line);
    expect($order->refresh()->grown)->toBeNull();
    app(AddToPlan::class)($by, $order, PlanLine::labour((int) Trade::query()->value('id'), 2, 120));
    expect($order->refresh()->grown)->toBeNull();
});

it('sets its rules for each site apart, and by its administrators alone', function () {
    $plant = Plant::build();
    rules(['limits' => ['planner' => '1'], 'second_to_close' => 1]);
    $this->as('planner')->put('/setup/work-rules', [])->assertForbidden();
    $this->as('stranger')->get('/setup/work-rules')->assertOk()->assertDontSee('value="1.00"', false);
    expect(DB::table('work_rules')->pluck('site_id')->all())->toBe([$plant->site->id]);
    // Saved again without them, nothing is asked any more.
    rules([]);
    $order = plannedWork($plant);
    $this->as('planner')->post("/orders/{$order->id}/approve")->assertSessionHasNoErrors();
});
