<?php

declare(strict_types=1);

use App\Planning\Actions\SaveMethod;
use App\Planning\Inputs\MethodInput;
use App\Platform\Audit\Actor;
use App\Work\Models\WorkOrder;
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
        in_array($name, $expected, true) ? $page->assertSee("{$name} check") : $page->assertDontSee("{$name} check");
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
