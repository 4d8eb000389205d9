<?php

declare(strict_types=1);

use App\Work\Actions\Booking\BookHours;
use App\Work\Actions\Moves\CloseWorkOrder;
use App\Work\Actions\Shutdown\AddToShutdown;
use App\Work\Models\Shutdown;
use App\Work\Models\WorkOrder;
use Illuminate\Support\Facades\DB;
use Sundial\Calendar\LocalDate;
use Sundial\Costing\WorkedMinutes;
use Tests\Feature\Plant;

/** Planned orders of one fitter for an hour each, on what stands. */
function plannedForShutdown(Plant $plant, int $many, string $tag = 'PMP-01'): array
{
    $orders = [];
    for ($i = 1; $i <= $many; $i++) {
        $order = $plant->raised(['asset' => $tag, 'title' => "Job {$i}", 'type' => 'improvement', 'due_on' => '']);
        test()->post("/orders/{$order->id}/plan/paste", ['lines' => '1 fitter 1 h'])->assertSessionHasNoErrors();
        $orders[] = $order->refresh();
    }

    return $orders;
}

function into(Shutdown $shutdown, array $orders, array $with = []): void
{
    test()->as('planner')->post("/shutdowns/{$shutdown->id}/orders", $with + [
        'orders' => array_map(static fn (WorkOrder $one): int => $one->id, $orders),
    ])->assertSessionHasNoErrors();
}

it('is opened for what stands, and offers what is open on it and inside it', function () {
    $plant = Plant::build();
    [$pump, $motor] = [...plannedForShutdown($plant, 1), ...plannedForShutdown($plant, 1, 'PMP-01-M')];
    $plant->asset('P-9', 'Elsewhere pump', 'HALL');
    [$other] = plannedForShutdown($plant, 1, 'P-9');
    $shutdown = $plant->shutdown();
    $this->get("/shutdowns/{$shutdown->id}")
        ->assertSee('begins in 2 d')
        ->assertSee($pump->label())
        ->assertSee($motor->label())
        ->assertDontSee($other->label());
    into($shutdown, [$pump], ['numbers' => "{$motor->label()}, {$other->number}"]);
    expect(WorkOrder::query()->pluck('planned_on')->unique()->all())->toBe(['2026-03-20']);
    $this->get("/shutdowns/{$shutdown->id}")->assertSee('0 min of 3 h done')->assertSee('0 of 3 orders');
    $this->get("/orders/{$motor->id}")->assertSee('Spring stop')->assertSee('turn 1');
    $this->get('/shutdowns')->assertSee('0 of 3');
    // Put in twice, it stands there once; elsewhere it is refused, and named.
    into($shutdown, [$pump]);
    $second = $plant->shutdown(['title' => 'Another']);
    $this->post("/shutdowns/{$second->id}/orders", ['numbers' => $pump->label()])
        ->assertSessionHasErrors(['orders' => "{$pump->label()} is worked in SD-1 already. Take it off there first."]);
    $this->post("/shutdowns/{$shutdown->id}/orders", ['numbers' => 'W-99999'])->assertSessionHasErrors('numbers');
    $this->delete("/shutdowns/{$shutdown->id}/orders/{$pump->id}")->assertSessionHasNoErrors();
    into($second, [$pump]);
});

it('names what is wrong with a shutdown, and keeps what was typed', function (array $with, string $field) {
    Plant::build();
    $this->as('planner')->from('/shutdowns/new')->post('/shutdowns', $with + [
        'title' => 'Stop',
        'standing' => 'PMP-01',
        'from_at' => '2026-03-20T06:00',
        'to_at' => '2026-03-22T18:00',
    ])->assertRedirect('/shutdowns/new')->assertSessionHasErrors($field);
    expect(Shutdown::query()->count())->toBe(0);
})->with([
    [['to_at' => '2026-03-20T06:00'], 'to_at'],
    [['standing' => 'PMP-01 NONE'], 'standing'],
    [['standing' => 'X-1'], 'standing'],
    [['title' => ''], 'title'],
    [['from_at' => '2026-02-30T06:00'], 'from_at'],
]);

it('marks what is added after its scope was frozen, and moves that day no more', function () {
    $plant = Plant::build();
    [$first, $second] = plannedForShutdown($plant, 2);
    $shutdown = $plant->shutdown(['scope_on' => '2026-03-18']);
    into($shutdown, [$first]);
    $this->clock->set('2026-03-19 08:00:00');
    $this->post("/shutdowns/{$shutdown->id}/orders", ['orders' => [$second->id]])
        ->assertSessionHasErrors('late_reason');
    into($shutdown, [$second], ['late_reason' => 'Found cracked']);
    $this->get("/shutdowns/{$shutdown->id}")->assertSee('1 added late')->assertSee('Found cracked');
    $edit = [
        'title' => 'Spring stop',
        'standing' => 'PMP-01',
        'from_at' => '2026-03-20T06:00',
        'to_at' => '2026-03-23T18:00',
        'version' => 1,
    ];
    $this->put("/shutdowns/{$shutdown->id}", $edit + ['scope_on' => '2026-03-25'])->assertSessionHasErrors('scope_on');
    $this->put("/shutdowns/{$shutdown->id}", $edit + ['scope_on' => '2026-03-18'])->assertSessionHasNoErrors();
    $this->put("/shutdowns/{$shutdown->id}", $edit + ['scope_on' => '2026-03-18'])->assertSessionHasErrors('stale');
});

it('tells whoever saves a sequence second which turn of whose order stands otherwise', function () {
    $plant = Plant::build();
    [$first, $second] = plannedForShutdown($plant, 2);
    $shutdown = $plant->shutdown();
    into($shutdown, [$first, $second]);
    $seen = static function () use ($shutdown): string {
        $page = (string) test()->get("/shutdowns/{$shutdown->id}")->getContent();
        preg_match('/name="seen" value="([0-9a-f]+)"/', $page, $found);

        return $found[1];
    };
    $before = $seen();
    $set = fn (int $of, int $turn, string $seen) => $this->put("/shutdowns/{$shutdown->id}/turns", [
        'turns' => [$first->id => $of, $second->id => $turn], 'seen' => $seen,
    ]);
    $set(1, 2, $before)->assertSessionHasNoErrors();
    $set(3, 2, $before)->assertSessionHasErrors([
        'form' => 'Somebody saved this in the meantime. Other than what you typed stand now: '.
            "{$first->label()} “1”. What you typed is still here: look it over, and save again.",
    ]);
    $set(3, 2, $seen())->assertSessionHasNoErrors();
    expect(DB::table('shutdown_orders')->orderBy('order_id')->pluck('turn')->all())->toBe([3, 2]);
});

it('sets the sequence as typed, or by what follows what, and says where an earlier turn is open', function () {
    $plant = Plant::build();
    [$first, $second] = plannedForShutdown($plant, 2);
    $shutdown = $plant->shutdown();
    into($shutdown, [$first, $second]);
    $this->put("/shutdowns/{$shutdown->id}/turns", ['turns' => [$first->id => 7, $second->id => 0]])
        ->assertSessionHasErrors("turns.{$second->id}");
    $this->put("/shutdowns/{$shutdown->id}/turns", ['turns' => [$first->id => 2, $second->id => 1]]);
    $this->get("/orders/{$first->id}")->assertSee('1 order of an earlier turn still open');
    $this->post("/orders/{$second->id}/links", ['link_kind' => 'follows', 'link_to' => $first->label()]);
    $this->put("/shutdowns/{$shutdown->id}/turns", ['how' => 'links'])->assertSessionHasNoErrors();
    expect(DB::table('shutdown_orders')->orderBy('order_id')->pluck('turn')->all())->toBe([1, 2]);
    $this->get("/shutdowns/{$shutdown->id}")->assertSee('what is left takes 2 h at the least');
});

it('approves all at once, and names what is refused', function () {
    $plant = Plant::build();
    DB::table('work_rules')->insert([
        'site_id' => $plant->site->id,
        'limits' => json_encode(['planner' => 4000]),
        'second_to_close' => 'no',
        'hand_back' => 'no',
    ]);
    $orders = plannedForShutdown($plant, 3);
    $this->post("/orders/{$orders[2]->id}/plan/service", ['service' => 'Crane', 'amount' => '500']);
    $shutdown = $plant->shutdown();
    into($shutdown, $orders);
    $this->post("/shutdowns/{$shutdown->id}/approve");
    expect(WorkOrder::query()->pluck('state')->map->value->countBy()->all())->toBe(['approved' => 2, 'draft' => 1]);
    $this->get("/shutdowns/{$shutdown->id}")->assertSee("{$orders[2]->label()} is not:")->assertSee('Approve 1 order');
});

it('isolates what stands once for all that is done inside it', function () {
    $plant = Plant::build();
    $orders = [...plannedForShutdown($plant, 1), ...plannedForShutdown($plant, 1, 'PMP-01-M')];
    $shutdown = $plant->shutdown();
    into($shutdown, $orders);
    $issue = ['isolated' => 'PMP-01', 'points' => "Valve 3\nSwitch 7", 'valid_until' => '2026-03-22T18:00'];
    $this->post("/shutdowns/{$shutdown->id}/isolation", ['isolated' => 'PMP-01-M'] + $issue)
        ->assertSessionHasErrors('isolated');
    $this->as('supervisor')->post("/shutdowns/{$shutdown->id}/isolation", $issue)->assertSessionHasNoErrors();
    expect(DB::table('isolation_orders')->count())->toBe(2)->and(DB::table('isolations')->count())->toBe(1);
    $this->get("/orders/{$orders[1]->id}")->assertSee('I-1')->assertSee('Switch 7');
    // The first is finished behind the locks; the last only when they are off.
    $plant->through($orders[0], 'approve', 'start', 'finish');
    $plant->through($orders[1], 'approve', 'start');
    $this->post("/orders/{$orders[1]->id}/finish", ['finished_at' => '2026-03-18T08:00'])
        ->assertSessionHasErrors('isolation');
});

it('is approved, worked and closed with sixty orders, and over when nothing of it is open', function () {
    $plant = Plant::build();
    [$order] = plannedForShutdown($plant, 1);
    $orders = [$order];
    for ($i = 2; $i <= 60; $i++) {
        $copy = $order->replicate(['open_due_on'])->fill(['number' => 5000 + $i]);
        $copy->save();
        DB::table('order_assets')->insert(['order_id' => $copy->id, 'asset_id' => $plant->pump->id, 'position' => 1]);
        DB::table('order_labour')->insert(['order_id' => $copy->id] + [
            'trade_id' => DB::table('trades')->value('id'),
            'people' => 1,
            'minutes' => 60,
        ]);
        DB::table('order_spans')->insert(
            ['order_id' => $copy->id, 'state' => 'planned', 'from_at' => '2026-03-18 08:00:00'],
        );
        $orders[] = $copy;
    }
    $shutdown = $plant->shutdown();
    app(AddToShutdown::class)($plant->person('planner')->actor(), $shutdown, null, ...$orders);
    $this->post("/shutdowns/{$shutdown->id}/approve")->assertSessionHas('said', '60 orders are approved.');
    $supervisor = $plant->person('supervisor')->actor();
    foreach ($orders as $i => $one) {
        $one = $plant->through($one->refresh(), 'start');
        app(BookHours::class)(
            $supervisor,
            $one,
            $plant->person('technician'),
            LocalDate::parse('2026-03-18'),
            WorkedMinutes::of($i < 8 ? 45 : 1),
        );
        if ($i < 59) {
            app(CloseWorkOrder::class)($supervisor, $plant->through($one, 'finish'));
        }
    }
    $this->get("/shutdowns/{$shutdown->id}")->assertSee('59 h 1 min of 60 h done')->assertSee('59 of 60 orders');
    $this->post("/shutdowns/{$shutdown->id}/over")->assertSessionHasErrors('over');
    app(CloseWorkOrder::class)($supervisor, $plant->through($orders[59]->refresh(), 'finish'));
    $this->get("/shutdowns/{$shutdown->id}")->assertSee('It is over');
    $this->post("/shutdowns/{$shutdown->id}/over")->assertSessionHasNoErrors();
    $this->get("/shutdowns/{$shutdown->id}")->assertSee('over, said Planner One')->assertDontSee('Put orders into it');
    $this->post("/shutdowns/{$shutdown->id}/turns", ['_method' => 'put'])->assertSessionHasErrors('form');
    $csv = $this->get("/shutdowns/{$shutdown->id}/orders.csv")->streamedContent();
    expect(substr_count($csv, "\n"))->toBe(61);
});
