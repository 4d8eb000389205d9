<?php

declare(strict_types=1);

use App\Stores\Actions\IssueStock;
use App\Stores\Models\Claim;
use App\Stores\Models\Movement;
use App\Stores\Models\StockCount;
use App\Stores\Projections\ClassOfStock;
use App\Stores\Stock\Posting;
use Sundial\Calendar\LocalDate;
use Sundial\Stock\Consent;
use Sundial\Stock\MoveKind;
use Tests\Feature\Plant;
use Tests\Feature\Stores\Shelf;

it('counts a shelf while it moves: what went since is no difference', function () {
    $plant = Plant::build();
    $shelf = Shelf::of($plant);
    $bolt = $shelf->part('BOLT', [[20, '1.00']]);
    $nut = $shelf->part('NUT', [[5, '2.00']]);
    $this->as('storekeeper')
        ->post('/counts', ['store_id' => $shelf->store->id, 'which' => 'all', 'blind' => '1'])
        ->assertSessionHasNoErrors();
    $count = StockCount::query()->sole();
    $this->get("/counts/{$count->id}")->assertOk()->assertDontSee('books 20');
    $line = $count->lines()->where('stock_id', $bolt->id)->sole();
    $this->post("/counts/{$count->id}/counted", ['counted' => [$line->id => '18']])->assertSessionHasNoErrors();
    app(IssueStock::class)(
        $bolt->id,
        3000,
        Posting::by($plant->actor('storekeeper'), MoveKind::Issue),
        Consent::NotAsked,
    );
    $this->get("/counts/{$count->id}")->assertSee('What differs');
    $this->post("/counts/{$count->id}/booked")->assertSessionHasNoErrors();
    expect($bolt->refresh()->on_hand)
        ->toBe('15.000')
        ->and($bolt->value_cents)
        ->toBe(1500)
        ->and($nut->refresh()->on_hand)
        ->toBe('5.000', 'what was not counted stays')
        ->and(Movement::query()->where('kind', 'count')->sole()->label)
        ->toContain("C-{$count->number}");
    $this->post("/counts/{$count->id}/booked")->assertSessionHasErrors('form');
});

it('has a big difference seen by a second person, and takes down what was promised', function () {
    $plant = Plant::build();
    $shelf = Shelf::of($plant);
    $motor = $shelf->part('MOTOR', [[3, '90.00']]);
    $shelf->approved('Change both motors', ['MOTOR' => 2]);
    $form = ['store_id' => $shelf->store->id, 'counted' => '1', 'reason' => 'two are gone'];
    $this->as('storekeeper');
    $this->post("/parts/{$motor->part_id}/count", ['reason' => ''] + $form)->assertSessionHasErrors('reason');
    $this->post("/parts/{$motor->part_id}/count", $form)->assertSessionHasErrors('second_id');
    $self = ['second_id' => $plant->person('storekeeper')->id];
    $this->post("/parts/{$motor->part_id}/count", $form + $self)->assertSessionHasErrors('second_id');
    $seen = ['second_id' => $plant->person('supervisor')->id];
    $this->post("/parts/{$motor->part_id}/count", $form + $seen)->assertSessionHasNoErrors();
    expect($motor->refresh()->only(['on_hand', 'promised', 'short', 'value_cents']))
        ->toBe(['on_hand' => '1.000', 'promised' => '1.000', 'short' => '1.000', 'value_cents' => 9000])
        ->and(Movement::query()->where('kind', 'count')->sole()->second_who)
        ->toBe('Supervisor One');
});

it('writes off with a reason and a second person, carries between stores, and takes a receipt back', function () {
    $plant = Plant::build();
    $shelf = Shelf::of($plant);
    $oil = $shelf->part('OIL', [[10, '3.00'], [10, '5.00']]);
    $shed = $shelf->another('SHED', 'Shed');
    $this->as('storekeeper');
    $by = "/parts/{$oil->part_id}";
    $at = ['store_id' => $shelf->store->id];
    $this->post("{$by}/write-off", $at + ['quantity' => '2', 'reason' => 'spilt'])->assertSessionHasErrors('second_id');
    $this->post("{$by}/write-off", $at + [
        'quantity' => '2',
        'reason' => 'spilt',
        'second_id' => $plant->person('planner')->id,
    ])->assertSessionHasNoErrors();
    $this->post("{$by}/carry", $at + ['to_id' => $shed, 'quantity' => '30'])->assertSessionHasErrors('quantity');
    $this->get($by)->assertSee('There are 18 pc of OIL in Main store by the books');
    $this->post("{$by}/carry", $at + ['to_id' => $shed, 'quantity' => '3'])->assertSessionHasNoErrors();
    expect($oil->refresh()->only(['on_hand', 'value_cents']))
        ->toBe(['on_hand' => '15.000', 'value_cents' => 6000])
        ->and($shelf->stockIn($shed, $oil->part_id)->only(['on_hand', 'value_cents']))
        ->toBe(['on_hand' => '3.000', 'value_cents' => 1200]);
    $receipts = Movement::query()->where('stock_id', $oil->id)->where('kind', 'receipt');
    $receipt = $receipts->orderByDesc('id')->firstOrFail();
    $this->post("/stock-moves/{$receipt->id}/reverse", ['reason' => 'typed twice'])->assertSessionHasNoErrors();
    $back = Movement::query()->where('kind', 'reversal')->sole();
    expect([$back->value_cents, $back->variance_cents, $oil->refresh()->on_hand])
        ->toBe([-4000, 1000, '5.000']);
    $this->post("/stock-moves/{$receipt->id}/reverse", ['reason' => 'again'])->assertSessionHasErrors();
    $this->get("{$by}?on=2026-03-17")->assertSee('<b>0</b>, worth 0.00 EUR', false);
    $this->get("{$by}?on=2026-03-18")->assertSee('<b>8</b>, worth 32.00 EUR', false);
    expect(Claim::query()->count())
        ->toBe(0);
});

it('says which parts are due to be counted, by class and by the last count', function () {
    $plant = Plant::build();
    $shelf = Shelf::of($plant);
    $old = $shelf->part('OLD', [[1, '1.00']]);
    $old->update(['counted_on' => '2025-03-18']);
    $new = $shelf->part('NEW', [[1, '1.00']]);
    $new->update(['counted_on' => '2025-03-19']);
    app(ClassOfStock::class)->keep($plant->site->id, LocalDate::of(2026, 3, 18));
    $this->as('storekeeper')->get('/counts')->assertOk()->assertSee('OLD')->assertDontSee('NEW');
});

it('books what is found where nothing ever lay, at the price of the catalogue', function () {
    $plant = Plant::build();
    $shelf = Shelf::of($plant);
    $pin = $shelf->part('PIN');
    $this->as('storekeeper')->post('/counts', ['store_id' => $shelf->store->id, 'which' => 'all']);
    $count = StockCount::query()->sole();
    $this->post("/counts/{$count->id}/counted", ['counted' => [$count->lines()->sole()->id => '3']]);
    $this->post("/counts/{$count->id}/booked")->assertSessionHasNoErrors();
    expect($pin->refresh()->only(['on_hand', 'value_cents']))->toBe(['on_hand' => '3.000', 'value_cents' => 1500]);
});
