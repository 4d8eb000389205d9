<?php

declare(strict_types=1);

use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Tests\Feature\Plant;

beforeEach(function () {
    $this->plant = Plant::build();
    $this->order = $this->plant->started();
    $booked = $this->as('technician')->post("/orders/{$this->order->id}/bookings", [
        'user_id' => $this->plant->person('technician')->id,
        'worked_on' => '2026-03-18',
        'time' => '1.5',
    ]);
    $booked->assertSessionHasNoErrors();
});

it('finds nothing where nothing is broken', function () {
    expect(Artisan::call('bench:check'))->toBe(0);
    expect(Artisan::output())->toContain('Everything hangs together.');
});

it('names what does not hang together', function (string $break, string $said) {
    DB::statement($break);
    expect(Artisan::call('bench:check'))->toBe(1);
    expect(Artisan::output())->toContain($said);
})->with([
    'a visit let go' => ["UPDATE visits SET state = 'given back' WHERE state = 'in hand'", 'not in hand'],
    'an order lost' => ['DELETE FROM order_visits', 'without exactly one open order'],
    'a schedule that forgot' => [
        'UPDATE schedule_standings SET visit_id = NULL, in_hand = NULL',
        'schedules in hand without a visit',
    ],
    'an entry twice' => [
        'INSERT INTO audit_entries (at, who, kind, subject_id, site_id, did) '.
        "SELECT at, who, kind, subject_id, site_id, did FROM audit_entries WHERE did LIKE 'started %'",
        'without the entries of their moves',
    ],
    'a cost' => [
        'INSERT INTO bookings (order_id, user_id, worked_on, normal_minutes, rate, cost_cents) '.
        'SELECT order_id, user_id, worked_on, normal_minutes, rate, cost_cents + 1 FROM bookings',
        'bookings of another cost',
    ],
    'a count' => ['UPDATE asset_summaries SET open_orders = open_orders + 1', 'another number of open orders'],
    'a load' => ['UPDATE outlook_loads SET visits = visits + 1', 'days with another load'],
    'a nearness' => ["UPDATE schedule_standings SET nearness = 'late'", 'schedules of another nearness'],
    'an area' => ['UPDATE asset_summaries SET area_id = NULL', 'in another area'],
    'a path' => ["UPDATE assets SET path = '/'", 'whose path is not'],
]);
