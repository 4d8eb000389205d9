<?php

declare(strict_types=1);

use App\Stores\Actions\MovePurchase;
use App\Stores\Actions\RaisePurchase;
use App\Stores\Inputs\LineToBuy;
use App\Stores\Inputs\PurchaseInput;
use App\Work\Models\WorkOrder;
use Illuminate\Support\Facades\DB;
use Sundial\Calendar\LocalDate;
use Sundial\Costing\UnitPrice;
use Sundial\Stock\PurchaseMove;
use Tests\Feature\Plant;
use Tests\Feature\Stores\Shelf;

/** @return list<string> what the horizon of a page says of each of its marks, in their order, and where they lead */
function horizonOf(string $role, string $page, string $span = 'month'): array
{
    $html = (string) test()
        ->as($role)
        ->withSession(['horizon.folded' => false, 'horizon.span' => $span])
        ->get($page)
        ->assertOk()
        ->getContent();
    preg_match('/<section class="horizon".*?<\/section>/s', $html, $section);
    preg_match_all('/<a [^>]*href="([^"]*)"[^>]*aria-label="([^"]*)"/', $section[0], $marks, PREG_SET_ORDER);

    return array_map(static fn (array $one): string => html_entity_decode("{$one[2]} > {$one[1]}"), $marks);
}

/** An order of a title on an asset, planned for a day. */
function plannedFor(Plant $plant, string $day, string $title, array $with = []): WorkOrder
{
    $order = $plant->raised(['title' => $title, ...$with]);
    test()
        ->as('planner')
        ->put("/orders/{$order->id}/planned-day", ['planned_on' => $day, 'version' => $order->refresh()->version])
        ->assertSessionHasNoErrors();

    return $order->refresh();
}

it('shows orders that planners move and others only open, late ones from before today among them', function () {
    $plant = Plant::build();
    $seal = plannedFor($plant, '2026-03-20', 'Change the seal');
    $late = plannedFor($plant, '2026-03-19', 'Mend the guard');
    DB::table('work_orders')->where('id', $late->id)->update(['planned_on' => '2026-03-02', 'due_on' => '2026-03-02']);
    $marks = horizonOf('planner', "/assets/{$plant->pump->id}");
    expect($marks)
        ->toHaveCount(2)
        ->and($marks[1])
        ->toBe("W-{$seal->number} Change the seal, Fri 20 Mar. Arrow keys move it, Enter keeps the day > ".
            "/orders/{$seal->id}")
        ->and($marks[0])
        ->toStartWith("W-{$late->number} Mend the guard, ")
        ->and(horizonOf('technician', "/assets/{$plant->pump->id}")[1])
        ->toBe("W-{$seal->number} Change the seal, Fri 20 Mar > /orders/{$seal->id}");
    $this->as('planner')->post("/orders/{$seal->id}/cancel", ['reason' => 'not wanted']);
    expect(horizonOf('planner', "/assets/{$plant->pump->id}"))->toHaveCount(1);
});

it('says many orders of one day together, and leads to them', function () {
    $plant = Plant::build();
    for ($i = 1; $i <= 6; $i++) {
        plannedFor($plant, '2026-03-20', "Job {$i}");
    }
    plannedFor($plant, '2026-03-23', 'Alone');
    $marks = horizonOf('planner', '/orders');
    expect($marks)
        ->toHaveCount(2)
        ->and($marks[0])
        ->toBe('6 orders, Fri 20 Mar > /orders')
        ->and($marks[1])
        ->toContain('Alone, Mon 23 Mar');
});

it('says what of each kind stands on a crowded day, most first, and leads to where most of it is listed', function (
    int $orders,
    int $visits,
    string $said,
) {
    $plant = Plant::build();
    for ($i = 1; $i <= $orders; $i++) {
        plannedFor($plant, '2026-03-20', "Job {$i}");
    }
    for ($i = 1; $i <= $visits; $i++) {
        $plant->schedule(['name' => "Check {$i}", 'anchor_on' => '2026-03-20', 'every' => 12, 'unit' => 'months']);
    }
    expect(horizonOf('planner', "/assets/{$plant->pump->id}")[0])->toBe($said);
})->with([
    [4, 1, '4 orders, 1 visit, Fri 20 Mar > /orders'],
    [2, 3, '3 visits, 2 orders, Fri 20 Mar > /outlook?from=2026-03-20'],
]);

it('stands on the horizon of its place, its method, its schedule and its shutdown', function () {
    $plant = Plant::build();
    $schedule = $plant->schedule(['name' => 'Seal check', 'anchor_on' => '2026-03-20']);
    $order = $plant->release();
    $says = "W-{$order->number} {$order->title}";
    $shutdown = $plant->shutdown();
    $this->as('planner')
        ->post("/shutdowns/{$shutdown->id}/orders", ['numbers' => $order->label()])
        ->assertSessionHasNoErrors();
    foreach ([
        "/places/{$plant->hall->id}", "/methods/{$plant->method->id}", "/schedules/{$schedule->id}",
        "/shutdowns/{$shutdown->id}",
    ] as $page) {
        $marks = implode("\n", horizonOf('planner', $page, 'year'));
        expect(str_contains($marks, $says))->toBeTrue("{$page}: {$marks}");
    }
    expect(implode("\n", horizonOf('planner', "/shutdowns/{$shutdown->id}", 'year')))
        ->toContain("{$shutdown->title}")
        ->toContain("/shutdowns/{$shutdown->id}");
});

it('shows on the horizon of a part what takes some, and what comes', function () {
    $plant = Plant::build();
    $shelf = Shelf::of($plant);
    $stock = $shelf->part('SEAL', [[1, '5.00']]);
    $order = $shelf->approved('Wants three', ['SEAL' => 3], LocalDate::of(2026, 3, 24));
    $purchase = app(RaisePurchase::class)(
        $plant->actor('storekeeper'),
        $plant->site->id,
        PurchaseInput::from(
            DB::table('suppliers')->insertGetId(['name' => 'Hollin Bearings']),
            $shelf->store->id,
            LineToBuy::forShelf($stock->part, 4000, UnitPrice::parse('5.00')),
        )->expected(LocalDate::of(2026, 3, 23)),
    );
    app(MovePurchase::class)($plant->actor('storekeeper'), $purchase, PurchaseMove::Send);
    expect(horizonOf('storekeeper', "/parts/{$stock->part_id}"))->toBe([
        "4 from B-{$purchase->number}, Mon 23 Mar > /purchases/{$purchase->id}",
        "2 for {$order->label()} Wants three, Tue 24 Mar > /orders/{$order->id}",
    ]);
});

it('shows what an asset and what is inside it stood for, one by one or together', function () {
    $plant = Plant::build();
    $stood = static fn (int $assetId, string $from, ?string $to, string $why): int => DB::table('stops')->insertGetId([
        'site_id' => $plant->site->id,
        'asset_id' => $assetId,
        'from_at' => "{$from}:00",
        'to_at' => $to === null ? null : "{$to}:00",
        'reason' => $why,
        'planned' => 0,
        'opened_who' => 'Operator',
        'source' => 'person',
    ]);
    $jam = $stood($plant->motor->id, '2026-03-16 06:00', '2026-03-16 07:00', 'Jam');
    $stood($plant->pump->id, '2026-03-17 06:00', '2026-03-17 06:30', 'Cleaning');
    $stood($plant->pump->id, '2026-03-17 09:00', '2026-03-17 09:30', 'No yarn');
    $open = $stood($plant->pump->id, '2026-03-18 06:00', null, 'no reason yet');
    $marks = horizonOf('planner', "/assets/{$plant->pump->id}", 'week');
    expect(array_values(array_filter($marks, static fn (string $one): bool => str_contains($one, 'sto'))))->toBe([
        "stood: Jam, Mon 16 Mar > /stops/{$jam}",
        "2 stops, Tue 17 Mar > /assets/{$plant->pump->id}#stops",
        "stood: no reason yet, Wed 18 Mar > /stops/{$open}",
    ]);
});

it('is folded on one page and stays folded on the next, and is not asked for then', function () {
    $plant = Plant::build();
    plannedFor($plant, '2026-03-20', 'Change the seal');
    $this->as('planner')->withSession(['horizon.folded' => false])->get('/today?fold=1')->assertOk();
    $page = $this->get("/assets/{$plant->pump->id}")->assertOk();
    $page->assertSee('unfold')->assertDontSee('Arrow keys move it');
    $this->get("/assets/{$plant->pump->id}?fold=0")->assertSee('Arrow keys move it');
});
