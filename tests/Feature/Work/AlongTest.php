<?php

declare(strict_types=1);

use App\Planning\Models\Schedule;
use App\Planning\Models\Visit;
use App\Platform\Audit\Actor;
use App\Work\Actions\FinishWorkOrder;
use App\Work\Actions\StartWorkOrder;
use App\Work\Models\WorkOrder;
use Illuminate\Support\Facades\DB;
use Tests\Feature\Plant;

/** An order on the pump for 20 March, and near it: its motor's service on the 26th, another asset's on the 24th, one far off. */
function nearWork(Plant $plant): array
{
    $plant->schedule(['name' => 'Main', 'late_share' => 0]);
    $order = $plant->release();
    $motor = $plant->schedule(['name' => 'Motor care', 'every' => 28, 'late_share' => 0, 'early_share' => 100, 'anchor_on' => '2026-03-26'], $plant->motor);
    $far = $plant->schedule(['name' => 'Far off', 'every' => 60, 'anchor_on' => '2026-05-10'], $plant->motor);
    $fan = $plant->asset('FAN-1', 'Roof fan', 'HALL');
    $other = $plant->schedule(['name' => 'Fan care', 'every' => 60, 'late_share' => 0, 'anchor_on' => '2026-03-24'], $fan);

    return [$order, $motor, $other, $far, $fan];
}

it('offers what is due near on the asset, inside it and stopped with it, with what that gives away', function () {
    $plant = Plant::build();
    [$order, , , , $fan] = nearWork($plant);
    $this->as('planner')->get("/orders/{$order->id}")->assertSeeInOrder(['Take along', 'Motor care', '6 d, 21', 'else 23 Apr'])->assertDontSee('Far off')->assertDontSee('Fan care');
    $this->post("/assets/{$fan->id}/stopped-with", ['with' => 'PMP-01'])->assertSessionHasNoErrors();
    $this->get("/orders/{$order->id}")->assertSeeInOrder(['Fan care', '4 d, 7', 'Motor care']);
    $this->delete("/assets/{$fan->id}/stopped-with");
    expect(DB::table('assets')->whereNotNull('stop_group_id')->count())->toBe(0);
    $this->as('technician')->get("/orders/{$order->id}")->assertDontSee('Take along');
});

it('takes them into the order, and each counts on by its own rule when it is finished', function () {
    $plant = Plant::build();
    [$order, $motor] = nearWork($plant);
    $this->as('planner')->post("/orders/{$order->id}/along", ['schedules' => [$motor->id]])->assertSessionHasNoErrors();
    expect($order->refresh()->planned_minutes)->toBe(90)->and($order->steps()->pluck('text')->all())->toBe(['Look', 'Grease', 'Look', 'Grease'])->and($motor->refresh()->in_hand)->toBe($order->label());
    $this->get("/orders/{$order->id}")->assertSeeInOrder(['Main', 'Motor care'])->assertSee('leave it out');
    $this->post("/orders/{$order->id}/along", ['schedules' => [$motor->id]])->assertSessionHasErrors('schedules');
    app(App\Platform\Clock\Clock::class)->set('2026-03-20 10:00:00');
    app()->forgetScopedInstances();
    app(FinishWorkOrder::class)(Actor::sundial(), app(StartWorkOrder::class)(Actor::sundial(), $order), new DateTimeImmutable('2026-03-20 09:00:00'));
    // Six days early, all of it carried over; the main one keeps to its calendar.
    expect($motor->refresh()->next_due_on)->toBe('2026-04-17')->and(Schedule::query()->where('name', 'Main')->value('next_due_on'))->toBe('2026-04-19')->and(Visit::query()->where('state', 'done')->count())->toBe(2);
});

it('leaves one out again as long as nothing of it is ticked', function () {
    $plant = Plant::build();
    [$order, $motor] = nearWork($plant);
    $this->as('planner')->post("/orders/{$order->id}/along", ['schedules' => [$motor->id]]);
    app(StartWorkOrder::class)(Actor::sundial(), $order);
    $visit = Visit::query()->where('schedule_id', $motor->id)->sole();
    $this->post("/orders/{$order->id}/steps/3", ['done' => 1]);
    $this->delete("/orders/{$order->id}/along/{$visit->id}")->assertSessionHasErrors('schedules');
    $this->post("/orders/{$order->id}/steps/3", ['done' => 0]);
    $this->delete("/orders/{$order->id}/along/{$visit->id}")->assertSessionHasNoErrors();
    expect($order->refresh()->planned_minutes)->toBe(45)->and($order->steps()->count())->toBe(2)->and($order->labour()->count())->toBe(1)->and($motor->refresh()->in_hand)->toBeNull()->and($visit->refresh()->state)->toBe('given back');
    $main = Visit::query()->where('id', '<>', $visit->id)->sole();
    $this->delete("/orders/{$order->id}/along/{$main->id}")->assertSessionHasErrors('schedules');
});

it('makes one order of visits that fall close together on an asset', function () {
    $plant = Plant::build();
    $first = $plant->schedule(['name' => 'One', 'anchor_on' => '2026-04-10']);
    $second = $plant->schedule(['name' => 'Two', 'every' => 60, 'anchor_on' => '2026-04-16'], $plant->motor);
    $this->as('planner')->get("/assets/{$plant->pump->id}")->assertDontSee('Do together');
    $first->update(['next_due_on' => '2026-03-28']);
    $second->update(['next_due_on' => '2026-03-30']);
    $this->get("/assets/{$plant->pump->id}")->assertSeeInOrder(['Do together', 'One', 'Two']);
    $this->post("/assets/{$plant->pump->id}/together", ['schedules' => [$second->id, $first->id]])->assertSessionHasNoErrors();
    $order = WorkOrder::query()->sole();
    expect($order->title)->toBe('One')->and($order->visits()->count())->toBe(2);
    // The release can be taken back as a whole.
    $this->delete("/release/{$order->batch_id}")->assertSessionHasNoErrors();
    expect($first->refresh()->in_hand)->toBeNull()->and($second->refresh()->in_hand)->toBeNull();
});
