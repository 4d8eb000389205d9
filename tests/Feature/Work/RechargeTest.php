<?php

declare(strict_types=1);

use App\Work\Models\OrderRecharge;
use App\Work\Models\WorkOrder;
use Illuminate\Support\Facades\DB;
use Tests\Feature\Plant;

/** An order under way on the pump on which 100.05 of a service and an hour at 36.00 are booked. */
function rechargeable(Plant $plant): WorkOrder
{
    $order = $plant->through($plant->raised(), 'approve', 'start');
    test()->as('supervisor')->post("/orders/{$order->id}/services", [
        'service_what' => 'Crane',
        'service_amount' => '100.05',
    ]);
    test()->post("/orders/{$order->id}/bookings", [
        'user_id' => $plant->person('technician')->id,
        'worked_on' => '2026-03-18',
        'time' => '1:00',
    ]);

    return $order;
}

it('recharges what was booked, less a discount, with the tax of the place', function () {
    $plant = Plant::build();
    $order = rechargeable($plant);
    $this->as('administrator')->put('/setup/recharge/tax', ['percent' => '20'])->assertSessionHasNoErrors();
    $this->put('/setup/recharge/tax', ['location_id' => $plant->hall->id, 'percent' => '19']);
    $this->post('/setup/recharge/references', ['name' => 'Project']);
    $this->get('/setup/recharge')->assertSee('19 %')->assertSee('Project');
    $page = "/orders/{$order->id}/recharge";
    $this->as('planner')->get($page)->assertSee('136.05')->assertSee('nobody is asked');
    $this->put($page, [
        'customer' => 'Hollin Ltd',
        'discount' => '6.05',
        'references' => ['Project' => 'P-7', 'Other' => 'x'],
    ])->assertSessionHasNoErrors();
    // (136.05 - 6.05) x 1.19
    $this->get($page)->assertSee('Hollin Ltd')->assertSee('24.70')->assertSee('154.70')->assertSee('P-7');
    $csv = $this->get("{$page}.csv")->streamedContent();
    expect($csv)->toContain('Crane,2026-03-18,1,100.05')->toContain('total,,,154.70');
    expect((string) $this->get("{$page}.pdf")->assertOk()->getContent())->toStartWith('%PDF');
    // A place without a tax of its own takes that of the site.
    $this->as('administrator')->put('/setup/recharge/tax', ['location_id' => $plant->hall->id, 'percent' => '']);
    $this->as('planner')->get($page)->assertSee('156.00');
});

it('takes a total set by hand with a reason, and stays once it is invoiced', function () {
    $plant = Plant::build();
    $order = rechargeable($plant);
    $page = "/orders/{$order->id}/recharge";
    $this->as('planner')->put($page, ['customer' => 'A', 'set_total' => '99'])->assertSessionHasErrors('set_reason');
    $this->put($page, ['customer' => 'A', 'discount' => '200'])->assertSessionHasErrors('discount');
    $this->put($page, ['customer' => ''])->assertSessionHasErrors('customer');
    $set = ['customer' => 'A', 'set_total' => '99', 'set_reason' => 'As agreed by phone'];
    expect(OrderRecharge::query()->count())->toBe(0);
    $this->put($page, $set)->assertSessionHasNoErrors();
    $this->put($page, $set + ['version' => 7])->assertSessionHasErrors('stale');
    $this->put($page, $set + ['version' => 1, 'invoice' => 'R-2026-14'])->assertSessionHasNoErrors();
    $this->get($page)->assertSee('99.00')->assertSee('136.05')->assertSee('invoiced as R-2026-14');
    $this->put($page, $set + ['version' => 2])->assertSessionHasErrors('form');
    $this->as('technician')->get($page)->assertForbidden();
    $log = DB::table('audit_entries')->where('did', 'like', '%R-2026-14%')->value('did');
    expect($log)->toContain('invoiced');
});

it('names a tax that is none', function (array $with, string $field) {
    Plant::build();
    $this->as('administrator')->put('/setup/recharge/tax', $with)->assertSessionHasErrors($field);
    expect(DB::table('recharge_taxes')->count())->toBe(0);
})->with([
    [['percent' => '101'], 'percent'],
    [['percent' => 'much'], 'percent'],
    [['percent' => '-1'], 'percent'],
    [['percent' => '19', 'location_id' => '999'], 'location_id'],
]);
