<?php

declare(strict_types=1);

use App\Planning\Models\Method;
use App\Stores\Actions\SavePart;
use App\Stores\Inputs\PartInput;
use App\Work\Models\OrderPart;
use App\Work\Models\OrderService;
use App\Work\Models\WorkOrder;
use Tests\Feature\Plant;

/** A plant with two parts in the catalogue, and a method with a ladder that needs them. */
function needing(array $with = []): array
{
    $plant = Plant::build();
    foreach (['P-1' => 'Seal', 'P-2' => 'Bearing'] as $number => $name) {
        $facts = ['number' => $number, 'name' => $name, 'unit' => 'pc', 'price' => '12.50', 'currency' => 'EUR'];
        app(SavePart::class)($plant->person('planner')->actor(), null, PartInput::of($facts));
    }
    $form = $with + [
        'code' => 'M-9',
        'name' => 'Pump service',
        'order_type' => 'preventive',
        'priority' => 'routine',
        'ladder' => 'small 1, large 2',
        'steps' => [['text' => 'Look']],
        'labour' => [['trade_id' => $plant->person('technician')->trade_id, 'people' => 1, 'minutes' => 60]],
        'parts' => "P-1 x 2\nP-2 x 1 from 2",
        'services' => 'Balance the rotor; 60.00 from 2',
        'as' => 'in force',
    ];

    return [$plant, $form];
}

it('holds parts and services by level, says what a visit costs, and gives them to its orders', function () {
    [$plant, $form] = needing();
    $this->as('planner')->post('/methods', $form)->assertSessionHasNoErrors();
    $method = Method::query()->where('code', 'M-9')->sole();
    // An hour at 36.00 and two seals; on the large visit a bearing and the service too.
    $this->get("/methods/{$method->id}")->assertSee('small 61.00 EUR, large 133.50 EUR');
    $this->as('technician')->get("/methods/{$method->id}")->assertSee('Seal')->assertDontSee('61.00');

    $plant->schedule(['method_id' => $method->id, 'name' => 'Small one']);
    $small = $plant->release();
    expect(OrderPart::query()->where('order_id', $small->id)->pluck('name')->all())
        ->toBe(['Seal'])
        ->and(OrderService::query()->where('order_id', $small->id)->count())
        ->toBe(0);
    $this->as('planner')->post('/orders', [
        'title' => 'Service by hand',
        'asset' => 'PMP-01',
        'type' => 'corrective',
        'priority' => 'soon',
        'method_id' => $method->id,
    ])->assertSessionHasNoErrors();
    $order = WorkOrder::query()->where('title', 'Service by hand')->sole();
    expect($order->parts->map->only(['name', 'quantity', 'price'])->all())
        ->toBe([
            ['name' => 'Seal', 'quantity' => '2.000', 'price' => '12.5000'],
            ['name' => 'Bearing', 'quantity' => '1.000', 'price' => '12.5000'],
        ])
        ->and($order->services->map->only(['what', 'planned_cents'])->all())
        ->toBe([['what' => 'Balance the rotor', 'planned_cents' => 6000]]);

    // And back: the plan of that order is kept as a method with its parts and services.
    $this->post("/orders/{$order->id}/method")->assertSessionHasNoErrors();
    $kept = Method::query()->latest('id')->first()->draft;
    expect([$kept->parts->count(), $kept->services->count()])->toBe([2, 1]);
});

it('reads back the file of a method with its parts and services, and sees no change in it', function () {
    [, $form] = needing();
    $this->as('planner')->post('/methods', $form)->assertSessionHasNoErrors();
    $method = Method::query()->where('code', 'M-9')->sole();
    $file = json_decode((string) $this->get("/methods/{$method->id}.json")->getContent(), true);
    expect([$file['parts'], $file['services']])
        ->toBe([['P-1 x 2', 'P-2 x 1 from 2'], ['Balance the rotor; 60.00 from 2']]);
    $this->get("/methods/{$method->id}/edit")->assertSee('P-2 x 1 from 2');
    $this->put("/methods/{$method->id}", ['version' => $method->version] + $form)->assertSessionHasNoErrors();
    expect($method->revisions()->count())->toBe(1);
    $this->put("/methods/{$method->id}", ['parts' => 'P-1 x 3', 'version' => $method->refresh()->version] + $form);
    $this->get("/methods/{$method->id}/compare?old=1&new=2")->assertSee('P-1 x 3');
});

it('refuses a part that the catalogue does not have, and a level that the ladder does not', function (
    array $with,
    string $field,
) {
    [, $form] = needing($with);
    $this->as('planner')->from('/methods/new')->post('/methods', $form)->assertSessionHasErrors($field);
    $this->get('/methods/new')->assertSee($with[$field]);
    expect(Method::query()->where('code', 'M-9')->exists())->toBeFalse();
})->with([
    [['parts' => 'P-404 x 1'], 'parts'],
    [['parts' => 'P-1 x 1 from 4'], 'parts'],
    [['services' => 'Balance; much'], 'services'],
]);

it('brings its parts with a visit that is taken along, and takes them off with it', function () {
    [$plant, $form] = needing();
    $this->as('planner')->post('/methods', $form)->assertSessionHasNoErrors();
    $method = Method::query()->where('code', 'M-9')->sole();
    $plant->schedule();
    $order = $plant->release();
    $along = $plant->schedule(['method_id' => $method->id, 'name' => 'Pump service', 'anchor_on' => '2026-03-24']);
    $this->post("/orders/{$order->id}/along", ['schedules' => [$along->id]])->assertSessionHasNoErrors();
    expect($order->parts()->pluck('name')->all())->toBe(['Seal']);
    $visit = $order->visits()->get()->last()?->visit_id;
    $this->delete("/orders/{$order->id}/along/{$visit}")->assertSessionHasNoErrors();
    expect($order->parts()->count())->toBe(0);
});

it('moves an open order up to the parts of the revision in force, and keeps what was used', function () {
    [$plant, $form] = needing(['parts' => "P-1 x 2\nP-2 x 1", 'services' => 'Balance the rotor; 60.00']);
    $this->as('planner')->post('/methods', $form)->assertSessionHasNoErrors();
    $method = Method::query()->where('code', 'M-9')->sole();
    $plant->schedule(['method_id' => $method->id, 'name' => 'Pump service']);
    $order = $plant->through($plant->release(), 'start');
    $this->as('supervisor')->post("/orders/{$order->id}/parts", [
        'line_id' => $order->parts()->where('name', 'Bearing')->value('id'),
        'used_quantity' => '1',
    ])->assertSessionHasNoErrors();
    $this->as('planner')->put(
        "/methods/{$method->id}",
        ['parts' => 'P-1 x 4', 'services' => '', 'version' => $method->refresh()->version] + $form,
    )->assertSessionHasNoErrors();
    $this->post("/orders/{$order->id}/revision")->assertSessionHasNoErrors();
    expect($order->parts()->orderBy('name')->get()->map->only(['name', 'quantity'])->all())
        ->toBe([['name' => 'Bearing', 'quantity' => '1.000'], ['name' => 'Seal', 'quantity' => '4.000']])
        ->and($order->services()->count())
        ->toBe(0);
});

it('ties a part to a recurring task from its schedule, and takes it off again', function () {
    [$plant, $form] = needing(['parts' => '']);
    $this->as('planner')->post('/methods', $form)->assertSessionHasNoErrors();
    $method = Method::query()->where('code', 'M-9')->sole();
    $schedule = $plant->schedule(['method_id' => $method->id, 'name' => 'Small one']);
    $plant->schedule(['method_id' => $method->id, 'name' => 'Another one']);
    $sheet = "/schedules/{$schedule->id}";
    $this->get($sheet)->assertSee('Parts each visit takes')->assertSee('None yet')->assertSee('1 other');

    $tie = fn (string $line) => $this->from($sheet)->post("/methods/{$method->id}/parts", ['parts' => $line]);
    $tie('P-1 x 2')->assertRedirect($sheet)->assertSessionHas('said');
    $this->get($sheet)->assertSee('Seal')->assertSee('in no store here');
    $order = $plant->release();
    expect($order->parts->map->only(['name', 'quantity'])->all())->toBe([['name' => 'Seal', 'quantity' => '2.000']]);

    // What stood there is replaced, pressed twice it is the same revision, and steps and services stay.
    $tie('P-1 x 3')->assertSessionHasNoErrors();
    $tie('P-1 x 3')->assertSessionHasNoErrors();
    $tie('P-2 x 1 from 2')->assertSessionHasNoErrors();
    $revision = $method->refresh()->inForce()->with(['parts', 'steps', 'services'])->sole();
    expect($revision->number)
        ->toBe(4)
        ->and($revision->parts->map->only(['quantity', 'level'])->all())
        ->toBe([['quantity' => '3.000', 'level' => 1], ['quantity' => '1.000', 'level' => 2]])
        ->and([$revision->steps->count(), $revision->services->count()])
        ->toBe([1, 1])
        ->and($order->refresh()->parts->sole()->quantity)
        ->toBe('2.000');

    // Two at once, the same part at another level; each line is taken off alone.
    $tie("P-2 x 4\nP-1 x 1 from 2")->assertSessionHasNoErrors();
    $this->delete("/methods/{$method->id}/parts", ['number' => 'P-1', 'level' => 1])->assertSessionHasNoErrors();
    $left = $method->inForce()->with('parts.part')->sole()->parts;
    expect($left->map(static fn ($line): array => [$line->part->number, $line->quantity, $line->level])->all())
        ->toBe([['P-2', '1.000', 2], ['P-2', '4.000', 1], ['P-1', '1.000', 2]]);
});

it('refuses to tie what the catalogue does not offer, and where a draft waits', function (string $line, string $says) {
    [, $form] = needing(['parts' => '']);
    $this->as('planner')->post('/methods', $form)->assertSessionHasNoErrors();
    $method = Method::query()->where('code', 'M-9')->sole();
    $this->from('/methods')
        ->post("/methods/{$method->id}/parts", ['parts' => $line])
        ->assertSessionHasErrors('parts');
    expect(session('errors')->first('parts'))->toContain($says)->and(old('parts', session('_old_input.parts')))->toBe(
        $line === '' ? null : $line,
    );
    expect($method->revisions()->count())->toBe(1);
    // The refusal stands where the page begins, and beside the field.
    $this->followingRedirects()
        ->from("/methods/{$method->id}")
        ->post("/methods/{$method->id}/parts", ['parts' => $line])
        ->assertSeeInOrder([$says, 'Steps', $says]);
})->with([
    'no such part' => ['P-77 x 1', 'no part “P-77”'],
    'none of it' => ['P-1 x 0', 'above 0'],
    'a level that the ladder does not have' => ['P-1 x 1 from 4', 'level'],
    'nothing' => ['', 'Name the part by its number'],
]);

it('leaves a draft to whoever writes it', function () {
    [, $form] = needing(['parts' => '']);
    $this->as('planner')->post('/methods', $form);
    $method = Method::query()->where('code', 'M-9')->sole();
    $this->put("/methods/{$method->id}", [
        'purpose' => 'another',
        'as' => 'draft',
        'version' => $method->version,
    ] + $form)->assertSessionHasNoErrors();
    $this->post("/methods/{$method->id}/parts", ['parts' => 'P-1'])->assertSessionHasErrors('parts');
    expect(session('errors')->first('parts'))
        ->toContain('is a draft')
        ->and($method->draft()->sole()->purpose)
        ->toBe('another');
});
