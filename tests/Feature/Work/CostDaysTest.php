<?php

declare(strict_types=1);

use App\Work\Models\Booking;
use App\Work\Projections\CondensedCosts;
use Illuminate\Support\Facades\DB;
use Tests\Feature\Plant;

it('keeps by day and place what the entries add up to, whatever is booked, struck out and spread anew', function () {
    $plant = Plant::build();
    $order = $plant->through($plant->raised(['asset' => 'PMP-01']), 'approve', 'start');
    $page = "/orders/{$order->id}";
    $hours = ['user_id' => $plant->person('technician')->id, 'time' => '1:00'];
    $this->as('supervisor')->post("{$page}/bookings", $hours + ['worked_on' => '2026-03-16']);
    $this->post("{$page}/bookings", $hours + ['worked_on' => '2026-03-17']);
    $this->post("{$page}/services", ['service_what' => 'Crane', 'service_amount' => '100']);
    $this->post("{$page}/services", ['service_what' => 'Crane', 'service_amount' => '-20']);
    $this->post("{$page}/parts", ['used_part' => 'Nut', 'used_quantity' => '3', 'used_price' => '0.333']);
    expect(costDays())->toBe(costDaysCounted())->and(costDays()['cost_days'])->not->toBe([]);
    $this->post("{$page}/bookings/".Booking::query()->firstOrFail()->id.'/strike')->assertSessionHasNoErrors();
    $this->post("{$page}/assets", ['tags' => 'PMP-01-M'])->assertSessionHasNoErrors();
    expect(costDays())->toBe(costDaysCounted());
});

it('says the same when its lines are added up, and adds up no line twice', function () {
    $plant = Plant::build();
    $order = $plant->through($plant->raised(['asset' => 'PMP-01']), 'approve', 'start');
    $hours = ['user_id' => $plant->person('technician')->id, 'worked_on' => '2026-03-17'];
    foreach (['0:20', '0:30', '0:40'] as $time) {
        $this->as('supervisor')->post("/orders/{$order->id}/bookings", $hours + ['time' => $time]);
    }
    $this->as('manager')->get('/costs')->assertOk();
    $seen = fn (): array => array_map(
        fn (string $by): string => strip_tags((string) $this->get("/costs?by={$by}")->getContent()),
        ['place', 'class', 'month'],
    );
    $before = $seen();
    $lines = DB::table('cost_days')->count();
    $this->artisan('costs:add-up');
    expect($lines)
        ->toBeGreaterThan(1)
        ->and(DB::table('cost_days')->count())
        ->toBe(1)
        ->and(DB::table('cost_place_days')->count())
        ->toBe(1)
        ->and(costDays())
        ->toBe(costDaysCounted())
        ->and($seen())
        ->toBe($before)
        ->and(app(CondensedCosts::class)())
        ->toBe(0);
});

it('names nothing where what was booked was given back', function () {
    $plant = Plant::build();
    $order = $plant->through($plant->raised(['asset' => 'PMP-01']), 'approve', 'start');
    $this->as('supervisor')->post("/orders/{$order->id}/bookings", [
        'user_id' => $plant->person('technician')->id,
        'worked_on' => '2026-03-17',
        'time' => '1:00',
    ]);
    $this->post("/orders/{$order->id}/bookings/".Booking::query()->sole()->id.'/strike');
    $this->as('manager')->get('/costs')->assertSee('Nothing was booked');
    $this->get('/costs?by=type')->assertSee('Nothing was booked');
    $this->artisan('costs:add-up');
    expect(DB::table('cost_days')->count() + DB::table('cost_place_days')->count())->toBe(0);
});

it('keeps beside an order what is booked of it, by which the table sorts and the list is narrowed', function () {
    $plant = Plant::build();
    [$dear, $cheap] = [$plant->raised(['title' => 'Dear one']), $plant->raised(['title' => 'Cheap one'])];
    foreach ([[$dear, '900'], [$cheap, '90']] as [$order, $amount]) {
        $plant->through($order, 'approve', 'start');
        $this->as('supervisor')->post("/orders/{$order->id}/services", [
            'service_what' => 'Crane',
            'service_amount' => $amount,
        ]);
    }
    expect([$dear->refresh()->booked_cents, $cheap->refresh()->booked_cents])->toBe([90000, 9000]);
    $columns = ['columns' => ['title', 'cost'], 'order' => ['title' => 1, 'cost' => 2]];
    $this->as('manager')->post('/orders/table/columns', $columns);
    $this->get('/orders/table?sort=cost')->assertSeeInOrder(['Cheap one', '90.00', 'Dear one', '900.00']);
    expect($this->get('/orders/table.csv?cost=500')->streamedContent())
        ->toContain('Dear one')
        ->not->toContain('Cheap one');
});
