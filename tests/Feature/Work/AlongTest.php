<?php

declare(strict_types=1);

use App\Planning\Inputs\MethodInput;
use App\Planning\Models\Schedule;
use App\Planning\Models\Visit;
use App\Platform\Audit\Actor;
use App\Register\Inputs\LocationInput;
use App\Work\Actions\Moves\FinishWorkOrder;
use App\Work\Actions\Moves\StartWorkOrder;
use App\Work\Models\WorkOrder;
use Illuminate\Support\Facades\DB;
use Tests\Feature\Plant;

/**
 * An order on the pump for 20 March, and near it: its motor's service on the 26th, another asset's on the 24th, one
 * far off.
 */
function nearWork(Plant $plant): array
{
    $plant->schedule(['name' => 'Main', 'late_share' => 0]);
    $order = $plant->release();
    $motor = $plant->schedule(
        [
            'name' => 'Motor care',
            'every' => 28,
            'late_share' => 0,
            'early_share' => 100,
            'anchor_on' => '2026-03-26',
        ],
        $plant->motor,
    );
    $far = $plant->schedule(['name' => 'Far off', 'every' => 60, 'anchor_on' => '2026-05-10'], $plant->motor);
    $fan = $plant->asset('FAN-1', 'Roof fan', 'HALL');
    $other = $plant->schedule(
        ['name' => 'Fan care', 'every' => 60, 'late_share' => 0, 'anchor_on' => '2026-03-24'],
        $fan,
    );

    return [$order, $motor, $other, $far, $fan];
}

it('offers what is due near on the asset, inside it and stopped with it, with what that gives away', function () {
    $plant = Plant::build();
    [$order, , , , $fan] = nearWork($plant);
    $this->as('planner')
        ->get("/orders/{$order->id}/along")
        ->assertSeeInOrder(['Take along', 'Motor care', '6 d, 21', 'else 23 Apr'])
        ->assertDontSee('Far off')
        ->assertDontSee('Fan care');
    $this->post("/assets/{$fan->id}/tied", ['with' => 'PMP-01'])->assertSessionHasNoErrors();
    $this->get("/orders/{$order->id}")->assertSee("/orders/{$order->id}/along\" hx-trigger=\"load\"", false);
    $this->get("/orders/{$order->id}/along", ['HX-Request' => '1'])->assertSeeInOrder([
        'Fan care',
        '4 d, 7',
        'Motor care',
    ]);
    $this->delete("/assets/{$fan->id}/tied");
    expect(DB::table('assets')->whereNotNull('tie_id')->count())->toBe(0);
    $this->as('technician')
        ->get("/orders/{$order->id}")
        ->assertDontSee('Take along');
});

it('takes them into the order, and each counts on by its own rule when it is finished', function () {
    $plant = Plant::build();
    [$order, $motor] = nearWork($plant);
    $this->as('planner')
        ->post("/orders/{$order->id}/along", ['schedules' => [$motor->id]])
        ->assertSessionHasNoErrors();
    expect($order->refresh()->planned_minutes)
        ->toBe(90)
        ->and($order->steps()->pluck('text')->all())
        ->toBe(['Look', 'Grease', 'Look', 'Grease'])
        ->and($motor->refresh()->standing->in_hand)
        ->toBe($order->label());
    $this->get("/orders/{$order->id}")
        ->assertSeeInOrder(['Main', 'Motor care'])
        ->assertSee('leave it out');
    $this->post("/orders/{$order->id}/along", ['schedules' => [$motor->id]])->assertSessionHasErrors('schedules');
    app(App\Platform\Clock\Clock::class)->set('2026-03-20 10:00:00');
    app()->forgetScopedInstances();
    app(FinishWorkOrder::class)(
        Actor::sundial(),
        app(StartWorkOrder::class)(Actor::sundial(), $order),
        new DateTimeImmutable('2026-03-20 09:00:00'),
    );
    // Six days early, all of it carried over; the main one keeps to its calendar.
    expect($motor->refresh()->standing->next_due_on)
        ->toBe('2026-04-17')
        ->and(Schedule::query()->where('name', 'Main')->sole()->standing->next_due_on)
        ->toBe('2026-04-19')
        ->and(Visit::query()->where('state', 'done')->count())
        ->toBe(2);
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
    expect($order->refresh()->planned_minutes)
        ->toBe(45)
        ->and($order->steps()->count())
        ->toBe(2)
        ->and($order->labour()->count())
        ->toBe(1)
        ->and($motor->refresh()->standing->in_hand)
        ->toBeNull()
        ->and($visit->refresh()->state->value)
        ->toBe('given back');
    $main = Visit::query()->where('id', '<>', $visit->id)->sole();
    $this->delete("/orders/{$order->id}/along/{$main->id}")->assertSessionHasErrors('schedules');
});

it('makes one order of visits that fall close together on an asset', function () {
    $plant = Plant::build();
    $first = $plant->schedule(['name' => 'One', 'anchor_on' => '2026-04-10']);
    $second = $plant->schedule(['name' => 'Two', 'every' => 60, 'anchor_on' => '2026-04-16'], $plant->motor);
    $plant->schedule(['name' => 'Three', 'every' => 60, 'anchor_on' => '2026-06-20'], $plant->motor);
    $first->standing->update(['next_due_on' => '2026-05-10']);
    $this->as('planner')
        ->get("/assets/{$plant->pump->id}")
        ->assertDontSee('Do visits together');
    // What comes first sets the day, however far off it is.
    $first->standing->update(['next_due_on' => '2026-04-10']);
    $this->get("/assets/{$plant->pump->id}/together")->assertSeeInOrder(['on Fri 10 Apr', 'One', 'Two']);
    // Both within four weeks, but more than a fortnight apart: nothing to offer.
    $first->standing->update(['next_due_on' => '2026-03-28']);
    $second->standing->update(['next_due_on' => '2026-04-13']);
    $this->get("/assets/{$plant->pump->id}")->assertDontSee('Do visits together');
    $second->standing->update(['next_due_on' => '2026-03-30']);
    $this->get("/assets/{$plant->pump->id}")->assertSee('Do visits together');
    $this->get('/outlook')->assertDontSee('Due close together');
    $this->get("/assets/{$plant->pump->id}/together")
        ->assertSeeInOrder(['on Sat 28 Mar', 'One', 'Two'])
        ->assertDontSee('Three');
    $this->post("/assets/{$plant->pump->id}/together", [
        'schedules' => [$second->id, $first->id],
    ])->assertSessionHasNoErrors();
    $order = WorkOrder::query()->sole();
    expect($order->title)
        ->toBe('One')
        ->and($order->visits()->count())
        ->toBe(2);
    // The release can be taken back as a whole.
    $this->delete("/release/{$order->batch_id}")->assertSessionHasNoErrors();
    expect($first->refresh()->standing->in_hand)->toBeNull()->and($second->refresh()->standing->in_hand)->toBeNull();
});

it('releases a part by place, by day and by choice, and leaves the rest', function () {
    $plant = Plant::build();
    $fan = $plant->asset(
        'FAN-1',
        'Roof fan',
        app(App\Register\Actions\SaveLocation::class)(Actor::sundial(), null, $plant->site->id, LocationInput::of([
            'tag' => 'ROOF',
            'name' => 'Roof',
        ]))->tag,
    );
    $here = $plant->schedule(['name' => 'Here']);
    $roof = $plant->schedule(['name' => 'On the roof'], $fan);
    $later = $plant->schedule(['name' => 'Later', 'anchor_on' => '2026-04-10']);
    $place = DB::table('locations')->where('tag', 'ROOF')->value('id');
    $this->as('supervisor')
        ->get("/release?place={$place}")
        ->assertSee('On the roof')
        ->assertDontSee('Here');
    $this->post('/release', ['place' => $place])->assertSessionHasNoErrors();
    expect([
        $roof->refresh()->standing->in_hand === null,
        $here->refresh()->standing->in_hand,
        $plant->site->refresh()->last_released_on,
    ])->toBe([false, null, null]);
    $this->get('/release?until=2026-04-06')
        ->assertSee('as if it were')
        ->assertSeeInOrder(['Here', 'Later']);
    $this->post('/release', ['until' => '2026-04-06', 'schedules' => [$later->id]])->assertSessionHasNoErrors();
    expect([$later->refresh()->standing->in_hand === null, $here->refresh()->standing->in_hand])->toBe([false, null]);
    $this->post('/release');
    expect($here->refresh()->standing->in_hand)
        ->not->toBeNull()
        ->and($plant->site->refresh()->last_released_on)
        ->toBe('2026-03-18');
});

it('releases behind the page where there is much to make, and tells how far it is', function () {
    $plant = Plant::build();
    $first = $plant->schedule();
    $plant->more($first, 200);
    Illuminate\Support\Facades\Queue::fake();
    $this->as('planner')->post('/release');
    $batch = App\Work\Models\ReleaseBatch::query()->sole();
    $this->get("/release/{$batch->id}")->assertSee('Releasing: 0 orders so far');
    Illuminate\Support\Facades\Queue::assertPushed(App\Work\Jobs\ReleaseSite::class, function (
        App\Work\Jobs\ReleaseSite $job,
    ): bool {
        app()->call([$job, 'handle']);

        return true;
    });
    expect($batch->refresh()->made)->toBe(201)->and($batch->who)->toBe('Planner One');
    $this->get("/release/{$batch->id}")->assertSee('201 orders were made');
});

it('says what work like it took, on its method and on an order without hours', function () {
    $plant = Plant::build();
    $method = app(App\Planning\Actions\SaveMethod::class)(Actor::sundial(), null, MethodInput::of([
        'code' => 'M-3',
        'name' => 'Wipe',
        'order_type' => 'preventive',
        'priority' => 'routine',
        'steps' => [['text' => 'Wipe']],
        'labour' => [],
    ]));
    $schedule = $plant->schedule([
        'name' => 'Wipe',
        'method_id' => $method->id,
        'every' => 5,
        'late_share' => 0,
        'lead' => 1,
        'anchor_on' => '2026-03-18',
    ]);
    foreach ([30, 50, 45, 0] as $minutes) {
        app(App\Platform\Clock\Clock::class)->set("{$schedule->refresh()->standing->next_due_on} 09:00:00");
        app()->forgetScopedInstances();
        $order = app(StartWorkOrder::class)(Actor::sundial(), $plant->release());
        if ($minutes === 0) {
            break;
        }
        app(App\Work\Actions\Booking\BookHours::class)(
            Actor::sundial(),
            $order,
            $plant->person('technician'),
            Sundial\Calendar\LocalDate::parse((string) $schedule->standing->next_due_on),
            Sundial\Costing\WorkedMinutes::of($minutes),
        );
        app(FinishWorkOrder::class)(
            Actor::sundial(),
            $order,
            new DateTimeImmutable("{$schedule->standing->next_due_on} 09:00:00"),
        );
        app(App\Work\Actions\Moves\CloseWorkOrder::class)(Actor::sundial(), $order->refresh());
    }
    $this->as('planner')
        ->get("/orders/{$order->id}")
        ->assertSee('3 closed orders: the same method on the same class')
        ->assertSee('45')
        ->assertSee('50');
    $this->get("/methods/{$method->id}")->assertSee('What it took so far');
});
