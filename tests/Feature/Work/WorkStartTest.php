<?php

declare(strict_types=1);

use App\Work\Models\WorkOrder;
use Illuminate\Support\Facades\DB;
use Tests\Feature\Plant;

/** Puts the stretch in which an order stands back by so many days. */
function stoodFor(WorkOrder $order, int $days): void
{
    DB::table('order_spans')
        ->where('order_id', $order->id)
        ->whereNull('to_at')
        ->update(['from_at' => DB::raw("from_at - INTERVAL {$days} DAY")]);
    DB::table('work_orders')
        ->where('id', $order->id)
        ->update(['since_at' => DB::raw("since_at - INTERVAL {$days} DAY")]);
}

it('shows each open order at the days it has stood where it stands, and marks what is longer than agreed', function () {
    $plant = Plant::build();
    $fresh = $plant->raised();
    $old = $plant->through($plant->raised(['title' => 'Old and approved']), 'approve');
    stoodFor($old, 20);
    $plant->report('Squeals');
    $page = $this->as('planner')->get('/orders')->assertOk();
    $page->assertSeeInOrder([
        'requests',
        '1 to answer',
        'planned',
        '1 to approve',
        "/orders/{$fresh->id}",
        'approved',
        '1 to start',
        "/orders/{$old->id}",
        'Old and approved, 20 d',
    ]);
    expect(substr_count((string) $page->getContent(), 'gnomon long'))->toBe(1);
    // The site agrees to more, and nothing is too long any more.
    $this->as('administrator')
        ->put('/setup/work-rules', ['agreed' => ['approved' => '30', 'nonsense' => '3']])
        ->assertSessionHasNoErrors();
    expect(DB::table('agreed_stays')->where('lane', 'approved')->value('days'))->toBe(30);
    $this->as('planner')->get('/orders')->assertDontSee('gnomon long');
    $this->as('administrator')
        ->put('/setup/work-rules', ['agreed' => ['approved' => '0']])
        ->assertSessionHasErrors('agreed.approved');
});

it('tells the backlog of a trade in weeks of its people, and what of it is ready', function () {
    $plant = Plant::build();
    $order = $plant->raised();
    $this->post("/orders/{$order->id}/plan/paste", ['lines' => '1 fitter 20 h']);
    $approved = $plant->raised();
    $this->post("/orders/{$approved->id}/plan/paste", ['lines' => '1 fitter 10 h']);
    $plant->through($approved, 'approve', 'start');
    $this->as('supervisor')->post("/orders/{$approved->id}/bookings", [
        'user_id' => $plant->person('technician')->id,
        'worked_on' => '2026-03-17',
        'time' => '4:00',
    ])->assertSessionHasNoErrors();
    // 20 h and the 6 h that are left of the ten, by the 37.5 h of the one fitter.
    $this->as('planner')->get('/orders')->assertSeeInOrder(['Backlog', 'fitter', '0.7', '26 h']);
    DB::table('users')->update(['trade_id' => null]);
    $this->get('/orders')->assertSee('nobody is there');
});

it('says what waits for a review, for somebody to be named, for parts and for a permit', function () {
    $plant = Plant::build();
    DB::table('assets')->update(['team_id' => null]);
    $plant->through($plant->raised(), 'approve');
    $held = $plant->through($plant->raised(), 'approve', 'start');
    $this->as('supervisor')->post("/orders/{$held->id}/hold", ['hold_reason' => 'parts']);
    $plant->through($plant->raised(), 'approve', 'start', 'finish');
    $hot = $plant->raised();
    $this->post("/orders/{$hot->id}/plan/before-start", ['permits' => ['hot work']]);
    $plant->through($hot, 'approve');
    $this->get('/orders')->assertSeeInOrder([
        'a review',
        '1 done',
        'somebody to be named',
        '2 approved',
        'parts',
        '1 on hold',
        'look again',
        'a permit',
        '1 to start',
    ]);
    $this->as('stranger')->get('/orders')->assertDontSee('1 on hold');
});

it('counts what was planned for this week and done, and how long a first answer takes', function () {
    $plant = Plant::build();
    $plant->schedule(['anchor_on' => '2026-03-17']);
    $order = $plant->release();
    $request = $plant->report('Squeals');
    DB::table('requests')->where('id', $request->id)->update(['received_at' => '2026-03-18 07:22:00']);
    $this->as('planner')->post("/requests/{$request->id}/accept", [
        'title' => 'Look at it',
        'type' => 'corrective',
        'priority' => 'soon',
    ])->assertSessionHasNoErrors();
    $this->get('/orders')->assertSeeInOrder([
        'this week',
        '0',
        'of 1 planned done',
        'first answer to a request',
        '38 min',
    ]);
    $plant->through($order, 'start', 'finish');
    $this->get('/orders')->assertSeeInOrder(['this week', '1', 'of 1 planned done']);
});
