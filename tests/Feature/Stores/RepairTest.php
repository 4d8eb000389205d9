<?php

declare(strict_types=1);

use App\Stores\Actions\ReceiveStock;
use App\Stores\Inputs\LotsTyped;
use App\Stores\Models\Claim;
use App\Stores\Models\PartRepair;
use App\Stores\Queries\ComingIn;
use App\Stores\Queries\WhatToBuyNow;
use App\Stores\Stock\Posting;
use App\Work\Actions\Booking\UsePart;
use App\Work\Inputs\PartUsed;
use Sundial\Calendar\LocalDate;
use Sundial\Costing\UnitPrice;
use Sundial\Stock\MoveKind;
use Tests\Feature\Plant;
use Tests\Feature\Stores\Shelf;

it('sends pieces for repair with their value, counts on them, and takes them back with what it cost', function () {
    $plant = Plant::build();
    $shelf = Shelf::of($plant);
    $pump = $shelf->part('PUMP', [[4, '100.00']], ['repair_days' => 20, 'scrapped_percent' => 25]);
    $by = "/parts/{$pump->part_id}";
    $at = ['store_id' => $shelf->store->id, 'quantity' => '4'];
    $this->as('storekeeper')->post("{$by}/repairs", $at + ['expected_on' => '2026-03-01'])
        ->assertSessionHasErrors('expected_on');
    $this->post("{$by}/repairs", $at)->assertSessionHas('said', 'They are out for repair, expected 2026-04-07.');
    expect($pump->refresh()->only(['on_hand', 'value_cents']))->toBe(['on_hand' => '0.000', 'value_cents' => 0]);

    $order = $shelf->approved('Wants two', ['PUMP' => 2], LocalDate::of(2026, 4, 20));
    expect(app(ComingIn::class)->toStocks([$pump->id])[$pump->id]->until(null))
        ->toBe(3000, 'one of four is beyond repair')
        ->and(app(WhatToBuyNow::class)($plant->site->id)->proposals)
        ->toBe([], 'enough comes back');
    $this->get($by)->assertSee('Out for repair')->assertSee('expected 7 Apr');
    $this->get("/orders/{$order->id}")->assertSee('expected Tue 7 Apr');

    $repair = PartRepair::query()->sole();
    $back = "/repairs/{$repair->id}/back";
    $this->post($back, ['mended' => '4', 'beyond' => '1'])->assertSessionHasErrors('mended');
    $this->post($back, [])->assertSessionHasErrors('mended');
    $this->post($back, ['mended' => '2', 'beyond' => '1', 'cost' => '90'])->assertSessionHasNoErrors();
    expect($pump->refresh()->only(['on_hand', 'value_cents', 'promised']))
        ->toBe(['on_hand' => '2.000', 'value_cents' => 29000, 'promised' => '2.000'])
        ->and($repair->refresh()->only(['lost_cents', 'left_cents', 'over_on']))
        ->toBe(['lost_cents' => 10000, 'left_cents' => 10000, 'over_on' => null])
        ->and(Claim::query()->sole()->promised)
        ->toBe('2.000');
    $this->post($back, ['beyond' => '1'])->assertSessionHasNoErrors();
    expect($repair->refresh()->over_on)->toBe('2026-03-18');
    $this->post($back, ['beyond' => '1'])->assertSessionHasErrors('form');
});

it('writes nothing big off as beyond repair without a reason and a second person', function () {
    $plant = Plant::build();
    $shelf = Shelf::of($plant);
    $motor = $shelf->part('MOTOR', [[1, '100.01']], ['repair_days' => 20]);
    $at = ['store_id' => $shelf->store->id, 'quantity' => '1'];
    $this->as('storekeeper')->post("/parts/{$motor->part_id}/repairs", $at);
    $repair = PartRepair::query()->sole();
    $back = "/repairs/{$repair->id}/back";
    $this->post($back, ['beyond' => '1'])->assertSessionHasErrors('note');
    $this->post($back, ['beyond' => '1', 'note' => 'burnt'])->assertSessionHasErrors('second_id');
    expect($repair->refresh()->over_on)->toBeNull();
    $second = $plant->actor('planner')->id;
    $this->post($back, ['beyond' => '1', 'note' => 'burnt', 'second_id' => $second])->assertSessionHasNoErrors();
    expect($repair->refresh()->lost_cents)->toBe(10001);
});

it('takes what is out or fitted along to the number that two records are merged into', function () {
    $plant = Plant::build();
    $shelf = Shelf::of($plant);
    $more = ['repair_days' => 20, 'tracked' => 'serial'];
    $gone = $shelf->part('DRIVE-OLD', with: $more);
    $kept = $shelf->part('DRIVE', with: $more);
    app(ReceiveStock::class)(
        $gone->id,
        2000,
        UnitPrice::parse('50.00'),
        Posting::by($plant->actor('storekeeper'), MoveKind::Receipt)->lots(LotsTyped::of('S1, S2')),
    );
    $order = $shelf->underWay('Change the drive', ['DRIVE-OLD' => 1]);
    $used = PartUsed::ofLine($order->parts->sole(), 1000);
    app(UsePart::class)($plant->actor('technician'), $order, $used);
    $at = ['store_id' => $shelf->store->id, 'quantity' => '1', 'lots' => 'S2'];
    $this->as('storekeeper')->post("/parts/{$gone->part_id}/repairs", $at)->assertSessionHasNoErrors();

    $this->as('planner')->post("/parts/{$kept->part_id}/merged", ['merged' => 'DRIVE-OLD'])->assertSessionHasNoErrors();
    $this->get("/parts/{$kept->part_id}")->assertSee('S1')->assertSee('Out for repair');
    $back = '/repairs/'.PartRepair::query()->sole()->id.'/back';
    $this->as('storekeeper')->post($back, ['mended' => '1', 'mended_lots' => 'S2'])->assertSessionHasNoErrors();
    expect($kept->refresh()->on_hand)->toBe('1.000')->and($gone->refresh()->on_hand)->toBe('0.000');
});

it('takes in what came off a machine at what its repair cost, and repairs nothing that is bought again', function () {
    $plant = Plant::build();
    $shelf = Shelf::of($plant);
    $pump = $shelf->part('PUMP', [[1, '100.00']], ['repair_days' => 20]);
    $at = ['store_id' => $shelf->store->id, 'quantity' => '1', 'came_off' => 'Dye-liquor pump 2'];
    $this->as('storekeeper')->post("/parts/{$pump->part_id}/repairs", $at)->assertSessionHasNoErrors();
    expect($pump->refresh()->on_hand)->toBe('1.000', 'the shelf is as it was');
    $this->clock->set('2026-04-08 08:00:00');
    $this->get('/today')->assertSee('Back from repair');
    $this->post('/repairs/'.PartRepair::query()->sole()->id.'/back', ['mended' => '1', 'cost' => '40']);
    expect($pump->refresh()->only(['on_hand', 'value_cents']))->toBe(['on_hand' => '2.000', 'value_cents' => 14000]);

    $belt = $shelf->part('BELT', [[1, '9.00']]);
    $this->post("/parts/{$belt->part_id}/repairs", $at)->assertSessionHasErrors('form');
    $this->get("/parts/{$pump->part_id}/hold?exposure=repair&turnaround=20&scrapped=50&length=67")
        ->assertOk()
        ->assertSee('until a repair comes back');
});
