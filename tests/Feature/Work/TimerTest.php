<?php

declare(strict_types=1);

use App\Platform\Clock\Clock;
use App\Work\Models\Booking;
use App\Work\Models\Timer;
use Sundial\Work\OrderState;
use Tests\Feature\Plant;

it('starts the work with the clock, and books what it counted on the day of the start', function () {
    $plant = Plant::build();
    $plant->schedule();
    $order = $plant->release();
    app(Clock::class)->set('2026-03-18 22:30:00');
    $this->as('technician')->get("/orders/{$order->id}")->assertSee('Start my');
    $this->post("/orders/{$order->id}/timer")->assertSessionHasNoErrors();
    expect($order->refresh()->state)->toBe(OrderState::UnderWay);
    // Pressed twice, one clock runs on.
    $this->post("/orders/{$order->id}/timer")->assertSessionHasNoErrors();
    $this->get('/today')->assertSee('My clock runs');
    app(Clock::class)->set('2026-03-18 23:40:30');
    $this->post('/timer/stop')->assertSessionHasNoErrors();
    expect(Booking::query()->sole()->only(['minutes', 'worked_on']))
        ->toBe(['minutes' => 70, 'worked_on' => '2026-03-18']);
    $this->post('/timer/stop')->assertSessionHasErrors('form');
});

it('runs one clock: starting another books what the first counted', function () {
    $plant = Plant::build();
    [$one, $two] = [$plant->started(), null];
    $plant->schedule(['name' => 'Another check']);
    $two = $plant->release();
    $this->as('technician')->post("/orders/{$one->id}/timer");
    app(Clock::class)->set('2026-03-18 09:00:00');
    $this->post("/orders/{$two->id}/timer")->assertSessionHasNoErrors();
    expect(Timer::query()->sole()->order_id)
        ->toBe($two->id)
        ->and(Booking::query()->sole()->order_id)
        ->toBe($one->id);
});

it('asks the next morning when a forgotten clock really ended', function () {
    $plant = Plant::build();
    $order = $plant->started();
    $this->as('technician')->post("/orders/{$order->id}/timer");
    app(Clock::class)->set('2026-03-19 06:00:00');
    $this->get('/today')->assertSee('My clock was not stopped');
    $this->post('/timer/stop')->assertSessionHasErrors('stopped_at');
    $this->post('/timer/stop', ['stopped_at' => '2026-03-18T07:00'])->assertSessionHasErrors('stopped_at');
    $this->post('/timer/stop', ['stopped_at' => '2026-03-18T10:00'])->assertSessionHasNoErrors();
    expect(Booking::query()->sole()->only(['minutes', 'worked_on']))
        ->toBe(['minutes' => 120, 'worked_on' => '2026-03-18']);
});

it('stops with the finish of its order, and drops what ran by mistake', function () {
    $plant = Plant::build();
    $order = $plant->started();
    $this->as('technician')->post("/orders/{$order->id}/timer");
    $this->delete('/timer')->assertSessionHasNoErrors();
    expect(Booking::query()->count())->toBe(0);
    $this->post("/orders/{$order->id}/timer");
    app(Clock::class)->set('2026-03-18 08:45:00');
    $this->post("/orders/{$order->id}/finish", ['finished_at' => '2026-03-18T08:45'])->assertSessionHasNoErrors();
    expect([Timer::query()->count(), Booking::query()->sole()->minutes])->toBe([0, 45]);
});

it('starts no clock where precautions are open, and on nothing that is not approved', function () {
    $plant = Plant::build();
    $plant->schedule(['approve_at_once' => false]);
    $order = $plant->release();
    $this->as('technician')->post("/orders/{$order->id}/timer")->assertSessionHasErrors('form');
    expect(Timer::query()->count())->toBe(0);
});

it('books a grid of people and days, all of it or nothing, and names the cell that is wrong', function () {
    $plant = Plant::build();
    $order = $plant->started();
    [$technician, $planner] = [$plant->person('technician'), $plant->person('planner')];
    $at = "/orders/{$order->id}/hours";
    $grid = fn (array $hours, string $kind = 'normal') => $this->from($at)
        ->post($at, ['kind' => $kind, 'hours' => $hours]);
    $this->as('planner')->get($at)->assertOk()->assertSee($technician->name)->assertSee($planner->name);
    $grid([$technician->id => ['2026-03-17' => '2:30', '2026-03-19' => '1'], $planner->id => ['2026-03-17' => '']])
        ->assertSessionHasErrors("hours.{$technician->id}.2026-03-19");
    expect(Booking::query()->count())->toBe(0);
    $both = [$technician->id => ['2026-03-16' => '2:30', '2026-03-17' => '1'], $planner->id => ['2026-03-17' => '0.5']];
    $grid($both, 'double')->assertSessionHasNoErrors();
    expect(Booking::query()->orderBy('worked_on')->orderByDesc('minutes')->pluck('double_minutes')->all())
        ->toBe([150, 60, 30]);
    $grid([])->assertSessionHasErrors('hours');
    $this->as('technician')->get($at)->assertOk()->assertDontSee($planner->name);
    $grid([$planner->id => ['2026-03-17' => '1']])->assertSessionHasErrors("hours.{$planner->id}.2026-03-17");
});

it('shows the grid of earlier days, and says so where a day cannot be read', function () {
    $plant = Plant::build();
    $order = $plant->started();
    $at = "/orders/{$order->id}/hours";
    $this->as('planner')->get("{$at}?until=2026-03-10")->assertSee('Tue 10 Mar')->assertSee('the days after');
    // Days to come cannot be booked on, so the grid ends today.
    $this->get("{$at}?until=2027-01-01")->assertSee('Wed 18 Mar')->assertDontSee('the days after');
    expect($this->get("{$at}?until=2026-02-30")->getStatusCode())->toBeLessThan(500);
});

it('leaves the clock of somebody else alone, and runs on no order of another team', function () {
    $plant = Plant::build();
    $order = $plant->started();
    $this->as('technician')->post("/orders/{$order->id}/timer")->assertSessionHasNoErrors();
    $this->as('supervisor')->get('/timer')->assertSee('Your clock does not run');
    $this->delete('/timer');
    expect(Timer::query()->count())->toBe(1);
    $order->fill(['team_id' => null, 'assignee_id' => $plant->person('planner')->id])->save();
    $this->as('technician')->delete('/timer');
    $this->post("/orders/{$order->id}/timer")->assertForbidden();
});
