<?php

declare(strict_types=1);

use App\Work\Models\Booking;
use App\Work\Models\WorkOrder;
use App\Work\Projections\CostShares;
use Illuminate\Support\Facades\DB;
use Tests\Feature\Plant;

/** An order under way on an asset, with a service of so much. */
function costing(Plant $plant, string $tag, string $amount, array $with = []): WorkOrder
{
    $order = $plant->through($plant->raised(['asset' => $tag, ...$with]), 'approve', 'start');
    test()->as('supervisor')
        ->post("/orders/{$order->id}/services", ['service_what' => 'Crane', 'service_amount' => $amount])
        ->assertSessionHasNoErrors();

    return $order;
}

it('puts costs together by place, class, type, kind of work and month, and every figure leads to its orders', function (
    string $by,
    array $seen,
) {
    $plant = Plant::build();
    $plant->asset('P-1', 'Pump 1', 'HALL');
    costing($plant, 'PMP-01', '100');
    costing($plant, 'PMP-01-M', '40');
    costing($plant, 'P-1', '7', ['type' => 'improvement']);
    $this->as('administrator')->put('/setup/work-lists/accounts', ['accounts' => [
        'corrective' => ['services' => '6100', 'labour' => '6200'],
        'improvement' => ['services' => '6100'],
    ]])->assertSessionHasNoErrors();
    $page = $this->as('manager')->get("/costs?by={$by}")->assertOk();
    $page->assertSeeInOrder([...$seen, 'In all', '147.00 EUR']);
    preg_match_all('~href="(/costs/orders\?[^"]+)"~', (string) $page->getContent(), $links);
    $this->get(html_entity_decode((string) end($links[1])))->assertSee('3 orders')->assertSee('147.00 EUR');
    $this->get(html_entity_decode($links[1][3]))->assertSee(end($seen));
})->with([
    ['place', ['Hall', '147.00 EUR']],
    ['class', ['centrifugal pump', '147.00 EUR']],
    ['cost+centre', ['none', '147.00 EUR']],
    ['account', ['6100', '147.00 EUR']],
    ['type', ['corrective', '140.00 EUR']],
    ['planned+or+not', ['unplanned', '140.00 EUR']],
    ['month', ['2026-03', '147.00 EUR']],
]);

it('goes down the tree, and says what was booked on a place or an asset itself', function () {
    $plant = Plant::build();
    costing($plant, 'PMP-01', '100');
    costing($plant, 'PMP-01-M', '40');
    costing($plant, 'HALL', '3');
    $hall = "/L{$plant->hall->id}/";
    $this->as('manager')->get("/costs?under={$hall}")->assertSeeInOrder(['Feed pump 1', '140.00 EUR', 'on it itself']);
    $this->get("/costs?under={$hall}A{$plant->pump->id}/")->assertSeeInOrder([
        'on it itself',
        '100.00 EUR',
        'Motor of feed pump 1',
        '40.00 EUR',
    ]);
    // What nobody could mean is what it is without.
    $this->get("/costs?under=/L1'/&by=nothing&from=2026-02-30&to=x")->assertOk();
    $this->get('/costs?from=2027-01-01&to=2025-01-01')->assertSee('143.00 EUR');
    $this->get('/costs?from=2025-01-01&to=2025-12-31')->assertSee('Nothing was booked');
});

it('counts what mended a failure on planned work as unplanned', function () {
    $plant = Plant::build();
    $order = $plant->started();
    $this->as('supervisor')->put("/orders/{$order->id}/failure", [
        'mode' => 'leaks outside',
        'cause' => 'age and use',
        'action' => 'replaced',
        'found' => 'on a planned visit',
    ]);
    $service = ['service_what' => 'Crane', 'service_amount' => '30'];
    $this->post("/orders/{$order->id}/services", $service);
    $this->post("/orders/{$order->id}/services", ['service_amount' => '12', 'spent_on' => 'failure'] + $service);
    expect(DB::table('cost_entries')->orderBy('id')->pluck('cents', 'work')->all())
        ->toBe(['planned' => 3000, 'unplanned' => 1200]);
});

it('leaves a locked month as it was, and counts what changes later on the first open day', function () {
    $plant = Plant::build();
    $order = costing($plant, 'PMP-01', '100');
    $hours = ['user_id' => $plant->person('technician')->id, 'time' => '1:00'];
    // An hour in February is 30.00, one in March 36.00.
    $this->post("/orders/{$order->id}/bookings", $hours + ['worked_on' => '2026-02-10']);
    $this->as('manager')->post('/costs/lock', ['month' => '2026-03'])->assertSessionHasErrors('month');
    $this->post('/costs/lock', ['month' => '2026-02'])->assertSessionHasNoErrors();
    $this->post('/costs/lock', ['month' => '2026-01'])->assertSessionHasErrors('month');
    $february = static fn (): int => (int) DB::table('cost_entries')->where('on_day', '<', '2026-03-01')->sum('cents');
    $all = static fn (): int => (int) DB::table('cost_entries')->sum('cents');
    expect([$february(), $all()])->toBe([3000, 13000]);
    // Struck out, and booked late: February stays, the sum is right.
    $this->as('supervisor')->post("/orders/{$order->id}/bookings/".Booking::query()->sole()->id.'/strike');
    expect([$february(), $all()])->toBe([3000, 10000]);
    $this->post("/orders/{$order->id}/bookings", $hours + ['worked_on' => '2026-02-11']);
    expect([$february(), $all()])
        ->toBe([3000, 13000])
        ->and(DB::table('cost_entries')->where('on_day', '2026-03-01')->pluck('cents')->sort()->values()->all())
        ->toBe([-3000, 3000]);
    // Counted once more, nothing changes.
    app(CostShares::class)->keep($order->refresh());
    expect([$february(), $all()])->toBe([3000, 13000]);
    $this->as('manager')->get('/costs')->assertSee('locked by Manager One');
    $this->as('planner')->post('/costs/lock', ['month' => '2026-02'])->assertForbidden();
});

it('equals a recount from the rows of the ledgers, by month and kind', function () {
    $plant = Plant::build();
    $order = costing($plant, 'PMP-01', '100.05');
    foreach (['2026-02-27', '2026-03-02', '2026-03-17'] as $day) {
        $this->post("/orders/{$order->id}/bookings", [
            'user_id' => $plant->person('technician')->id,
            'worked_on' => $day,
            'time' => '0:50',
            'time_half' => '0:20',
        ]);
    }
    $this->post("/orders/{$order->id}/parts", ['used_part' => 'Nut', 'used_quantity' => '3', 'used_price' => '0.333']);
    $recount = DB::select(
        'SELECT kind, month, SUM(cents) as cents FROM ('.
            "SELECT 'labour' as kind, DATE_FORMAT(worked_on, '%Y-%m') as month, cost_cents as cents FROM bookings ".
            "UNION ALL SELECT 'parts', DATE_FORMAT(used_on, '%Y-%m'), value_cents FROM part_uses ".
            "UNION ALL SELECT 'services', DATE_FORMAT(booked_on, '%Y-%m'), cents FROM service_bookings".
            ') as rows_of GROUP BY kind, month ORDER BY kind, month',
    );
    $kept = DB::table('cost_entries')
        ->groupByRaw("kind, DATE_FORMAT(on_day, '%Y-%m')")
        ->selectRaw("kind, DATE_FORMAT(on_day, '%Y-%m') as month, SUM(cents) as cents")
        ->orderBy('kind')
        ->orderBy('month')
        ->get()
        ->all();
    expect($kept)->toEqual($recount)->and(count($kept))->toBe(4);
});

it('holds what closed orders cost against what their plans were to cost', function () {
    $plant = Plant::build();
    $order = $plant->raised(['type' => 'improvement']);
    $this->post("/orders/{$order->id}/plan/service", ['service' => 'Crane', 'amount' => '80']);
    $plant->through($order, 'approve', 'start');
    $this->as('supervisor')->post("/orders/{$order->id}/services", [
        'service_what' => 'Crane',
        'service_amount' => '100',
    ]);
    $plant->through($order, 'finish');
    $this->post("/orders/{$order->id}/close")->assertSessionHasNoErrors();
    $this->get('/costs')->assertSee('planned 80.00 EUR, booked 100.00 EUR, 125 %.');
});

it('hands the orders behind a figure out as a file', function () {
    $plant = Plant::build();
    $order = costing($plant, 'PMP-01', '100');
    $file = $this->as('manager')->get('/costs.csv?by=class')->streamedContent();
    expect($file)->toContain("{$order->label()},")->toContain('100.00');
});

it('keeps the copies of place, class and cost centre when the asset moves on', function () {
    $plant = Plant::build();
    $order = costing($plant, 'PMP-01', '100');
    $before = DB::table('cost_entries')->value('path');
    DB::table('assets')->where('id', $plant->pump->id)->update(['path' => '/L999/A1/']);
    $this->post("/orders/{$order->id}/services", ['service_what' => 'Crane', 'service_amount' => '1']);
    expect(DB::table('cost_entries')->distinct()->pluck('path')->all())->toBe([$before]);
});
