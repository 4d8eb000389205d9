<?php

declare(strict_types=1);

use App\Platform\Clock\Clock;
use App\Register\Actions\MergeAssets;
use App\Stops\Actions\ReportDown;
use App\Stops\Inputs\StopSaid;
use App\Work\Models\OrderIsolation;
use App\Work\Models\WorkOrder;
use Sundial\Work\Isolation\IsolationState;
use Sundial\Work\OrderState;
use Tests\Feature\Plant;

const LOCKS = ['points' => "Main switch Q1\nSteam valve V3", 'valid_until' => '2026-03-18T18:00'];

function isolated(Plant $plant): array
{
    $plant->schedule();
    $order = $plant->release();
    test()->as('supervisor')->post("/orders/{$order->id}/isolation", LOCKS)->assertSessionHasNoErrors();

    return [$order, OrderIsolation::query()->sole()];
}

it('keeps the points to lock with the asset, and proposes them on its orders', function () {
    $plant = Plant::build();
    $this->as('supervisor')
        ->put("/assets/{$plant->pump->id}/isolation-points", ['points' => "Main switch Q1\n\nSteam valve V3"])
        ->assertSessionHasNoErrors();
    $this->get("/assets/{$plant->pump->id}")->assertSeeInOrder(['Points to lock', 'Main switch Q1', 'Steam valve V3']);
    $plant->schedule();
    $order = $plant->release();
    $this->get("/orders/{$order->id}")->assertSee('Main switch Q1 Steam valve V3');
});

it('is issued by nobody who works on the order, and until a time that lies ahead', function () {
    $plant = Plant::build();
    $plant->schedule();
    $order = $plant->release();
    $at = "/orders/{$order->id}/isolation";
    $supervisor = $plant->person('supervisor')->id;
    $this->as('planner')
        ->put("/orders/{$order->id}/assignment", ['assignee_id' => $supervisor, 'version' => $order->version])
        ->assertSessionHasNoErrors();
    $this->as('supervisor')->post($at, LOCKS)->assertSessionHasErrors('isolation');
    $this->as('planner')
        ->post($at, ['valid_until' => '2026-03-18T01:00'] + LOCKS)
        ->assertSessionHasErrors('valid_until');
    $this->post($at, ['points' => ' '] + LOCKS)->assertSessionHasErrors('points');
    expect(OrderIsolation::query()->count())->toBe(0);
    $this->post($at, LOCKS)->assertSessionHasNoErrors();
    expect(OrderIsolation::query()->sole()->issued_who)->toBe('Planner One');
});

it('lets work start behind locks that protect, and not behind locks that are off or have run out', function () {
    $plant = Plant::build();
    [$order, $isolation] = isolated($plant);
    $at = "/orders/{$order->id}";
    $this->post("{$at}/isolation/{$isolation->id}/suspend")->assertSessionHasNoErrors();
    $this->as('technician')->post("{$at}/start")->assertSessionHasErrors('isolation');
    $this->as('supervisor')->post("{$at}/isolation/{$isolation->id}/resume")->assertSessionHasNoErrors();
    app(Clock::class)->set('2026-03-18 18:01:00');
    $this->as('technician')->post("{$at}/start")->assertSessionHasErrors('isolation');
    $this->as('supervisor')
        ->post("{$at}/isolation/{$isolation->id}/extend", ['valid_until' => '2026-03-18T22:00'])
        ->assertSessionHasNoErrors();
    $this->as('technician')->post("{$at}/start")->assertSessionHasNoErrors();
    $this->get($at)->assertSeeInOrder(['issued by Supervisor One', 'took the locks off for a test run', 'extended']);
});

it('asks for the locks to be off before the machine runs and before the work is done', function () {
    $plant = Plant::build();
    [$order, $isolation] = isolated($plant);
    app(ReportDown::class)(
        $plant->person('operator')->actor(),
        $plant->pump,
        new DateTimeImmutable('2026-03-18 07:30:00'),
        StopSaid::because('standing for repair'),
    );
    $plant->through($order, 'start');
    $at = "/orders/{$order->id}";
    $this->as('supervisor')
        ->post("/assets/{$plant->pump->id}/running", ['to_at' => '2026-03-18T08:00'])
        ->assertSessionHasErrors('down');
    $this->post("{$at}/finish", ['finished_at' => '2026-03-18T08:00', 'it_is_right' => 1])
        ->assertSessionHasErrors('isolation');
    $this->post("{$at}/isolation/{$isolation->id}/lift")->assertSessionHasNoErrors();
    $this->post("/assets/{$plant->pump->id}/running", ['to_at' => '2026-03-18T08:00'])->assertSessionHasNoErrors();
    $this->post("{$at}/finish", ['finished_at' => '2026-03-18T08:00', 'it_is_right' => 1])->assertSessionHasNoErrors();
    expect([$order->refresh()->state, $isolation->refresh()->state])->toBe([OrderState::Done, IsolationState::Lifted]);
});

it('serves several orders of one asset: only the last of them asks for the locks to be off', function () {
    $plant = Plant::build();
    [$first, $isolation] = isolated($plant);
    $plant->schedule(['name' => 'Another check']);
    $second = $plant->release();
    $this->get("/orders/{$second->id}")->assertSee('Work behind it too');
    $this->post("/orders/{$second->id}/isolation/share", ['isolation_id' => $isolation->id])
        ->assertSessionHasNoErrors();
    foreach ([$first, $second] as $order) {
        $plant->through($order, 'start');
    }
    $finish = fn (WorkOrder $order) => $this->post("/orders/{$order->id}/finish", [
        'finished_at' => '2026-03-18T08:00',
        'it_is_right' => 1,
    ]);
    $finish($first)->assertSessionHasNoErrors();
    $finish($second)->assertSessionHasErrors('isolation');
    // Of another asset it cannot be shared, nor moved from an order that does not rest on it.
    $plant->schedule(['name' => 'Motor check'], $plant->motor);
    $other = $plant->release();
    $this->post("/orders/{$other->id}/isolation/share", ['isolation_id' => $isolation->id])
        ->assertSessionHasErrors('isolation');
    $this->post("/orders/{$other->id}/isolation/{$isolation->id}/lift")->assertNotFound();
});

it('shows whoever works there what is locked, and lets them move nothing', function () {
    $plant = Plant::build();
    [$order, $isolation] = isolated($plant);
    $this->as('technician')
        ->get("/orders/{$order->id}")
        ->assertSeeInOrder(['I-1', 'in force', 'Main switch Q1'])
        ->assertDontSee('Locks are off');
    $this->post("/orders/{$order->id}/isolation/{$isolation->id}/lift")->assertForbidden();
    $this->post("/orders/{$order->id}/isolation", LOCKS)->assertForbidden();
    $this->put("/assets/{$plant->pump->id}/isolation-points", ['points' => 'x'])->assertForbidden();
});

it('goes over with its asset when two records are merged, and still keeps the machine from running', function () {
    $plant = Plant::build();
    [$order, $isolation] = isolated($plant);
    $twin = $plant->asset('PMP-09', 'Feed pump again', 'HALL');
    app(MergeAssets::class)($plant->person('planner')->actor(), $twin, $plant->pump);
    expect([$isolation->refresh()->asset_id, $order->refresh()->asset_id])->toBe([$twin->id, $twin->id]);
    app(ReportDown::class)(
        $plant->person('operator')->actor(),
        $twin,
        new DateTimeImmutable('2026-03-18 07:30:00'),
        StopSaid::because('standing for repair'),
    );
    $this->as('supervisor')
        ->post("/assets/{$twin->id}/running", ['to_at' => '2026-03-18T08:00'])
        ->assertSessionHasErrors('down');
});
