<?php

declare(strict_types=1);

use App\Planning\Actions\SaveMethod;
use App\Planning\Inputs\MethodInput;
use App\Planning\Models\Visit;
use App\Platform\Audit\Actor;
use App\Work\Models\WorkOrder;
use App\Work\Orders\OpenStates;
use Illuminate\Support\Facades\DB;
use Sundial\Work\OrderState;
use Tests\Feature\Plant;

it('makes an order from a visit, filled from the method', function () {
    $plant = Plant::build();
    $plant->schedule();
    $order = $plant->release();
    expect($order->state)
        ->toBe(OrderState::Approved)
        ->and($order->due_on)
        ->toBe('2026-03-20')
        ->and($order->planned_minutes)
        ->toBe(45)
        ->and($order->steps()->pluck('text')->all())
        ->toBe(['Look', 'Grease'])
        ->and($order->team_id)
        ->toBe($plant->teamId);
    $this->as('planner')
        ->get("/assets/{$plant->pump->id}")
        ->assertSee("in hand {$order->label()}")
        ->assertSee("Open {$order->label()}");
});

it('leads an order from planned to closed, and counts its schedule on', function () {
    $plant = Plant::build();
    $schedule = $plant->schedule(['anchor_on' => '2026-03-10', 'approve_at_once' => false]);
    $order = $plant->release();
    $at = "/orders/{$order->id}";
    expect($order->state)->toBe(OrderState::Planned);
    $this->as('technician')
        ->post("{$at}/start")
        ->assertSessionHasErrors('form');
    $this->as('planner')
        ->post("{$at}/approve")
        ->assertSessionHasNoErrors();
    $this->as('technician')
        ->post("{$at}/start")
        ->assertSessionHasNoErrors();
    $this->as('technician')
        ->post("{$at}/steps/1", ['done' => 1])
        ->assertSessionHasNoErrors();
    $this->as('technician')
        ->post("{$at}/hold", [])
        ->assertSessionHasErrors('hold_reason');
    $this->as('technician')
        ->post("{$at}/hold", ['hold_reason' => 'parts'])
        ->assertSessionHasNoErrors();
    $this->as('technician')
        ->post("{$at}/resume")
        ->assertSessionHasNoErrors();
    $this->as('technician')
        ->post("{$at}/bookings", [
            'user_id' => $plant->person('technician')->id,
            'worked_on' => '2026-03-18',
            'time_half' => '50 min',
        ])
        ->assertSessionHasNoErrors();
    $this->as('technician')
        ->post("{$at}/finish", ['finished_at' => '2026-03-18T08:00'])
        ->assertSessionHas(
            'said',
            "{$order->label()} is done. Next visit 13 Apr. Its order is made on 8 Apr, by itself.",
        );
    $schedule->refresh();
    // Done 8 days late; 50 % carry-over makes that 4 days: 9 April becomes 13 April.
    expect($schedule->standing->next_due_on)
        ->toBe('2026-04-13')
        ->and($schedule->last_done_on)
        ->toBe('2026-03-18')
        ->and($schedule->standing->next_number)
        ->toBe(2)
        ->and($schedule->standing->in_hand)
        ->toBeNull()
        ->and($order->refresh()->bookings()->sole()->cost_cents)
        ->toBe(4500);
    $this->as('planner')
        ->get("/schedules/{$schedule->id}")
        ->assertSee('Done 8 days late, carry-over 50 %: 4 days later');
    $this->as('technician')
        ->post("{$at}/close")
        ->assertForbidden();
    $this->as('supervisor')
        ->post("{$at}/close", ['review' => 'Good'])
        ->assertSessionHasNoErrors();
    $this->as('planner')
        ->post("{$at}/bookings", [
            'user_id' => $plant->person('technician')->id,
            'worked_on' => '2026-03-18',
            'time' => '5 min',
        ])
        ->assertSessionHasErrors('minutes');
    $this->as('technician')
        ->post("{$at}/steps/2", ['done' => 1])
        ->assertSessionHasErrors('step');
    $this->as('supervisor')->get($at)->assertSee('closed and locked')->assertSee('45.00 EUR')->assertSee('Reopen');
});

it('counts from the day of a back-dated finish, at the site', function () {
    $plant = Plant::build();
    $this->clock->set('2026-04-01 08:00:00');
    $schedule = $plant->schedule(['late_share' => 100, 'early_share' => 100]);
    $order = $plant->release();
    $this->as('technician')->post("/orders/{$order->id}/start");
    $this->as('technician')
        ->post("/orders/{$order->id}/finish", ['finished_at' => '2026-04-02T08:00'])
        ->assertSessionHasErrors('finished_at');
    // 23:30 in London on 31 March is 22:30 UTC: summer time has begun.
    $this->as('technician')
        ->post("/orders/{$order->id}/finish", ['finished_at' => '2026-03-31T23:30', 'it_is_right' => 1])
        ->assertSessionHasNoErrors();
    expect($order->refresh()->finished_at)
        ->toStartWith('2026-03-31 22:30')
        ->and($schedule->refresh()->standing->next_due_on)
        ->toBe('2026-04-30');
    $this->as('technician')
        ->put("/orders/{$order->id}/finish", ['finished_at' => '2026-03-25T10:00', 'it_is_right' => 1])
        ->assertSessionHasNoErrors();
    expect($schedule->refresh()->standing->next_due_on)
        ->toBe('2026-04-24')
        ->and($schedule->standing->next_number)
        ->toBe(2)
        ->and(Visit::query()->count())
        ->toBe(1);
});

it('records the points that a late completion missed', function () {
    $plant = Plant::build();
    $schedule = $plant->schedule(['late_share' => 0, 'anchor_on' => '2026-03-20', 'every' => 7]);
    $order = $plant->release();
    $this->clock->set('2026-04-11 08:00:00');
    $this->as('technician')->post("/orders/{$order->id}/start");
    $this->as('technician')->post("/orders/{$order->id}/finish", ['finished_at' => '2026-04-11T08:00']);
    expect(
        Visit::query()
            ->orderBy('number')
            ->toBase()
            ->get(['number', 'planned_on', 'state'])
            ->map(static fn (object $visit): array => (array) $visit)
            ->all(),
    )
        ->toBe([
            ['number' => 1, 'planned_on' => '2026-03-20', 'state' => 'done'],
            ['number' => 2, 'planned_on' => '2026-03-27', 'state' => 'missed'],
            ['number' => 3, 'planned_on' => '2026-04-03', 'state' => 'missed'],
            ['number' => 4, 'planned_on' => '2026-04-10', 'state' => 'missed'],
        ])
        ->and($schedule->refresh()->standing->next_number)
        ->toBe(5)
        ->and($schedule->standing->next_due_on)
        ->toBe('2026-04-17');
    // Reopened: as if it had not been done.
    $this->as('supervisor')
        ->post("/orders/{$order->id}/reopen", ['reason' => 'Wrong pump'])
        ->assertSessionHasNoErrors();
    expect($schedule->refresh()->standing->next_due_on)
        ->toBe('2026-03-20')
        ->and($schedule->standing->in_hand)
        ->toBe($order->label())
        ->and($schedule->standing->next_number)
        ->toBe(1)
        ->and(Visit::query()->count())
        ->toBe(1);
});

it('leaves the next date alone when a reopened order’s next visit has an order already', function () {
    $plant = Plant::build();
    $schedule = $plant->schedule(['late_share' => 0]);
    $order = $plant->release();
    $this->as('technician')->post("/orders/{$order->id}/start");
    $this->as('technician')->post("/orders/{$order->id}/finish", ['finished_at' => '2026-03-18T08:00']);
    $this->clock->set('2026-04-16 08:00:00');
    $next = $plant->release();
    expect($next->id)->not->toBe($order->id);
    $this->as('supervisor')
        ->post("/orders/{$order->id}/reopen", ['reason' => 'Leaks'])
        ->assertSessionHas(
            'said',
            "{$order->label()} is under way again. Its schedule keeps its next date, because the next visit has an ".
                'order already.',
        );
    $this->as('technician')
        ->post("/orders/{$order->id}/finish", ['finished_at' => '2026-04-16T08:00'])
        ->assertSessionHasNoErrors();
    expect($schedule->refresh()->standing->in_hand)
        ->toBe($next->label())
        ->and(Visit::query()->count())
        ->toBe(2);
});

it('skips or gives back the visit of a cancelled order', function (
    string $choice,
    string $nextDue,
    int $nextNumber,
    string $state,
) {
    $plant = Plant::build();
    $schedule = $plant->schedule();
    $order = $plant->release();
    $this->as('planner')
        ->post("/orders/{$order->id}/cancel", ['reason' => 'No access'])
        ->assertSessionHasErrors('visits');
    $this->as('planner')
        ->post("/orders/{$order->id}/cancel", ['visits' => $choice])
        ->assertSessionHasErrors('reason');
    $this->as('planner')
        ->post("/orders/{$order->id}/cancel", ['reason' => 'No access', 'visits' => $choice])
        ->assertSessionHasNoErrors();
    expect($schedule->refresh()->standing->next_due_on)
        ->toBe($nextDue)
        ->and($schedule->standing->next_number)
        ->toBe($nextNumber)
        ->and(Visit::query()->sole()->state->value)
        ->toBe($state);
    $again = $plant->release();
    expect($again->id !== $order->id)->toBe($choice === 'give back');
    if ($choice === 'give back') {
        expect(Visit::query()->sole())
            ->number->toBe(1)
            ->state->value->toBe('in hand')
            ->label->toBe($again->label());
    }
})->with([['skip', '2026-04-19', 2, 'skipped'], ['give back', '2026-03-20', 1, 'given back']]);

it('keeps the revision that an order was made from', function () {
    $plant = Plant::build();
    $order = $plant->started();
    app(SaveMethod::class)(Actor::sundial(), $plant->method, MethodInput::of([
        'code' => 'M-1',
        'name' => 'Seal check',
        'order_type' => 'preventive',
        'priority' => 'routine',
        'steps' => [['text' => 'Something else', 'minutes' => 1]],
        'labour' => [],
    ]));
    $this->as('planner')
        ->get("/orders/{$order->id}")
        ->assertSee('Grease')
        ->assertDontSee('Something else')
        ->assertSee('A newer revision of Seal check is in force');
});

it('costs hours at the rate of the day and refuses impossible ones', function () {
    $plant = Plant::build();
    $order = $plant->started();
    $book = fn (array $with) => $this->as('planner')->post(
        "/orders/{$order->id}/bookings",
        $with + [
            'user_id' => $plant->person('technician')->id,
            'worked_on' => '2026-03-18',
            'time' => '1',
        ],
    );
    $book(['worked_on' => '2026-02-27'])->assertSessionHasNoErrors();
    $book([])->assertSessionHasNoErrors();
    expect($order->bookings()->pluck('cost_cents')->all())->toBe([3000, 3600]);
    $book(['worked_on' => '2026-03-19'])->assertSessionHasErrors('worked_on');
    $book(['time' => ''])->assertSessionHasErrors('time');
    $book(['time' => '24'])->assertSessionHasErrors('minutes');
    $this->as('technician')
        ->post("/orders/{$order->id}/bookings", [
            'user_id' => $plant->person('planner')->id,
            'worked_on' => '2026-03-18',
            'time' => '1',
        ])
        ->assertForbidden();
    $this->as('technician')
        ->get("/orders/{$order->id}")
        ->assertDontSee('36.00');
    $this->as('planner')
        ->post("/orders/{$order->id}/bookings/".$order->bookings()->firstOrFail()->id.'/strike')
        ->assertSessionHasNoErrors();
    $this->as('planner')
        ->get("/orders/{$order->id}")
        ->assertSee('booked 1 h');
});

it('shows what a release would make and leave, and links what it made', function () {
    $plant = Plant::build();
    $plant->schedule();
    $plant->schedule(['anchor_on' => '2026-03-30', 'name' => 'Later check'], $plant->motor);
    $this->as('supervisor')
        ->get('/release')
        ->assertSee('Release 1 order')
        ->assertSeeInOrder(['Would be left', 'Later check', 'lead not come, comes 25 Mar']);
    $location = $this->as('supervisor')->post('/release')->headers->get('Location');
    $this->as('supervisor')->get($location)->assertSee('1 order was made')->assertSee('W-1001');
    $this->as('supervisor')->post('/release');
    expect(WorkOrder::query()->count())->toBe(1);
});

it('names the first visits of a large release, and says that there are more', function () {
    $plant = Plant::build();
    $plant->more($plant->schedule(), 405);
    $this->as('supervisor')->get('/release')->assertSee('Release all that are due')->assertSee('the first 400;');
    DB::table('schedule_standings')->orderByDesc('schedule_id')->limit(6)->delete();
    $this->get('/release')->assertSee('Release 400 orders');
});

it('releases by itself once a day, at the hour of the site, and catches up', function () {
    $plant = Plant::build();
    $plant->schedule();
    $this->clock->set('2026-03-18 03:30:00');
    $this->artisan('release:daily');
    expect(WorkOrder::query()->count())->toBe(0);
    $this->clock->set('2026-03-18 04:00:00');
    $this->artisan('release:daily');
    $this->artisan('release:daily');
    expect(WorkOrder::query()->count())
        ->toBe(1)
        ->and($plant->site->refresh()->last_released_on)
        ->toBe('2026-03-18');
    // Auckland was already past its hour.
    expect($plant->otherSite->refresh()->last_released_on)->toBe('2026-03-18');
});

it('counts the same states as open in the database as in the core', function () {
    expect(OpenStates::VALUES)->toBe(
        array_values(
            array_map(
                fn (OrderState $state): string => $state->value,
                array_filter(OrderState::cases(), fn (OrderState $state): bool => $state->isOpen()),
            ),
        ),
    );
});

it('takes the day of the site through changes of the clock', function (string $zone, string $instant, string $day) {
    expect(
        (string) (new App\Platform\Sites\Site(['timezone' => $zone]))->dayOf(
            new DateTimeImmutable($instant, new DateTimeZone('UTC')),
        ),
    )->toBe($day);
})->with([
    'London, the last minute before the clock goes on' => ['Europe/London', '2026-03-29 00:59', '2026-03-29'],
    'London in summer, half past midnight' => ['Europe/London', '2026-03-29 23:30', '2026-03-30'],
    'London, the hour that comes twice' => ['Europe/London', '2026-10-25 01:30', '2026-10-25'],
    'London in winter, before midnight' => ['Europe/London', '2026-10-25 23:30', '2026-10-25'],
    'Auckland, the day before ends' => ['Pacific/Auckland', '2026-04-04 10:59', '2026-04-04'],
    'Auckland, the day on which the clock goes back begins' => [
        'Pacific/Auckland',
        '2026-04-04 11:00',
        '2026-04-05',
    ],
    'Auckland, it has 25 hours' => ['Pacific/Auckland', '2026-04-05 11:59', '2026-04-05'],
    'Auckland, the next' => ['Pacific/Auckland', '2026-04-05 12:00', '2026-04-06'],
    'Auckland, a day of 23 hours ends' => ['Pacific/Auckland', '2026-09-27 10:59', '2026-09-27'],
    'Auckland, the day after' => ['Pacific/Auckland', '2026-09-27 11:00', '2026-09-28'],
]);
