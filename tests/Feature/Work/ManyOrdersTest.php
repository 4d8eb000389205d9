<?php

declare(strict_types=1);

use App\Work\Models\WorkOrder;
use Illuminate\Support\Facades\DB;
use Tests\Feature\Plant;

/** Orders on the pump, each due on a day. */
function dueOn(Plant $plant, string ...$days): array
{
    return array_map(
        static fn (string $day): WorkOrder => $plant->raised(['title' => "Job of {$day}", 'due_on' => $day]),
        array_values($days),
    );
}

function ids(WorkOrder ...$orders): array
{
    return array_map(static fn (WorkOrder $one): int => $one->id, array_values($orders));
}

it('shows orders as a table of chosen columns, sorted by any, and as a file', function () {
    $plant = Plant::build();
    dueOn($plant, '2026-04-02', '2026-03-10', '2026-03-25');
    $this->get('/orders/table')->assertSeeInOrder(['Job of 2026-03-10', 'Job of 2026-03-25', 'Job of 2026-04-02']);
    $this->get('/orders/table?sort=-due')->assertSeeInOrder(['Job of 2026-04-02', 'Job of 2026-03-10']);
    foreach (['number', '-title', 'on', 'priority', '-late', 'cost', 'since', 'who', 'x'] as $sort) {
        $this->get("/orders/table?sort={$sort}")->assertOk()->assertSee('Job of 2026-03-10');
    }
    $this->get('/orders/table?over=5')->assertSee('Job of 2026-03-10')->assertDontSee('Job of 2026-03-25');
    $this->post('/orders/table/columns', [
        'columns' => ['title', 'type', 'cost', 'nothing'],
        'order' => ['type' => 1, 'title' => 2, 'cost' => 3],
        'back' => '?over=5',
    ])->assertRedirect('/orders/table?over=5');
    $csv = $this->get('/orders/table.csv')->streamedContent();
    expect(explode("\r\n", $csv)[0])->toBe('type,title,cost')->and($csv)->toContain('corrective,"Job of 2026-03-10"');
    // Nobody learns by a column what they may not see.
    $this->as('technician')->post('/orders/table/columns', ['columns' => ['title', 'cost']]);
    expect($this->get('/orders/table.csv')->streamedContent())->not->toContain('cost');
});

it('changes many after a preview, leads to exactly these, and takes it back', function (
    array $set,
    string $column,
    mixed $then,
) {
    $plant = Plant::build();
    [$first, $second, $other] = dueOn($plant, '2026-03-20', '2026-03-21', '2026-03-22');
    $set['set'] = str_replace('THE TEAM', (string) $plant->teamId, $set['set']);
    $was = $first->getAttribute($column);
    $form = ['orders' => ids($first, $second), 'back' => '?q=Job'] + $set;
    $this->post('/orders/table/preview', $form)
        ->assertOk()
        ->assertSee('Change 2 orders')
        ->assertSee($first->label());
    expect($first->refresh()->getAttribute($column))->toEqual($was);
    $done = $this->post('/orders/table/change', $form)->assertSessionHas('said', '2 orders are changed.');
    expect((string) ($first->refresh()->getRawOriginal($column)))
        ->toBe((string) ($then ?? $plant->teamId))
        ->and($other->refresh()->version)
        ->toBe(1);
    $this->get((string) $done->headers->get('Location'))
        ->assertSee($first->title)
        ->assertSee($second->title)
        ->assertDontSee($other->title);
    // Done once more, nothing is changed; taken back, all is as it was.
    $this->post('/orders/table/change', $form)->assertSessionHas(
        'said',
        str_starts_with($set['value'] ?? '', '+') ? '2 orders are changed.' : 'They held that already.',
    );
    $edit = (int) DB::table('order_edits')->min('id');
    $this->post('/orders/table/undo', ['edit' => $edit, 'back' => '?q=Job']);
    if (! str_starts_with($set['value'] ?? '', '+')) {
        expect($first->refresh()->getAttribute($column))->toEqual($was);
    }
    $this->post('/orders/table/undo', ['edit' => $edit])->assertSessionHasErrors('form');
})->with([
    'a day' => [['set' => 'planned', 'value' => '2026-03-30'], 'planned_on', '2026-03-30'],
    'days later' => [['set' => 'due', 'value' => '+7'], 'due_on', '2026-03-27'],
    'a priority' => [['set' => 'priority=routine'], 'priority', 'routine'],
    'a team' => [['set' => 'team=THE TEAM'], 'team_id', null],
]);

it('names and keeps what a change of many is refused for', function (array $form, string $field) {
    $plant = Plant::build();
    [$order] = dueOn($plant, '2026-03-20');
    $this->from('/orders/table')
        ->post('/orders/table/change', $form + ['orders' => ids($order), 'set' => 'priority=soon'])
        ->assertRedirect('/orders/table')
        ->assertSessionHasErrors($field);
    expect($order->refresh()->version)->toBe(1);
})->with([
    [['set' => ''], 'set'],
    [['set' => 'colour=red'], 'set'],
    [['orders' => []], 'orders'],
    [['orders' => [999999]], 'orders'],
    [['set' => 'team=999'], 'value'],
    [['set' => 'person=999'], 'value'],
    [['set' => 'priority=high'], 'value'],
    [['set' => 'due', 'value' => 'soon'], 'value'],
    [['set' => 'cancel', 'value' => ''], 'value'],
]);

it('moves many, each by its own rules, and says which it left and why', function () {
    $plant = Plant::build();
    [$first, $second, $third] = dueOn($plant, '2026-03-20', '2026-03-21', '2026-03-22');
    $plant->through($third, 'approve', 'start');
    $this->as('planner')->post('/orders/table/preview', ['orders' => ids($first, $third), 'set' => 'approve'])
        ->assertSee('Change 1 order')
        ->assertSee('not possible from there');
    $this->post('/orders/table/change', ['orders' => ids($first, $second, $third), 'set' => 'approve']);
    expect(session('said'))
        ->toStartWith('2 orders are changed.')
        ->toContain($third->label())
        ->and($second->refresh()->state->value)
        ->toBe('approved');
    $this->post('/orders/table/change', ['orders' => ids($third), 'set' => 'hold=parts']);
    expect($third->refresh()->state->value)->toBe('on hold');
    $this->post('/orders/table/undo', ['edit' => (int) DB::table('order_edits')->max('id')]);
    expect($third->refresh()->state->value)->toBe('under way');
    $this->post('/orders/table/change', [
        'everything' => 1,
        'back' => '?state=approved',
        'set' => 'cancel',
        'value' => 'The line is sold',
    ]);
    expect(WorkOrder::query()->where('state', 'cancelled')->count())
        ->toBe(2)
        ->and(DB::table('order_edits')->max('id'))
        ->not->toBeNull();
    $this->post('/orders/table/undo', ['edit' => (int) DB::table('order_edits')->max('id')])
        ->assertSessionHasErrors('form');
});

it('puts what waits longest for review first, on the board and on Today, whenever it was due', function () {
    $plant = Plant::build();
    [$soon, $later] = dueOn($plant, '2026-03-20', '2026-04-20');
    foreach ([$soon, $later] as $order) {
        $plant->through($order, 'approve', 'start');
    }
    $plant->through($later, 'finish');
    $this->clock->set('2026-03-19 08:00:00');
    $plant->through($soon, 'finish');
    $this->as('supervisor')
        ->get('/orders/board')
        ->assertSeeInOrder(['to review', $later->label(), 'done yesterday', $soon->label(), 'done today']);
    $this->get('/today')->assertSeeInOrder(['Waiting for my review', $later->label(), $soon->label()]);
});

it('shows a board by state and by person, and takes a card that is dropped', function () {
    $plant = Plant::build();
    [$first, $second] = dueOn($plant, '2026-03-20', '2026-03-21');
    $plant->through($second, 'approve');
    $this->as('planner')->get('/orders/board')
        ->assertSeeInOrder(['planned', $first->label(), 'approved', $second->label(), 'under way']);
    $this->post('/orders/table/change', ['orders' => ids($first), 'set' => 'approve', 'board' => 'state'])
        ->assertRedirect('/orders/board?by=state');
    $technician = $plant->person('technician');
    $this->post('/orders/table/change', [
        'orders' => ids($first),
        'set' => "person={$technician->id}",
        'board' => 'person',
    ])->assertRedirect('/orders/board?by=person');
    $this->get('/orders/board?by=person')
        ->assertSeeInOrder(['nobody yet', $second->label(), 'Technician One', $first->label()]);
});

it('changes how urgent one order is, and until when', function () {
    $plant = Plant::build();
    [$order] = dueOn($plant, '2026-03-20');
    $this->put("/orders/{$order->id}/urgency", ['priority' => 'soon', 'due_on' => '2026-04-01']);
    expect($order->refresh()->only(['due_on']))
        ->toBe(['due_on' => '2026-04-01'])
        ->and($order->priority->value)
        ->toBe('soon');
    $this->put("/orders/{$order->id}/urgency", ['priority' => 'soon', 'due_on' => '1999-01-01'])
        ->assertSessionHasErrors('due_on');
    $this->get("/orders/{$order->id}")->assertSee('changed how urgent');
});
