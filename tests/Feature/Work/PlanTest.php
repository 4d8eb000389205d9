<?php

declare(strict_types=1);

use App\Work\Models\FailureRecord;
use App\Work\Models\WorkOrder;
use App\Work\Models\WorkRequest;
use App\Work\Queries\OrderCosts;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Sundial\Work\OrderState;
use Tests\Feature\Plant;

it('is raised from a title and a tag, with the rest filled in, and needs both', function () {
    $plant = Plant::build();
    $order = $plant->raised();
    expect([$order->state, $order->due_on, $order->planned_on, $order->raised_who])
        ->toBe([OrderState::Draft, '2026-03-20', '2026-03-20', $plant->person('planner')->name])
        ->and(DB::table('asset_summaries')->where('asset_id', $plant->pump->id)->value('open_orders'))
        ->toBe(1);
    $this->from('/orders/new')
        ->post('/orders', ['title' => '', 'asset' => 'PMP-01', 'type' => 'corrective', 'priority' => 'soon'])
        ->assertSessionHasErrors('title');
    $this->post('/orders', ['title' => 'x', 'asset' => 'PMP-99', 'type' => 'corrective', 'priority' => 'soon'])
        ->assertSessionHasErrors('asset')
        ->assertSessionHasInput('title', 'x');
    expect(WorkOrder::query()->count())->toBe(1);
});

it('takes the plan of a method along', function () {
    $plant = Plant::build();
    $order = $plant->raised(['method_id' => $plant->method->id]);
    $revision = $plant->method->inForce()->with(['steps', 'labour'])->sole();
    expect($order->steps()->count())
        ->toBe($revision->steps->count())
        ->and($order->planned_minutes)
        ->toBeGreaterThan(0)
        ->and($order->revision_id)
        ->toBe($revision->id);
});

it('reads pasted lines into steps, people and parts, and counts hours and cost to the cent', function () {
    $plant = Plant::build();
    Plant::seal();
    $order = $plant->raised();
    $trade = DB::table('trades')->first();
    DB::table('rates')->where('trade_id', $trade->id)->delete();
    DB::table('rates')->insert(['trade_id' => $trade->id, 'from_day' => '2025-01-01', 'rate' => '31.50']);
    $page = "/orders/{$order->id}";
    $this->post("{$page}/plan/paste", [
        'lines' => "Lock off and drain 20 min\nDraw the seal 50 min\n2 {$trade->name} 1:30\nSEAL-35 x 2",
    ])->assertSessionHasNoErrors();
    $this->post("{$page}/plan/service", ['service' => 'Crane', 'amount' => '60']);
    $order->refresh()->load(['labour', 'parts', 'services', 'bookings.strike', 'uses', 'serviceBookings']);
    $cost = app(OrderCosts::class)->planned($order, \Sundial\Calendar\LocalDate::parse('2026-03-18'));
    expect($order->planned_minutes)
        ->toBe(180)
        ->and([$cost->labour->cents, $cost->parts->cents, $cost->services->cents, $cost->total()->cents])
        ->toBe([9450, 9640, 6000, 25090]);
    $this->get($page)->assertSeeInOrder(['Labour', '94.50', 'Parts', '96.40', 'In all', '250.90']);
    $this->from($page)->post("{$page}/plan/paste", ['lines' => 'NO-1 x 2'])->assertSessionHasErrors('lines');
    expect($order->parts()->count())->toBe(1);
});

it('takes a line off and closes the gap in the steps; a visit keeps its own', function () {
    $plant = Plant::build();
    $order = $plant->raised();
    $page = "/orders/{$order->id}";
    $this->post("{$page}/plan/paste", ['lines' => "One\nTwo\nThree"]);
    $this->delete("{$page}/plan/step/".$order->steps()->where('position', 2)->value('id'));
    expect($order->steps()->pluck('text', 'position')->all())->toBe([1 => 'One', 2 => 'Three']);
    $plant->schedule();
    $visit = $plant->release();
    $step = $visit->steps()->first();
    $this->from("/orders/{$visit->id}")
        ->delete("/orders/{$visit->id}/plan/step/{$step->id}")
        ->assertSessionHasErrors('form');
});

it('hides costs from those who may not see them, in plan, use and ledger', function () {
    $plant = Plant::build();
    Plant::seal();
    $order = $plant->raised(['team_id' => $plant->teamId]);
    $this->post(
        "/orders/{$order->id}/plan/part",
        ['part' => 'SEAL-35', 'part_quantity' => '1', 'source' => 'from store'],
    );
    $plant->through($order, 'approve', 'start');
    $this->post("/orders/{$order->id}/parts", ['used_part' => 'SEAL-35', 'used_quantity' => '1']);
    $this->get("/orders/{$order->id}")->assertSee('48.20');
    $this->fresh()
        ->as('technician')
        ->get("/orders/{$order->id}")
        ->assertSee('Seal kit')
        ->assertDontSee('48.20');
});

it('books what was planned at the finish, less what was used already, and never gives back more', function () {
    $plant = Plant::build();
    Plant::seal();
    $order = $plant->raised();
    $page = "/orders/{$order->id}";
    $this->post("{$page}/plan/part", ['part' => 'SEAL-35', 'part_quantity' => '3', 'source' => 'from store']);
    $plant->through($order, 'approve', 'start');
    $line = $order->parts()->sole();
    $this->post("{$page}/parts", ['line_id' => $line->id, 'used_quantity' => '1']);
    $this->get($page)->assertSee('value="2"', false);
    $this->post("{$page}/finish", ['finished_at' => '2026-03-18T08:00', 'taken' => [$line->id => '2']])
        ->assertSessionHasNoErrors();
    expect($order->uses()->sum('quantity'))->toBe('3.000');
    $this->from($page)
        ->post("{$page}/parts", ['used_part' => 'SEAL-35', 'used_quantity' => '4', 'given_back' => '1'])
        ->assertSessionHasErrors('used_quantity');
    $this->post("{$page}/parts", ['used_part' => 'SEAL-35', 'used_quantity' => '1', 'given_back' => '1']);
    $cost = app(OrderCosts::class)->ofAsset($plant->pump->id);
    expect($cost[2026]->parts->cents)->toBe(9640);
});

it('knows a part by its number, also with spaces in it, and plans none that is not ordered any more', function () {
    $plant = Plant::build();
    $seal = Plant::seal();
    $order = $plant->raised();
    $planned = ['part_quantity' => '1', 'source' => 'from store'];
    foreach (['SEAL-35 XL' => 'Large seal kit', 'SEAL' => 'Cord'] as $number => $name) {
        $seal->replicate()->fill(['number' => $number, 'name' => $name])->save();
    }
    foreach (['SEAL-35 Seal kit', 'SEAL-35 XL', 'SEAL-35 XL Large seal kit', ' SEAL '] as $typed) {
        $this->post("/orders/{$order->id}/plan/part", ['part' => $typed] + $planned)->assertSessionHasNoErrors();
    }
    expect($order->parts()->orderBy('id')->pluck('name')->all())
        ->toBe(['Seal kit', 'Large seal kit', 'Large seal kit', 'Cord']);
    $seal->forceFill(['retired' => true])->save();
    foreach (['SEAL-35', 'SEAL-3'] as $typed) {
        $this->from("/orders/{$order->id}")
            ->post("/orders/{$order->id}/plan/part", ['part' => $typed] + $planned)
            ->assertSessionHasErrors('part');
    }
});

it('is closed when what failed is told, its cost is known, and takes an invoice after that', function () {
    $plant = Plant::build();
    $order = $plant->raised();
    $plant->through($order, 'approve', 'start', 'finish');
    $page = "/orders/{$order->id}";
    $this->as('supervisor')->from($page)->post("{$page}/close")->assertSessionHasErrors('review');
    $this->from($page)
        ->put("{$page}/failure", ['mode' => 'leaks outside', 'cause' => 'age and use'])
        ->assertSessionHasErrors('action');
    $this->put("{$page}/failure", ['mode' => 'leaks outside', 'cause' => 'age and use', 'action' => 'replaced']);
    expect(FailureRecord::query()->sole()->only(['mode', 'cause', 'action', 'asset_id']))->toBe([
        'mode' => 'leaks outside',
        'cause' => 'age and use',
        'action' => 'replaced',
        'asset_id' => $plant->pump->id,
    ]);
    $this->post("{$page}/close")->assertSessionHasNoErrors();
    expect($order->refresh()->state)->toBe(OrderState::Closed);
    $this->post("{$page}/services", ['service_what' => 'Crane', 'service_amount' => '180.50', 'invoice' => 'F-9'])
        ->assertSessionHasNoErrors();
    expect(app(OrderCosts::class)->ofAsset($plant->pump->id)[2026]->services->cents)->toBe(18050);
    $this->get("/assets/{$plant->pump->id}")->assertSee('180.50');
    $this->from($page)->put(
        "{$page}/failure",
        ['mode' => 'x', 'cause' => 'x', 'action' => 'x'],
    )->assertSessionHasErrors();
});

it('books what a service cost once work has begun, once for one press, and takes back what was wrong', function () {
    $plant = Plant::build();
    $order = $plant->raised();
    $page = "/orders/{$order->id}";
    $invoice = ['service_what' => 'Crane', 'service_amount' => '180.50'];
    $this->from($page)->post("{$page}/services", $invoice)->assertSessionHasErrors('service_what');
    $plant->through($order, 'approve', 'start');
    $wrong = [
        'service_what' => [...$invoice, 'service_what' => ''],
        'service_amount' => [...$invoice, 'service_amount' => '0'],
        'service_supplier' => [...$invoice, 'service_supplier' => '9999'],
    ];
    foreach ($wrong as $field => $typed) {
        $this->from($page)->post("{$page}/services", $typed)->assertSessionHasErrors($field);
    }
    $form = [...$invoice, 'once' => (string) Str::uuid()];
    foreach ([1, 2] as $press) {
        $this->post("{$page}/services", $form)->assertRedirect("{$page}#services");
    }
    $cents = static fn (): array => $order->serviceBookings()->orderBy('id')->pluck('cents')->all();
    expect($cents())->toBe([18050]);
    $this->post("{$page}/services", [...$invoice, 'service_amount' => '-180.50'])->assertSessionHasNoErrors();
    expect($cents())->toBe([18050, -18050]);
    $this->as('technician')->post("{$page}/services", $invoice)->assertForbidden();
});

it('commits what was agreed with others, until it is booked or taken back', function () {
    $plant = Plant::build();
    $order = $plant->raised();
    $page = "/orders/{$order->id}";
    $this->post("{$page}/plan/service", ['service' => 'Crane', 'amount' => '60']);
    $this->post("{$page}/plan/service", ['service' => 'Scaffold']);
    [$crane, $scaffold] = $order->services()->orderBy('id')->pluck('id')->all();
    $committed = static fn (): int => app(OrderCosts::class)->committed(
        $order->fresh(['services', 'serviceBookings', 'bookings.strike', 'uses']),
    )->services->cents;
    $this->get($page)->assertSee('Agree on Crane')->assertDontSee('Agree on Scaffold')->assertSee('not agreed yet');
    $this->from($page)->put("{$page}/plan/service/{$scaffold}", ['agreed' => '1'])->assertSessionHasErrors('form');
    $this->put("{$page}/plan/service/{$crane}", ['agreed' => '1'])->assertSessionHasNoErrors();
    $this->put("{$page}/plan/service/{$crane}", ['agreed' => '1'])->assertSessionHasNoErrors();
    expect($committed())->toBe(6000);
    $this->get($page)->assertSee('Take the agreement on Crane back')->assertSee('agreed, not booked yet');
    $this->from($page)->delete("{$page}/plan/service/{$crane}")->assertSessionHasErrors('form');
    $plant->through($order, 'approve', 'start');
    $this->post("{$page}/services", ['service_what' => 'Crane', 'service_amount' => '25']);
    expect($committed())->toBe(3500);
    $this->put("{$page}/plan/service/{$crane}", ['agreed' => '0']);
    expect($committed())->toBe(0);
    $this->delete("{$page}/plan/service/{$crane}")->assertSessionHasNoErrors();
    $elsewhere = $plant->raised();
    $this->from($page)->put("/orders/{$elsewhere->id}/plan/service/{$scaffold}", ['agreed' => '1'])
        ->assertSessionHasErrors('form');
});

it('needs no words of a failure where there was none, but the reason', function () {
    $plant = Plant::build();
    $order = $plant->raised();
    $plant->through($order, 'approve', 'start', 'finish');
    $page = "/orders/{$order->id}";
    $this->from($page)->put("{$page}/failure", ['is_none' => '1'])->assertSessionHasErrors('none_because');
    $this->put("{$page}/failure", ['is_none' => '1', 'none_because' => 'No yarn on the creel']);
    $this->as('supervisor')->post("{$page}/close")->assertSessionHasNoErrors();
});

it('keeps how long an order stood in each state', function () {
    $plant = Plant::build();
    $order = $plant->raised();
    $this->clock->set('2026-03-18 09:00:00');
    $plant->through($order, 'approve');
    $this->clock->set('2026-03-18 11:00:00');
    $plant->through($order, 'start');
    $spans = DB::table('order_spans')->where('order_id', $order->id)->orderBy('id')->get();
    expect($spans->pluck('state')->all())
        ->toBe(['draft', 'planned', 'approved', 'under way'])
        ->and($spans->whereNull('to_at')->pluck('state')->all())
        ->toBe(['under way'])
        ->and($spans[2]->from_at.' '.$spans[2]->to_at)
        ->toBe('2026-03-18 09:00:00.000000 2026-03-18 11:00:00.000000');
});

it('makes a request of what was found during the work, and each shows the other', function () {
    $plant = Plant::build();
    $order = $plant->raised();
    $page = "/orders/{$order->id}";
    $this->post("{$page}/plan/paste", ['lines' => 'Look at the coupling']);
    $plant->through($order, 'approve', 'start');
    $this->from($page)->post("{$page}/found", ['found_soon' => 'can wait'])->assertSessionHasErrors('found_what');
    $this->post("{$page}/found", [
        'found_what' => 'Coupling rubber is cracked',
        'found_soon' => 'can wait',
        'found_step' => '1',
    ])->assertSessionHasNoErrors();
    $request = WorkRequest::query()->sole();
    expect([$request->from_order_id, $request->from_step, $request->asset_id, $request->origin])
        ->toBe([$order->id, 1, $plant->pump->id, 'order']);
    $this->get($page)->assertSee($request->label());
    $this->get("/requests/{$request->id}")->assertSee($order->label());
    $this->from($page)
        ->post("{$page}/found", ['found_what' => 'x', 'found_soon' => 'can wait', 'found_step' => '9'])
        ->assertSessionHasErrors('found_step');
});

it('asks for precautions that were written by hand before the work starts', function () {
    $plant = Plant::build();
    $order = $plant->raised();
    $page = "/orders/{$order->id}";
    $this->post("{$page}/plan/before-start", ['tools' => "Crane\nCrane", 'precautions' => 'Locked off']);
    expect($order->refresh()->tools)->toBe('Crane')->and($order->precautions()->count())->toBe(1);
    $plant->through($order, 'approve');
    $this->as('supervisor')->from($page)->post("{$page}/start")->assertSessionHasErrors('confirmed');
    $this->post("{$page}/start", ['confirmed' => ['1']])->assertSessionHasNoErrors();
});

it('raises an emergency with two lines: approved, stopped, under way, and confirmed afterwards', function () {
    $plant = Plant::build();
    $this->as('technician')->from('/emergency')->post(
        '/emergency',
        ['asset' => 'PMP-01'],
    )->assertSessionHasErrors('broke');
    $this->post('/emergency', ['asset' => 'PMP-01', 'broke' => 'Shaft broken'])->assertSessionHasNoErrors();
    $order = WorkOrder::query()->sole();
    expect([$order->state, $order->type->name, $order->assignee_id, $order->due_on])
        ->toBe([OrderState::UnderWay, 'emergency', $plant->person('technician')->id, '2026-03-18'])
        ->and(DB::table('stops')->where('asset_id', $plant->pump->id)->whereNull('to_at')->count())
        ->toBe(1);
    $this->post("/orders/{$order->id}/confirm")->assertForbidden();
    $this->fresh()
        ->as('supervisor')
        ->get('/today')
        ->assertSeeInOrder(['Emergencies that nobody confirmed', 'Shaft broken']);
    $this->post("/orders/{$order->id}/confirm");
    $this->get('/today')->assertDontSee('Emergencies that nobody confirmed');
    $this->get("/orders/{$order->id}")->assertSee('was told of this emergency');
});

it('raises an emergency on what is down already, and with nobody who works on it yet', function () {
    $plant = Plant::build();
    $this->as('engineer')->post('/emergency', ['asset' => 'PMP-01', 'broke' => 'Shaft broken']);
    $this->post('/emergency', ['asset' => 'PMP-01', 'broke' => 'Coupling broken']);
    expect(WorkOrder::query()->pluck('state')->all())
        ->toBe([OrderState::Approved, OrderState::Approved])
        ->and(DB::table('stops')->count())
        ->toBe(1);
});

it('gives orders and requests to programs, costs to those alone who may see them, and takes reports', function () {
    $plant = Plant::build();
    Plant::seal();
    $order = $plant->raised();
    $this->post(
        "/orders/{$order->id}/plan/part",
        ['part' => 'SEAL-35', 'part_quantity' => '2', 'source' => 'from store'],
    );
    $plant->through($order, 'approve', 'start');
    $this->post("/orders/{$order->id}/parts", ['used_part' => 'SEAL-35', 'used_quantity' => '2']);
    $as = function (string $login) use ($plant): array {
        auth()->forgetGuards();
        $this->fresh();

        return ['Authorization' => 'Bearer '.$plant->person($login)->createToken(
            't',
            ['read', 'write'],
        )->plainTextToken];
    };
    $page = "/api/v1/orders/{$order->id}";
    $this->getJson($page, $as('planner'))
        ->assertJsonPath('cost.parts_cents', 9640)
        ->assertJsonPath('parts.0.number', 'SEAL-35');
    $this->getJson($page, $as('technician'))->assertJsonPath('cost', null);
    $this->getJson('/api/v1/orders?state=closed', $as('planner'))->assertJsonCount(0, 'data');
    $report = ['site' => $plant->site->code, 'tag' => 'PMP-01', 'what' => 'It squeals', 'how_soon' => 'at once'];
    $this->postJson('/api/v1/requests', $report, $as('technician'))->assertCreated()->assertJsonPath('number', 'R-101');
    $this->postJson('/api/v1/requests', ['tag' => 'PMP-99'] + $report, $as('technician'))->assertUnprocessable();
    $this->getJson('/api/v1/requests?state=received', $as('planner'))->assertJsonPath('data.0.tag', 'PMP-01');
});
