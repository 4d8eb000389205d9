<?php

declare(strict_types=1);

use App\Platform\Clock\Clock;
use App\Work\Models\WorkOrder;
use Illuminate\Support\Facades\DB;
use Sundial\Work\WorkKind;
use Tests\Feature\Plant;

it('offers a type of the plant’s own, and orders of it tell whether they were planned', function () {
    $plant = Plant::build();
    $this->as('administrator')
        ->post('/setup/work-lists/types', ['name' => 'storm damage', 'kind' => 'unplanned'])
        ->assertSessionHasNoErrors();
    $this->as('planner')->get('/orders/new')->assertSee('storm damage</option>', false);
    $this->post('/orders', [
        'title' => 'Mend the roof light',
        'asset' => 'PMP-01',
        'type' => 'storm damage',
        'priority' => 'soon',
    ])->assertSessionHasNoErrors();
    $order = WorkOrder::query()->sole();
    expect([$order->type->name, $order->type->kind])->toBe(['storm damage', WorkKind::Unplanned]);

    // Retired it is offered no more, and the order keeps it.
    $this->as('administrator')
        ->delete('/setup/work-lists/types', ['name' => 'storm damage'])
        ->assertSessionHasNoErrors();
    $this->as('planner')->get('/orders/new')->assertDontSee('storm damage</option>', false);
    $this->get("/orders/{$order->id}")->assertSee('storm damage');
});

it('keeps the types of which it makes orders itself, and refuses one that stands there or is unknown', function () {
    Plant::build();
    $this->as('administrator')
        ->delete('/setup/work-lists/types', ['name' => 'corrective'])
        ->assertSessionHasErrors('type');
    $this->post('/setup/work-lists/types', ['name' => 'inspection', 'kind' => 'planned'])
        ->assertSessionHasErrors('name');
    $this->as('planner')
        ->post('/orders', ['title' => 'x', 'asset' => 'PMP-01', 'type' => 'made up', 'priority' => 'soon'])
        ->assertSessionHasErrors('type');
});

it('holds an order for a reason of the plant’s own, and shows it on Today when it is time to look', function () {
    $plant = Plant::build();
    $plant->schedule();
    $order = $plant->release();
    $at = "/orders/{$order->id}";
    $this->as('administrator')
        ->post('/setup/work-lists/reasons', ['name' => 'scaffold', 'days' => 3])
        ->assertSessionHasNoErrors();
    $this->as('technician')->post("{$at}/start");
    $this->post("{$at}/hold", ['hold_reason' => 'the moon'])->assertSessionHasErrors('hold_reason');
    $this->post("{$at}/hold", ['hold_reason' => 'scaffold', 'look_again_on' => '2026-03-01'])
        ->assertSessionHasErrors('look_again_on');
    $this->post("{$at}/hold", ['hold_reason' => 'scaffold'])->assertSessionHasNoErrors();
    expect($order->refresh()->look_again_on)->toBe('2026-03-21');
    $this->get($at)->assertSee('Looked at again');
    $this->as('planner')->get('/today')->assertDontSee('To look at again: on hold');
    app(Clock::class)->set('2026-03-21 08:00:00');
    $this->as('planner')->get('/today')->assertSee('To look at again: on hold');
    $this->as('technician')->post("{$at}/resume")->assertSessionHasNoErrors();
    expect($order->refresh()->look_again_on)->toBeNull();
});

it('stands at a stage of the plant’s own inside its state, which ends with the state', function () {
    $plant = Plant::build();
    $plant->schedule();
    $order = $plant->release();
    $at = "/orders/{$order->id}";
    $this->as('administrator')
        ->post('/setup/work-lists/stages', ['name' => 'tools set out', 'state' => 'approved'])
        ->assertSessionHasNoErrors();
    $this->post('/setup/work-lists/stages', ['name' => 'filed', 'state' => 'closed'])->assertSessionHasErrors('state');
    $this->as('planner')
        ->put("{$at}/stage", ['stage' => 'waiting for a quote'])
        ->assertSessionHasErrors('stage');
    $this->put("{$at}/stage", ['stage' => 'tools set out'])->assertSessionHasNoErrors();
    $this->get($at)->assertSee('approved · tools set out');
    $this->get('/orders')->assertSee('approved: tools set out');
    $this->as('technician')->post("{$at}/start")->assertSessionHasNoErrors();
    expect($order->refresh()->stage)
        ->toBeNull()
        ->and(DB::table('order_spans')->where('order_id', $order->id)->pluck('stage')->all())
        ->toBe([null, 'tools set out', null]);
});

it('tells on one line how long an order stood where', function () {
    $plant = Plant::build();
    $plant->schedule();
    $order = $plant->release();
    app(Clock::class)->set('2026-03-19 09:00:00');
    $this->as('technician')->post("/orders/{$order->id}/start");
    app(Clock::class)->set('2026-03-19 09:40:00');
    $this->post("/orders/{$order->id}/hold", ['hold_reason' => 'parts']);
    app(Clock::class)->set('2026-03-20 10:40:00');
    $this->get("/orders/{$order->id}")->assertSeeInOrder(
        ['it stood', 'approved', 'under way 40 min', 'on hold, parts 1 d 1 h'],
    );
});

it('offers a reason no more once it is retired, and orders held for it keep it', function () {
    $plant = Plant::build();
    $order = $plant->started();
    $at = "/orders/{$order->id}";
    $this->as('technician')->post("{$at}/hold", ['hold_reason' => 'weather'])->assertSessionHasNoErrors();
    $this->as('administrator')
        ->delete('/setup/work-lists/reasons', ['name' => 'weather'])
        ->assertSessionHasNoErrors();
    $this->as('technician')->get($at)->assertSee('On hold, weather');
    $this->post("{$at}/resume");
    $this->get($at)->assertDontSee('value="weather"', false);
    // It comes back with what it is offered with the next time.
    $this->as('administrator')->post('/setup/work-lists/reasons', ['name' => 'weather', 'days' => 4]);
    $this->as('technician')->post("{$at}/hold", ['hold_reason' => 'weather']);
    expect($order->refresh()->look_again_on)->toBe('2026-03-22');
});

it('lists of the plant refuse what is empty, too long, twice there or of no kind', function (
    string $list,
    array $sent,
    string $field,
) {
    Plant::build();
    $this->as('administrator')
        ->from('/setup/work-lists')
        ->post("/setup/work-lists/{$list}", $sent)
        ->assertSessionHasErrors($field);
})->with([
    ['types', ['name' => '', 'kind' => 'planned'], 'name'],
    ['types', ['name' => 'x', 'kind' => 'half'], 'kind'],
    ['reasons', ['name' => 'parts', 'days' => 1], 'name'],
    ['reasons', ['name' => 'tide', 'days' => 400], 'days'],
    ['stages', ['name' => str_repeat('x', 41), 'state' => 'planned'], 'name'],
    ['stages', ['name' => 'x', 'state' => 'asleep'], 'state'],
]);

it('lets whoever works on an order say its stage, and nobody else', function () {
    $plant = Plant::build();
    $plant->schedule();
    $order = $plant->release();
    $this->as('administrator')->post('/setup/work-lists/stages', ['name' => 'tools set out', 'state' => 'approved']);
    $this->as('engineer')->put("/orders/{$order->id}/stage", ['stage' => 'tools set out'])->assertForbidden();
    $this->as('technician')->put("/orders/{$order->id}/stage", ['stage' => 'tools set out']);
    expect($order->refresh()->stage)->toBe('tools set out');
    $this->put("/orders/{$order->id}/stage", ['stage' => ''])->assertSessionHasNoErrors();
    expect($order->refresh()->stage)->toBeNull();
});

it('offers a stage no more once it is retired; orders in it keep it until they move on', function () {
    $plant = Plant::build();
    $stage = ['state' => 'approved', 'name' => 'tools set out'];
    $this->as('administrator')->post('/setup/work-lists/stages', $stage)->assertSessionHasNoErrors();
    $order = $plant->through($plant->raised(), 'approve');
    $this->as('supervisor')
        ->put("/orders/{$order->id}/stage", ['stage' => 'tools set out'])
        ->assertSessionHasNoErrors();
    $this->as('administrator')
        ->delete('/setup/work-lists/stages', $stage)
        ->assertSessionHas('said', '“tools set out” is offered no more; orders in it keep it until they move on.');
    expect($order->refresh()->stage)->toBe('tools set out');
    $other = $plant->through($plant->raised(), 'approve');
    $this->as('supervisor')
        ->put("/orders/{$other->id}/stage", ['stage' => 'tools set out'])
        ->assertSessionHasErrors('stage');
    $plant->through($order, 'start');
    expect($order->refresh()->stage)->toBeNull();
});
