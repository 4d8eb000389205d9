<?php

declare(strict_types=1);

use App\Planning\Actions\SaveMethod;
use App\Planning\Inputs\MethodInput;
use App\Platform\Audit\Actor;
use App\Work\Models\WorkOrder;
use Illuminate\Support\Facades\DB;
use Tests\Feature\Plant;

it('finds orders by number, title, asset, state, batch, and whose they are', function (
    string $query,
    array $expected,
) {
    $plant = Plant::build();
    $plant->schedule(['name' => 'Alpha check']);
    $plant->schedule(['name' => 'Beta check', 'team_id' => null], $plant->motor);
    $plant->release();
    WorkOrder::query()
        ->where('title', 'Beta check')
        ->update(['state' => 'closed', 'finished_at' => '2026-03-17', 'closed_at' => '2026-03-17']);
    $plant->schedule(['name' => 'Gamma check', 'approve_at_once' => false]);
    $plant->release();
    $query = strtr($query, [
        '{pump}' => $plant->pump->id,
        '{batch}' => WorkOrder::query()->where('title', 'Gamma check')->value('batch_id'),
    ]);
    $page = $this->as('technician')
        ->get("/orders?{$query}")
        ->assertOk();
    foreach (['Alpha', 'Beta', 'Gamma'] as $name) {
        $row = "<b>{$name} check</b>";
        in_array($name, $expected, true) ? $page->assertSee($row, false) : $page->assertDontSee($row, false);
    }
})->with([
    'open by default' => ['', ['Alpha', 'Gamma']],
    'all' => ['state=all', ['Alpha', 'Beta', 'Gamma']],
    'a state' => ['state=planned', ['Gamma']],
    'by number' => ['q=W-1001', ['Alpha']],
    'by bare number' => ['q=1003&state=all', ['Gamma']],
    'by title' => ['q=gamma', ['Gamma']],
    'by tag of the asset' => ['q=PMP-01-M&state=all', ['Beta']],
    'mine and my team’s' => ['mine=1&state=all', ['Alpha', 'Gamma']],
    'of one asset' => ['asset={pump}&state=all', ['Alpha', 'Gamma']],
    'what a release made' => ['batch={batch}', ['Gamma']],
    'nothing' => ['q=zzz', []],
]);

it('is narrowed by what an order is, where, in whose hands, how late and how dear', function (
    string $query,
    array $expected,
) {
    $plant = Plant::build();
    DB::table('assets')->update(['team_id' => null]);
    $first = $plant->raised(['title' => 'Alpha', 'due_on' => '2026-03-10', 'team_id' => $plant->teamId]);
    $second = $plant->raised(['title' => 'Beta', 'type' => 'improvement', 'priority' => 'soon', 'asset' => 'HALL']);
    $plant->through($first, 'approve', 'start');
    $this->as('supervisor')->post("/orders/{$first->id}/hold", ['hold_reason' => 'parts']);
    $this->post("/orders/{$first->id}/services", ['service_what' => 'Crane', 'service_amount' => '90']);
    DB::table('order_stages')->insert(['state' => 'draft', 'name' => 'quote', 'position' => 1]);
    $second->fill(['stage' => 'quote'])->save();
    $query = strtr($query, [
        '{team}' => $plant->teamId,
        '{class}' => $plant->pump->class_id,
        '{hall}' => $plant->hall->id,
    ]);
    $page = $this->as('planner')->get("/orders/{$second->id}?{$query}")->assertOk();
    $seen = array_filter(
        ['Alpha', 'Beta'],
        static fn (string $one): bool => str_contains((string) $page->getContent(), "<b>{$one}</b>"),
    );
    expect(array_values($seen))->toBe($expected);
})->with([
    'type' => ['type=improvement', ['Beta']],
    'priority' => ['priority=urgent', ['Alpha']],
    'team' => ['team={team}', ['Alpha']],
    'class' => ['class={class}', ['Alpha']],
    'place and all inside' => ['under={hall}', ['Alpha', 'Beta']],
    'a place that is none' => ['under=99999', ['Alpha', 'Beta']],
    'stage' => ['stage=quote', ['Beta']],
    'reason to hold' => ['hold=parts', ['Alpha']],
    'days late' => ['over=7', ['Alpha']],
    'more days late' => ['over=8', []],
    'cost' => ['cost=90', ['Alpha']],
    'higher cost' => ['cost=90.01', []],
    'a cost that is none' => ['cost=x', ['Alpha', 'Beta']],
    'two at once' => ['hold=parts&type=improvement', []],
]);

it('tells by no filter of a cost what may not be seen', function () {
    $plant = Plant::build();
    $order = $plant->raised(['title' => 'Alpha']);
    $this->as('technician')->get('/orders?cost=1')->assertSee('Alpha');
    expect($order->id)->toBeGreaterThan(0);
});

it('keeps what a list is narrowed by under a name, for oneself or for all, and forgets it', function () {
    $plant = Plant::build();
    $query = "type=corrective&team={$plant->teamId}&nonsense=1";
    $this->as('planner')->get("/orders/narrow?{$query}")->assertSee('Keep this under a name');
    $this->post('/orders/filters', ['name' => '', 'back' => $query])->assertSessionHasErrors('name');
    $this->post('/orders/filters', ['name' => 'Fitters mend', 'back' => $query, 'shared' => '1']);
    $this->post('/orders/filters', ['name' => 'Only mine', 'back' => 'mine=1']);
    $this->get('/orders/narrow')->assertSee('Only mine');
    expect(DB::table('saved_filters')->where('name', 'Fitters mend')->value('query'))
        ->toBe(json_encode(['type' => 'corrective', 'team' => (string) $plant->teamId]));
    $this->as('technician')
        ->get('/orders/narrow')
        ->assertSee('Fitters mend')
        ->assertSee('by Planner One')
        ->assertDontSee('Only mine');
    $id = (int) DB::table('saved_filters')->where('name', 'Fitters mend')->value('id');
    $this->delete("/orders/filters/{$id}")->assertSessionHasErrors('form');
    $this->as('planner')->delete("/orders/filters/{$id}")->assertSessionHasNoErrors();
    $this->get("/orders?team={$plant->teamId}")->assertSee('Only team Fitters');
    // Filters of assets are not offered here.
    $this->post('/assets/table/filters', ['name' => 'Pumps', 'back' => 'q=pump']);
    $this->get('/orders');
    $this->get('/orders/narrow')->assertDontSee('Pumps');
});

it('says in a line what an order waits for now', function () {
    $plant = Plant::build();
    $held = $plant->through($plant->raised(), 'approve', 'start');
    $this->as('supervisor')->post("/orders/{$held->id}/hold", [
        'hold_reason' => 'parts',
        'look_again_on' => '2026-03-23',
    ]);
    $plant->through($plant->raised(), 'approve', 'start', 'finish');
    $this->get('/orders')->assertSee('on hold: parts, look again 23 Mar');
    $this->get('/orders?state=done')->assertSee('waits for review, done');
});

it('says how many orders its filters hide', function () {
    $plant = Plant::build();
    $plant->schedule();
    $plant->release();
    WorkOrder::query()->update(['state' => 'closed', 'finished_at' => '2026-03-17', 'closed_at' => '2026-03-17']);
    $this->as('planner')->get('/orders')->assertSee('Not shown: 1 order done, closed or cancelled.');
    $this->as('planner')->get('/orders?q=zzz')->assertSee('These filters hide 1 order.');
});

it('assigns an open order to a person, a team and a day, and writes it down', function () {
    $plant = Plant::build();
    $plant->schedule();
    $order = $plant->release();
    $technician = $plant->person('technician');
    $form = [
        'team_id' => $plant->teamId,
        'assignee_id' => $technician->id,
        'planned_on' => '2026-03-23',
        'version' => $order->version,
    ];
    $this->as('supervisor')
        ->put("/orders/{$order->id}/assignment", $form)
        ->assertSessionHasNoErrors();
    expect($order->refresh()->assignee_id)->toBe($technician->id)->and($order->planned_on)->toBe('2026-03-23');
    $this->as('planner')
        ->from("/orders/{$order->id}")
        ->put("/orders/{$order->id}/assignment", ['assignee_id' => null] + $form)
        ->assertSessionHasErrors('stale');
    $this->as('planner')
        ->get("/orders/{$order->id}")
        ->assertSee('Supervisor One assigned W-1001')
        ->assertSee('Technician One');
    $order->update(['state' => 'done', 'finished_at' => '2026-03-17']);
    $this->as('planner')
        ->put("/orders/{$order->id}/assignment", ['version' => $order->refresh()->version] + $form)
        ->assertSessionHasErrors('assignee_id');
});

it('offers each person only the moves that are theirs', function (string $role, array $sees, array $not) {
    $plant = Plant::build();
    $order = $plant->started();
    $page = $this->as($role)->get("/orders/{$order->id}");
    array_map($page->assertSee(...), $sees);
    array_map($page->assertDontSee(...), $not);
})->with([
    ['technician', ['Finish the work', 'Put on hold', 'Book the time'], ['Cancel the order', 'Assign it', 'Reopen']],
    ['planner', ['Finish the work', 'Cancel the order', 'Assign it'], ['Review and close']],
    ['manager', ['Steps', 'Hours', 'EUR'], ['Finish the work', 'Put on hold', 'Book the time', 'Cancel the order']],
    ['storekeeper', ['Steps'], ['EUR', 'Finish the work']],
]);

it('searches methods, and says what the search hides', function () {
    $plant = Plant::build();
    app(SaveMethod::class)(Actor::sundial(), null, MethodInput::of([
        'code' => 'M-2',
        'name' => 'Belt check',
        'order_type' => 'inspection',
        'priority' => 'soon',
        'steps' => [['text' => 'Look', 'minutes' => 5]],
        'labour' => [],
    ]));
    $this->as('planner')
        ->get('/methods?q=belt')
        ->assertSee('Belt check')
        ->assertDontSee('Seal check')
        ->assertSee('The filter hides 1.');
    $plant->schedule();
    $this->as('planner')
        ->get("/methods/{$plant->method->id}")
        ->assertSeeInOrder(['Look', 'Grease', 'Lock off', 'fitter', 'PMP-01']);
});
