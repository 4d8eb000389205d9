<?php

declare(strict_types=1);

use App\Work\Models\Booking;
use App\Work\Models\OrderService;
use App\Work\Models\ServiceBooking;
use App\Work\Models\WorkOrder;
use App\Work\Queries\OrderCosts;
use Illuminate\Support\Facades\DB;
use Sundial\Costing\SpentOn;
use Sundial\Work\OrderState;
use Tests\Feature\Plant;

it('raises an order of what was found, as urgent as the table says, and each shows the other', function () {
    $plant = Plant::build();
    $order = $plant->started();
    $this->as('planner')
        ->post("/orders/{$order->id}/found-order", [
            'found_what' => "Coupling is cracked\nfrom hub to rim",
            'found_soon' => 'at once',
            'found_step' => '2',
        ])
        ->assertSessionHasNoErrors();
    $new = WorkOrder::query()->where('from_order_id', $order->id)->sole();
    expect([$new->title, $new->from_step, $new->type->name, $new->state, $new->asset_id])
        ->toBe(['Coupling is cracked', 2, 'corrective', OrderState::Draft, $order->asset_id]);
    $this->get("/orders/{$order->id}")->assertSee("{$new->label()}")->assertSee('Coupling is cracked');
    $this->get("/orders/{$new->id}")->assertSee("{$order->label()}")->assertSee('at step 2');
    // Whoever does not raise orders reports it.
    $this->as('technician')
        ->post("/orders/{$order->id}/found-order", ['found_what' => 'x', 'found_soon' => 'can wait'])
        ->assertForbidden();
});

it('keeps hours, parts and services of a failure that was mended on planned work apart from it', function () {
    $plant = Plant::build();
    $order = $plant->started();
    $this->as('supervisor')->get("/orders/{$order->id}")->assertDontSee('Spent on');
    $why = ['cause' => 'age and use', 'action' => 'replaced', 'found' => 'on a planned visit'];
    $this->put("/orders/{$order->id}/failure", ['mode' => 'leaks outside'] + $why)->assertSessionHasNoErrors();
    $this->get("/orders/{$order->id}")->assertSee('Spent on')->assertSee('the failure found here');
    $technician = $plant->person('technician')->id;
    $hours = ['user_id' => $technician, 'worked_on' => '2026-03-17'];
    $this->post("/orders/{$order->id}/bookings", $hours + ['time' => '0:40']);
    $this->post("/orders/{$order->id}/bookings", $hours + ['time' => '1:30', 'spent_on' => 'failure']);
    $this->post("/orders/{$order->id}/parts", [
        'used_part' => 'Gasket from the shop',
        'used_quantity' => '2',
        'used_price' => '4.50',
        'spent_on' => 'failure',
    ])->assertSessionHasNoErrors();
    $this->post("/orders/{$order->id}/services", [
        'service_what' => 'Crane',
        'service_amount' => '80',
        'spent_on' => 'failure',
    ])->assertSessionHasNoErrors();
    $order = WorkOrder::query()->with(['bookings.strike', 'uses', 'serviceBookings'])->findOrFail($order->id);
    $costs = app(OrderCosts::class);
    // 1 h 30 at 36.00, two gaskets, the crane: 54 + 9 + 80.
    expect($costs->booked($order, SpentOn::Failure)->total()->cents)
        ->toBe(14300)
        ->and($costs->booked($order, SpentOn::Plan)->total()->cents)
        ->toBe(2400)
        ->and($costs->booked($order)->total()->cents)
        ->toBe(16700);
    $this->get("/orders/{$order->id}")->assertSee('mending what was found here: 1.5 h · 143.00 EUR', false);
    $this->post("/orders/{$order->id}/finish", ['finished_at' => '2026-03-18T08:00', 'it_is_right' => '1']);
    expect(DB::table('failures')->where('subject_id', $order->id)->count())->toBe(1);
});

it('books an invoice on the service that was planned, and shows it there', function () {
    $plant = Plant::build();
    $order = $plant->raised();
    $this->post("/orders/{$order->id}/plan/service", ['service' => 'Laser alignment', 'amount' => '60']);
    $line = OrderService::query()->sole();
    $plant->through($order, 'approve', 'start');
    $this->as('supervisor')
        ->post("/orders/{$order->id}/services", ['service_line' => $line->id, 'service_amount' => '64.50'])
        ->assertSessionHasNoErrors();
    expect([ServiceBooking::query()->sole()->line_id, ServiceBooking::query()->sole()->what])
        ->toBe([$line->id, 'Laser alignment']);
    $this->get("/orders/{$order->id}")->assertSee('booked 64.50');
    $this->post("/orders/{$order->id}/services", ['service_line' => 999, 'service_amount' => '1'])
        ->assertSessionHasErrors('service_line');
    $this->post("/orders/{$order->id}/services", ['service_amount' => '1'])->assertSessionHasErrors('service_what');
});

it('charges what had to be mended again to the first order', function () {
    $plant = Plant::build();
    $first = $plant->raised();
    $again = $plant->raised(['title' => 'Shaft seal again']);
    $third = $plant->raised(['title' => 'And again']);
    $this->as('supervisor')
        ->put("/orders/{$again->id}/repeats", ['repeats' => $first->label()])
        ->assertSessionHasNoErrors();
    // What repeats a repeat goes to the very first.
    $this->put("/orders/{$third->id}/repeats", ['repeats' => $again->label()])->assertSessionHasNoErrors();
    expect($third->refresh()->repeats_id)->toBe($first->id);
    foreach ([$again, $third] as $one) {
        $plant->through($one, 'approve', 'start');
        $this->post("/orders/{$one->id}/bookings", [
            'user_id' => $plant->person('technician')->id,
            'worked_on' => '2026-03-17',
            'time' => '0:30',
        ])->assertSessionHasNoErrors();
    }
    $this->get("/orders/{$first->id}")
        ->assertSeeInOrder(['Mended again in', $again->label(), $third->label()])
        ->assertSee('36.00 EUR more, 36.00 EUR with this one');
    $this->get("/orders/{$again->id}")->assertSee('its cost goes there');
    $this->as('technician')->get("/orders/{$first->id}")->assertDontSee('36.00 EUR more');
    // Not an earlier one, not one of another machine.
    $elsewhere = $plant->raised(['asset' => 'PMP-01-M']);
    foreach ([$third->label(), $elsewhere->label(), 'W-99999'] as $wrong) {
        $this->as('supervisor')
            ->put("/orders/{$first->id}/repeats", ['repeats' => $wrong])
            ->assertSessionHasErrors('repeats');
    }
    $this->put("/orders/{$third->id}/repeats", ['repeats' => ''])->assertSessionHasNoErrors();
    expect($third->refresh()->repeats_id)->toBeNull();
});

it('takes a repeat over from the request that is accepted', function () {
    $plant = Plant::build();
    $first = $plant->raised();
    $request = $plant->report('Seal squeals again');
    $this->as('planner')
        ->post("/requests/{$request->id}/accept", [
            'title' => 'Seal once more',
            'type' => 'corrective',
            'priority' => 'soon',
            'repeats' => $first->label(),
        ])
        ->assertSessionHasNoErrors();
    expect(WorkOrder::query()->orderByDesc('id')->first()?->repeats_id)->toBe($first->id);
});

it('starts no work before its permits are issued, and is not done before they are handed back', function () {
    $plant = Plant::build();
    $order = $plant->raised();
    $this->post("/orders/{$order->id}/plan/before-start", ['permits' => ['hot work', 'confined space']])
        ->assertSessionHasNoErrors();
    $this->post("/orders/{$order->id}/plan/before-start", ['permits' => ['flying']])->assertSessionHasErrors('permit');
    expect(DB::table('order_permits')->count())->toBe(2);
    $plant->through($order, 'approve');
    $at = "/orders/{$order->id}";
    $this->as('supervisor')->post("{$at}/start")->assertSessionHasErrors('isolation');
    $issue = ['points' => 'Fire watch for an hour', 'valid_until' => '2026-03-18T18:00'];
    $this->post("{$at}/isolation", $issue + ['permit' => 'hot work'])->assertSessionHasNoErrors();
    $this->get($at)->assertSee('a permit is wanted for')->assertSee('permit, hot work');
    $this->post("{$at}/start")->assertSessionHasErrors('isolation');
    $this->post("{$at}/isolation", $issue + ['permit' => 'confined space'])->assertSessionHasNoErrors();
    $this->post("{$at}/isolation", $issue + ['permit' => 'flying'])->assertSessionHasErrors('permit');
    $this->post("{$at}/start")->assertSessionHasNoErrors();
    expect($order->refresh()->state)->toBe(OrderState::UnderWay);
    $finish = ['finished_at' => '2026-03-18T08:00', 'it_is_right' => '1'];
    $this->post("{$at}/finish", $finish)->assertSessionHasErrors('isolation');
    // A permit is no lock: the machine may run meanwhile.
    foreach (DB::table('isolations')->pluck('id') as $id) {
        $this->post("{$at}/isolation/{$id}/lift")->assertSessionHasNoErrors();
    }
    $this->post("{$at}/finish", $finish)->assertSessionHasNoErrors();
    expect($order->refresh()->state)->toBe(OrderState::Done);
});

it('holds a permit against the instant, wherever the site lies', function () {
    $plant = Plant::build();
    // 21:00 there: the permit holds for two hours more.
    DB::table('sites')->where('id', $plant->site->id)->update(['timezone' => 'Pacific/Auckland']);
    $order = $plant->raised();
    $this->post("/orders/{$order->id}/plan/before-start", ['permits' => ['hot work']]);
    $this->as('supervisor')->post("/orders/{$order->id}/isolation", [
        'points' => 'Fire watch',
        'permit' => 'hot work',
        'valid_until' => '2026-03-18T23:00',
    ])->assertSessionHasNoErrors();
    $this->get("/orders/{$order->id}")->assertSee('permit, hot work')->assertDontSee('a permit is wanted for');
});

it('offers and retires kinds of permits of the plant’s own', function () {
    $plant = Plant::build();
    $this->as('administrator')->post('/setup/work-lists/permits', ['name' => 'digging'])->assertSessionHasNoErrors();
    $this->delete('/setup/work-lists/permits', ['name' => 'live electrical work'])->assertSessionHasNoErrors();
    $order = $plant->raised();
    $this->get("/orders/{$order->id}")->assertSee('digging')->assertDontSee('live electrical work');
    expect(Booking::query()->count())->toBe(0);
});
