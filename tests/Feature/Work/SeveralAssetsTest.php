<?php

declare(strict_types=1);

use App\People\Actions\IssueToken;
use App\Planning\Models\Visit;
use App\Register\Models\Asset;
use App\Work\Models\Booking;
use App\Work\Models\OrderAsset;
use App\Work\Models\OrderStep;
use App\Work\Models\WorkOrder;
use App\Work\Queries\OrderCosts;
use Illuminate\Support\Facades\DB;
use Sundial\Work\OrderState;
use Tests\Feature\Plant;

/** @return list<Asset> so many like pumps in the hall */
function pumps(Plant $plant, int $count): array
{
    return array_map(
        static fn (int $i): Asset => $plant->asset("P-{$i}", "Pump {$i}", 'HALL'),
        range(1, $count),
    );
}

function rowOf(WorkOrder $order, Asset $asset): OrderAsset
{
    return OrderAsset::query()->where('order_id', $order->id)->where('asset_id', $asset->id)->sole();
}

it('is put on any set of assets, by tags or by class and place, each once, and says what is none', function () {
    $plant = Plant::build();
    $pumps = pumps($plant, 3);
    $order = $plant->raised();
    $this->post("/orders/{$order->id}/assets", ['tags' => "P-1, P-2\nP-9 P-8"])
        ->assertSessionHasErrors(['tags' => 'No asset of this site has the tag or code P-9, P-8. Nothing was added: '.
            'correct it, then send again.'])
        ->assertSessionHasInput('tags');
    expect(OrderAsset::query()->count())->toBe(1);
    $this->post("/orders/{$order->id}/assets", ['tags' => 'P-1 P-2;P-1'])->assertSessionHasNoErrors();
    $this->post("/orders/{$order->id}/assets", [
        'class_id' => $pumps[2]->class_id,
        'place_id' => $plant->hall->id,
    ])->assertSessionHasNoErrors();
    // The pump of the order, the three, and the motor that is of the class as well.
    expect(OrderAsset::query()->where('order_id', $order->id)->orderBy('position')->pluck('asset_id')->all())
        ->toContain($plant->pump->id, ...array_map(static fn (Asset $one): int => $one->id, $pumps))
        ->and(DB::table('asset_summaries')->where('asset_id', $pumps[1]->id)->value('open_orders'))
        ->toBe(1);
    $this->get("/assets/{$pumps[1]->id}")->assertSee($order->label());
    $this->post("/orders/{$order->id}/assets", ['tags' => 'X-1'])->assertSessionHasErrors('tags');
    $this->post("/orders/{$order->id}/assets", [])->assertSessionHasErrors('assets');
});

it('copies the steps of the first to the others, and leaves those that have their own', function () {
    $plant = Plant::build();
    pumps($plant, 3);
    $order = $plant->raised();
    $this->post("/orders/{$order->id}/copy-steps")->assertSessionHasErrors('assets');
    $this->post("/orders/{$order->id}/plan/paste", ['lines' => "Drain 10 min\nChange the seal 50 min"]);
    $this->post("/orders/{$order->id}/assets", ['tags' => 'P-1 P-2 P-3']);
    $this->post("/orders/{$order->id}/copy-steps")->assertSessionHasNoErrors();
    $steps = OrderStep::query()->where('order_id', $order->id)->orderBy('position')->get();
    expect($steps->pluck('position')->all())
        ->toBe(range(1, 8))
        ->and($steps->groupBy('asset_id')->map->count()->values()->all())
        ->toBe([2, 2, 2, 2])
        ->and($order->refresh()->planned_minutes)
        ->toBe(240);
    // A second time there is nothing left to copy.
    $this->post("/orders/{$order->id}/copy-steps")->assertSessionHasErrors('assets');
});

it('spreads what is booked on all to the cent, keeps what is booked on one there, and shows each share', function () {
    $plant = Plant::build();
    [$one, $two] = pumps($plant, 2);
    $order = $plant->raised();
    $this->post("/orders/{$order->id}/assets", ['tags' => 'P-1 P-2']);
    $plant->through($order, 'approve', 'start');
    $hours = ['user_id' => $plant->person('technician')->id, 'worked_on' => '2026-03-17'];
    // 50 min at 36.00 are 30.00: on three assets 10.00 each.
    $this->as('supervisor')->post("/orders/{$order->id}/bookings", $hours + ['time' => '0:50']);
    $part = ['used_part' => 'Grease', 'used_quantity' => '1'];
    $this->post("/orders/{$order->id}/parts", $part + ['used_price' => '1.00']);
    $this->post("/orders/{$order->id}/parts", $part + [
        'used_price' => '7.00',
        'row_id' => rowOf($order, $two)->id,
    ])->assertSessionHasNoErrors();
    $cost = static fn (Asset $asset): ?int => app(OrderCosts::class)->ofAsset($asset->id)[2026]->total()->cents;
    expect([$cost($plant->pump), $cost($one), $cost($two)])->toBe([1034, 1033, 1733]);
    $this->get("/orders/{$order->id}")->assertSeeInOrder(['10.34 EUR', '10.33 EUR', '17.33 EUR']);
    // One is left out: it weighs nothing, and what was booked on it would stay.
    $this->put("/orders/{$order->id}/assets/".rowOf($order, $one)->id, [
        'state' => 'left out',
        'left_reason' => 'Was changed last week.',
    ])->assertSessionHasNoErrors();
    expect([$cost($plant->pump), $cost($two)])
        ->toBe([1550, 2250])
        ->and(app(OrderCosts::class)->ofAsset($one->id))
        ->toBe([]);
    // Struck out, nothing is left of it.
    $this->post("/orders/{$order->id}/bookings/".Booking::query()->sole()->id.'/strike');
    expect([$cost($plant->pump), $cost($two)])->toBe([50, 750]);
    $other = $plant->raised();
    $this->as('supervisor')->post("/orders/{$order->id}/parts", $part + [
        'used_price' => '1.00',
        'row_id' => rowOf($other, $plant->pump)->id,
    ])->assertSessionHasErrors('row_id');
});

it('spreads by planned minutes where the order says so', function () {
    $plant = Plant::build();
    [$one] = pumps($plant, 1);
    $order = $plant->raised();
    $this->post("/orders/{$order->id}/assets", ['tags' => 'P-1']);
    DB::table('order_steps')->insert([
        ['order_id' => $order->id, 'position' => 1, 'text' => 'a', 'minutes' => 10, 'asset_id' => $plant->pump->id],
        ['order_id' => $order->id, 'position' => 2, 'text' => 'b', 'minutes' => 30, 'asset_id' => $one->id],
    ]);
    $this->put("/orders/{$order->id}/spread", ['spread' => 'minutes'])->assertSessionHasNoErrors();
    $plant->through($order, 'approve', 'start');
    $this->as('supervisor')->post("/orders/{$order->id}/services", [
        'service_what' => 'Crane',
        'service_amount' => '100',
    ]);
    expect(DB::table('cost_entries')->orderBy('row_id')->pluck('cents')->all())->toBe([2500, 7500]);
    $this->put("/orders/{$order->id}/spread", ['spread' => 'equal']);
    expect(DB::table('cost_entries')->orderBy('row_id')->pluck('cents')->all())->toBe([5000, 5000]);
});

it('adds up to what was booked, whatever is booked, spread and left out', function () {
    $plant = Plant::build();
    pumps($plant, 4);
    $dice = new Random\Randomizer(new Random\Engine\Mt19937(31));
    $supervisor = $plant->person('supervisor');
    for ($i = 0; $i < 6; $i++) {
        $order = $plant->raised();
        $this->post("/orders/{$order->id}/plan/paste", ['lines' => "Drain 7 min\nSeal 31 min"]);
        $this->post("/orders/{$order->id}/assets", ['tags' => 'P-1 P-2 P-3 P-4']);
        $this->post("/orders/{$order->id}/copy-steps");
        $plant->through($order, 'approve', 'start');
        $rows = OrderAsset::query()->where('order_id', $order->id)->pluck('id')->all();
        $this->actingAs($supervisor);
        for ($n = 0; $n < 8; $n++) {
            $row = $dice->getInt(0, 1) === 0 ? null : $rows[$dice->getInt(0, 4)];
            match ($dice->getInt(0, 4)) {
                0 => $this->post("/orders/{$order->id}/bookings", [
                    'user_id' => $plant->person('technician')->id,
                    'worked_on' => '2026-03-'.$dice->getInt(10, 17),
                    'time' => '0:'.$dice->getInt(10, 59),
                    'row_id' => $row,
                ]),
                1 => $this->post("/orders/{$order->id}/parts", [
                    'used_part' => 'Bolt',
                    'used_quantity' => (string) $dice->getInt(1, 7),
                    'used_price' => $dice->getInt(0, 9).'.'.$dice->getInt(10, 99),
                    'row_id' => $row,
                ]),
                2 => $this->post("/orders/{$order->id}/services", [
                    'service_what' => 'Crane',
                    'service_amount' => (string) $dice->getInt(-40, 90),
                    'row_id' => $row,
                ]),
                3 => $this->put("/orders/{$order->id}/assets/".$rows[$dice->getInt(0, 4)], [
                    'state' => ['done', 'open', 'left out'][$dice->getInt(0, 2)],
                    'left_reason' => 'no access',
                ]),
                default => $this->put("/orders/{$order->id}/spread", [
                    'spread' => ['equal', 'minutes'][$dice->getInt(0, 1)],
                ]),
            };
        }
        $order = WorkOrder::query()->with(['bookings.strike', 'uses', 'serviceBookings'])->findOrFail($order->id);
        $entries = DB::table('cost_entries')->where('order_id', $order->id);
        expect((int) (clone $entries)->sum('cents'))
            ->toBe(app(OrderCosts::class)->booked($order)->total()->cents)
            ->and((int) (clone $entries)->sum('seconds'))
            ->toBe(60 * (int) $order->bookings->sum('minutes'));
    }
});

it('is done on each asset on its own day, a visit with its asset, and reopened as it was', function () {
    $plant = Plant::build();
    $other = $plant->asset('P-1', 'Pump 1', 'HALL');
    $plant->schedule(['anchor_on' => '2026-03-16']);
    $along = $plant->schedule(['anchor_on' => '2026-03-17', 'name' => 'Other check'], $other);
    $order = $plant->release();
    $this->as('planner');
    // The visit of the other pump is drawn in with its order.
    $second = WorkOrder::query()->where('asset_id', $other->id)->sole();
    $order = $order->asset_id === $other->id ? WorkOrder::query()->whereKeyNot($second->id)->sole() : $order;
    $this->post("/orders/{$order->id}/draw", ['others' => $second->label()])->assertSessionHasNoErrors();
    expect($second->refresh()->state)
        ->toBe(OrderState::Cancelled)
        ->and($along->refresh()->standing->in_hand)
        ->toBe($order->label())
        ->and($order->covered()->count())
        ->toBe(2);
    $plant->through($order->refresh(), 'start');
    $row = rowOf($order, $other);
    $this->as('supervisor')
        ->put("/orders/{$order->id}/assets/{$row->id}", ['state' => 'done', 'done_on' => '2026-03-19'])
        ->assertSessionHasErrors('done_on');
    $this->put("/orders/{$order->id}/assets/{$row->id}", ['state' => 'done', 'done_on' => '2026-03-17'])
        ->assertSessionHasNoErrors();
    $this->post("/orders/{$order->id}/finish", ['finished_at' => '2026-03-18T07:00', 'it_is_right' => '1'])
        ->assertSessionHasNoErrors();
    $days = static fn (): array => Visit::query()->whereNotNull('done_on')->orderBy('done_on')->pluck('done_on')->all();
    expect($days())->toBe(['2026-03-17', '2026-03-18']);
    $this->post("/orders/{$order->id}/reopen", ['reason' => 'Not tight.'])->assertSessionHasNoErrors();
    expect($days())
        ->toBe([])
        ->and(rowOf($order, $other)->done_on)
        ->toBe('2026-03-17')
        ->and(rowOf($order, $plant->pump)->done_on)
        ->toBeNull();
});

it('leaves none out without a reason, nor the last one, nor one that a schedule asked for', function () {
    $plant = Plant::build();
    [$one] = pumps($plant, 1);
    $plant->schedule();
    $order = $plant->release();
    $at = "/orders/{$order->id}/assets";
    $mine = rowOf($order, $plant->pump);
    $this->as('planner')
        ->put("{$at}/{$mine->id}", ['state' => 'left out', 'left_reason' => 'x'])
        ->assertSessionHasErrors('left_reason');
    $this->post($at, ['tags' => 'P-1']);
    $this->put("{$at}/{$mine->id}", ['state' => 'left out', 'left_reason' => 'x'])
        ->assertSessionHasErrors('left_reason');
    $row = rowOf($order, $one);
    $this->put("{$at}/{$row->id}", ['state' => 'left out'])->assertSessionHasErrors('left_reason');
    $this->put("{$at}/{$row->id}", ['state' => 'left out', 'left_reason' => 'No access'])->assertSessionHasNoErrors();
    expect(DB::table('asset_summaries')->where('asset_id', $one->id)->value('open_orders'))->toBe(0);
    // Taken off, it is gone; the one for which the order was made stays.
    $this->delete("{$at}/{$row->id}")->assertSessionHasNoErrors();
    $this->delete("{$at}/{$mine->id}")->assertSessionHasErrors('assets');
    expect(OrderAsset::query()->where('order_id', $order->id)->count())->toBe(1);
});

it('splits assets off into an order of their own, and links the two', function () {
    $plant = Plant::build();
    [$one, $two] = pumps($plant, 2);
    $order = $plant->raised();
    $this->post("/orders/{$order->id}/plan/paste", ['lines' => 'Change the seal 50 min']);
    $this->post("/orders/{$order->id}/assets", ['tags' => 'P-1 P-2']);
    $this->post("/orders/{$order->id}/copy-steps");
    $rows = [rowOf($order, $one)->id, rowOf($order, $two)->id];
    $this->post("/orders/{$order->id}/split", ['rows' => [rowOf($order, $plant->pump)->id]])
        ->assertSessionHasErrors('rows');
    $this->post("/orders/{$order->id}/split", ['rows' => $rows])->assertSessionHasNoErrors();
    $new = WorkOrder::query()->orderByDesc('id')->firstOrFail();
    expect([$new->asset_id, $new->rows()->count(), $new->planned_minutes, $order->refresh()->planned_minutes])
        ->toBe([$one->id, 2, 100, 50])
        ->and($order->rows()->count())
        ->toBe(1);
    $this->get("/orders/{$order->id}")->assertSee('belongs with')->assertSee($new->label());
});

it('links orders both ways, refuses circles of two, and cuts them again', function () {
    $plant = Plant::build();
    [$first, $second] = [$plant->raised(), $plant->raised()];
    $at = "/orders/{$second->id}/links";
    $this->post($at, ['link_kind' => 'follows', 'link_to' => $first->label()])->assertSessionHasNoErrors();
    $this->get("/orders/{$first->id}")->assertSee('is followed by');
    $this->get("/orders/{$second->id}")->assertSee('It follows');
    $this->post("/orders/{$first->id}/links", ['link_kind' => 'follows', 'link_to' => $second->label()])
        ->assertSessionHasErrors('link_to');
    $this->post($at, ['link_kind' => 'follows', 'link_to' => $second->label()])->assertSessionHasErrors('link_to');
    $this->delete("{$at}/{$first->id}")->assertSessionHasNoErrors();
    expect(DB::table('order_links')->count())->toBe(0);
});

it('draws nothing in that has begun, or is on a place alone', function () {
    $plant = Plant::build();
    $order = $plant->raised();
    $begun = $plant->raised(['asset' => 'PMP-01-M']);
    $placed = $plant->raised(['asset' => 'HALL']);
    $plant->through($begun, 'approve', 'start');
    foreach ([$begun, $placed, $order] as $other) {
        $this->as('planner')
            ->post("/orders/{$order->id}/draw", ['others' => $other->label()])
            ->assertSessionHasErrors('others');
    }
    expect($begun->refresh()->state)->toBe(OrderState::UnderWay);
});

it('carries a request along that is drawn in, and what it plans for its one asset', function () {
    $plant = Plant::build();
    Plant::seal();
    $request = $plant->report('Seal drips');
    $this->as('planner')->post("/requests/{$request->id}/accept", [
        'title' => 'Stop the drip',
        'type' => 'corrective',
        'priority' => 'soon',
    ]);
    $drip = WorkOrder::query()->sole();
    $this->post("/orders/{$drip->id}/plan/paste", ['lines' => "Dry it 5 min\nSEAL-35 x 1"]);
    $order = $plant->raised(['asset' => 'PMP-01-M']);
    $this->post("/orders/{$order->id}/draw", ['others' => $drip->label()])->assertSessionHasNoErrors();
    expect($request->refresh()->order_id)
        ->toBe($order->id)
        ->and(DB::table('order_parts')->where('order_id', $order->id)->value('asset_id'))
        ->toBe($plant->pump->id)
        ->and(DB::table('order_steps')->where('order_id', $order->id)->value('asset_id'))
        ->toBe($plant->pump->id);
});

it('hands on what is left when it is stopped short: the assets that are open, with their steps', function () {
    $plant = Plant::build();
    [$one, $two] = pumps($plant, 2);
    $order = $plant->raised();
    $this->post("/orders/{$order->id}/plan/paste", ['lines' => 'Change the seal 50 min']);
    $this->post("/orders/{$order->id}/assets", ['tags' => 'P-1 P-2']);
    $this->post("/orders/{$order->id}/copy-steps");
    $plant->through($order, 'approve', 'start');
    $this->as('supervisor')->post("/orders/{$order->id}/bookings", [
        'user_id' => $plant->person('technician')->id,
        'worked_on' => '2026-03-17',
        'time' => '0:50',
    ]);
    $this->put("/orders/{$order->id}/assets/".rowOf($order, $plant->pump)->id, ['state' => 'done']);
    $first = OrderStep::query()->where('order_id', $order->id)->where('asset_id', $plant->pump->id)->sole();
    $this->post("/orders/{$order->id}/steps/{$first->position}", ['done' => '1']);
    $this->post("/orders/{$order->id}/stop-short", ['reason' => 'Wanted elsewhere'])->assertSessionHasNoErrors();
    $rest = WorkOrder::query()->orderByDesc('id')->firstOrFail();
    expect([$rest->asset_id, $rest->rows()->pluck('asset_id')->all()])
        ->toBe([$one->id, [$one->id, $two->id]])
        ->and($rest->steps()->pluck('asset_id')->all())
        ->toBe([$one->id, $two->id]);
});

it('takes back that one is left out while nothing has begun yet', function () {
    $plant = Plant::build();
    [$one] = pumps($plant, 1);
    $order = $plant->raised();
    $this->post("/orders/{$order->id}/assets", ['tags' => 'P-1']);
    $row = rowOf($order, $one);
    $this->put("/orders/{$order->id}/assets/{$row->id}", ['state' => 'left out', 'left_reason' => 'no access']);
    $this->put("/orders/{$order->id}/assets/{$row->id}", ['state' => 'done'])->assertSessionHasErrors('done_on');
    $this->put("/orders/{$order->id}/assets/{$row->id}", ['state' => 'open'])->assertSessionHasNoErrors();
    expect($row->refresh()->reason)->toBeNull();
});

it('tells programs the assets of an order, and how far the work on each is', function () {
    $plant = Plant::build();
    [$one] = pumps($plant, 1);
    $order = $plant->raised();
    $this->post("/orders/{$order->id}/assets", ['tags' => 'P-1']);
    $this->put("/orders/{$order->id}/assets/".rowOf($order, $one)->id, [
        'state' => 'left out',
        'left_reason' => 'no access',
    ]);
    $token = app(IssueToken::class)($plant->person('planner'), 'programs', false);
    $this->withToken($token)
        ->getJson("/api/v1/orders/{$order->id}")
        ->assertOk()
        ->assertJsonPath('assets.0', ['tag' => 'PMP-01', 'state' => 'open', 'done_on' => null, 'reason' => null])
        ->assertJsonPath('assets.1.reason', 'no access');
});

it('plans a part for one asset alone, and what is used of it is carried by that one', function () {
    $plant = Plant::build();
    [$one] = pumps($plant, 1);
    Plant::seal();
    $order = $plant->raised();
    $this->post("/orders/{$order->id}/assets", ['tags' => 'P-1']);
    $part = ['part' => 'SEAL-35', 'part_quantity' => '1', 'source' => 'from store'];
    $this->post("/orders/{$order->id}/plan/part", $part + ['part_row' => rowOf($order, $one)->id])
        ->assertSessionHasNoErrors();
    $this->get("/orders/{$order->id}")->assertSeeInOrder(['Seal kit', 'for', 'P-1', 'take off']);
    $this->post("/orders/{$order->id}/plan/part", $part + ['part_row' => 99999])->assertSessionHasErrors('row_id');
    $plant->through($order, 'approve', 'start');
    $this->as('supervisor')->post("/orders/{$order->id}/as-planned")->assertSessionHasNoErrors();
    expect(DB::table('cost_entries')->pluck('cents', 'asset_id')->all())->toBe([$one->id => 4820]);
});
