<?php

declare(strict_types=1);

use App\People\Actions\SaveSupplier;
use App\People\Inputs\SupplierInput;
use App\Platform\Audit\Actor;
use App\Work\Models\Contract;
use App\Work\Models\WorkOrder;
use Illuminate\Support\Facades\DB;
use Tests\Feature\Plant;

/**
 * An order with 2 x 2 h of a contractor at 60.00 and a crane for 150.00 of theirs.
 *
 * @return array{WorkOrder, int} and the supplier
 */
function contracted(Plant $plant): array
{
    $supplier = app(SaveSupplier::class)(Actor::sundial(), null, SupplierInput::of(['name' => 'Hollin Lifts']))->id;
    $order = $plant->raised();
    test()->post("/orders/{$order->id}/plan/labour", [
        'trade_id' => DB::table('trades')->value('id'),
        'people' => 2,
        'labour_time' => '2 h',
        'contractor_id' => $supplier,
        'agreed_rate' => '60',
        'agreement' => 'F-12',
    ])->assertSessionHasNoErrors();
    test()->post("/orders/{$order->id}/plan/service", [
        'service' => 'Crane',
        'supplier_id' => $supplier,
        'amount' => '150',
    ])->assertSessionHasNoErrors();

    return [$order->refresh(), $supplier];
}

/** Orders it, and tells the address by which they report. */
function orderedFrom(Plant $plant, WorkOrder $order, int $supplier): string
{
    test()->as('planner')->post("/orders/{$order->id}/contractors", [
        'supplier' => $supplier,
        'host' => $plant->person('supervisor')->id,
        'note' => 'Report at the gate',
    ])->assertSessionHasNoErrors();

    return (string) parse_url((string) session('address'), PHP_URL_PATH);
}

it('orders what was agreed, takes the report by a private address, and holds the invoice against it', function () {
    $plant = Plant::build();
    [$order, $supplier] = contracted($plant);
    $page = "/orders/{$order->id}/contractors";
    $this->get("/orders/{$order->id}")->assertSee('Its contractors');
    $this->get($page)->assertSee('agreed')->assertSee('390.00')->assertSee('No insurance and no induction');
    $this->post($page, ['supplier' => $supplier, 'host' => $plant->person('supervisor')->id])
        ->assertSessionHasErrors(['supplier' => "{$order->label()} is draft: what is approved is ordered."]);
    $plant->through($order, 'approve');
    $address = orderedFrom($plant, $order, $supplier);
    $contract = Contract::query()->sole();
    expect((string) $this->get("{$page}/{$contract->id}.pdf")->assertOk()->getContent())->toStartWith('%PDF');
    $this->fresh()->get($address)
        ->assertOk()
        ->assertSee('Supervisor One')
        ->assertSee('Report at the gate')
        ->assertDontSee('390.00');
    $this->post($address, ['reporter' => 'Jo', 'hours' => 'many', 'report' => 'Done'])->assertSessionHasErrors('hours');
    $this->post($address, ['reporter' => 'Jo', 'hours' => '4:30', 'report' => 'Rope changed']);
    $this->as('planner')->post("{$page}/{$contract->id}/accept")->assertForbidden();
    $this->as('supervisor')->get($page)->assertSee('Rope changed')->assertSee('4.5 h');
    $this->post("{$page}/{$contract->id}/accept")->assertSessionHasNoErrors();
    $this->post("{$page}/{$contract->id}/accept")->assertSessionHasErrors('supplier');
    // 4.5 h at 60.00 and the crane.
    $this->get($page)->assertSee('420.00');
    $plant->through($order, 'start');
    $this->post("/orders/{$order->id}/services", [
        'service_what' => 'Invoice 7',
        'service_amount' => '425.50',
        'service_supplier' => $supplier,
    ]);
    $this->get($page)->assertSee('425.50')->assertSee('5.50 EUR more than accepted');
    $this->fresh()->get($address)->assertSee('Your work was accepted');
    $this->post($address, ['reporter' => 'Jo', 'hours' => '9', 'report' => 'More'])->assertSessionHasErrors('report');
    $this->get('/contract/'.str_repeat('x', 40))->assertNotFound();
});

it('orders nothing while their papers have run out on the day of the work', function () {
    $plant = Plant::build();
    [$order, $supplier] = contracted($plant);
    $plant->through($order, 'approve');
    $note = static fn (string $what, string $until) => test()->as('planner')->post("/expiry/on/supplier/{$supplier}", [
        'what' => $what,
        'until' => $until,
    ])->assertSessionHasNoErrors();
    $note('Insurance', '2026-03-19');
    $note('Induction', '2026-12-31');
    $form = ['supplier' => $supplier, 'host' => $plant->person('planner')->id];
    $this->post("/orders/{$order->id}/contractors", $form)->assertSessionHasErrors('supplier');
    $this->get("/suppliers/{$supplier}")->assertSee('Insurance');
    $this->get('/expiry')->assertSee('Hollin Lifts');
    $this->put("/orders/{$order->id}/planned-day", ['planned_on' => '2026-03-19']);
    $this->post("/orders/{$order->id}/contractors", $form)->assertSessionHasNoErrors();
});

it('gives a new address when it is ordered anew, and the old one leads nowhere', function () {
    $plant = Plant::build();
    [$order, $supplier] = contracted($plant);
    $plant->through($order, 'approve');
    $first = orderedFrom($plant, $order, $supplier);
    $second = orderedFrom($plant, $order, $supplier);
    expect(Contract::query()->count())->toBe(1);
    $this->fresh()->get($first)->assertNotFound();
    $this->get($second)->assertOk();
    $other = $plant->raised();
    $this->as('planner')->post("/orders/{$other->id}/contractors", ['supplier' => $supplier, 'host' => 1])
        ->assertSessionHasErrors();
});
