<?php

declare(strict_types=1);

use App\Work\Models\WarrantyClaim;
use Illuminate\Support\Facades\DB;
use Tests\Feature\Plant;

/** The pump is under warranty through a day. */
function warrantedUntil(Plant $plant, string $day): void
{
    DB::table('assets')->where('id', $plant->pump->id)->update(['warranty_until' => $day]);
}

it('warns on an order of an asset under warranty, and on no other', function () {
    $plant = Plant::build();
    $order = $plant->raised();
    $this->get("/orders/{$order->id}")->assertDontSee('under warranty');
    warrantedUntil($plant, '2026-03-18');
    $this->get("/orders/{$order->id}")->assertSee('PMP-01 is under')->assertSee('until 18 Mar');
    warrantedUntil($plant, '2026-03-17');
    $this->get("/orders/{$order->id}")->assertDontSee('is under');
    $this->get('/claims')->assertSee('Nothing was claimed yet');
});

it('claims, keeps the parts, and books the credit against the order when it is granted', function () {
    $plant = Plant::build();
    warrantedUntil($plant, '2027-01-01');
    $order = $plant->through($plant->raised(), 'approve', 'start');
    $this->as('supervisor')->post("/orders/{$order->id}/services", [
        'service_what' => 'New seal',
        'service_amount' => '120',
    ]);
    $this->post("/orders/{$order->id}/claims", [
        'claim_asset' => $plant->pump->id,
        'claim_what' => 'Seal failed after 40 h',
        'claim_kept' => 'Shelf 3',
    ])->assertSessionHasNoErrors();
    $claim = WarrantyClaim::query()->sole();
    $this->get('/claims')->assertSee('Seal failed after 40 h')->assertSee('Shelf 3');
    $decide = "/orders/{$order->id}/claims/{$claim->id}";
    $this->put($decide, ['claim_state' => 'granted'])->assertSessionHasErrors('credit');
    $this->put($decide, ['claim_state' => 'refused'])->assertSessionHasErrors('claim_reason');
    $this->put($decide, ['claim_state' => 'claimed'])->assertSessionHasErrors('claim_state');
    $this->put($decide, ['claim_state' => 'granted', 'credit' => '80'])->assertSessionHasNoErrors();
    $this->put($decide, ['claim_state' => 'granted', 'credit' => '80'])->assertSessionHasErrors('claim');
    expect(DB::table('cost_entries')->orderBy('id')->pluck('cents')->all())->toBe([12000, -8000]);
    $this->get("/orders/{$order->id}")->assertSee('credit')->assertSee('40.00');
});

it('keeps why a claim was refused, and refuses one for an asset that is not on the order', function () {
    $plant = Plant::build();
    warrantedUntil($plant, '2027-01-01');
    $order = $plant->raised();
    $claim = ['claim_asset' => $plant->pump->id, 'claim_what' => 'Seal'];
    $this->post("/orders/{$order->id}/claims", ['claim_asset' => $plant->motor->id] + $claim)
        ->assertSessionHasErrors('claim_asset');
    $this->post("/orders/{$order->id}/claims", ['claim_asset' => $plant->foreign->id] + $claim)
        ->assertSessionHasErrors('claim_asset');
    $this->post("/orders/{$order->id}/claims", ['claim_what' => ''] + $claim)->assertSessionHasErrors('claim_what');
    $this->post("/orders/{$order->id}/claims", $claim);
    $id = WarrantyClaim::query()->sole()->id;
    $this->put("/orders/{$order->id}/claims/{$id}", ['claim_state' => 'refused', 'claim_reason' => 'Ran dry']);
    $this->get('/claims')->assertSee('refused');
    $this->get("/orders/{$order->id}")->assertSee('Ran dry');
    expect(DB::table('cost_entries')->count())->toBe(0);
});
