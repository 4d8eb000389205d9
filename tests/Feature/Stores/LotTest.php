<?php

declare(strict_types=1);

use App\Stores\Actions\MovePurchase;
use App\Stores\Actions\MoveToStore;
use App\Stores\Actions\OpenStock;
use App\Stores\Actions\RaisePurchase;
use App\Stores\Actions\ReceiveStock;
use App\Stores\Inputs\LineToBuy;
use App\Stores\Inputs\LotsTyped;
use App\Stores\Inputs\PurchaseInput;
use App\Stores\Models\Stock;
use App\Stores\Models\StockLot;
use App\Stores\Stock\Posting;
use App\Work\Actions\Booking\UsePart;
use App\Work\Inputs\PartUsed;
use Illuminate\Support\Facades\DB;
use Sundial\Costing\UnitPrice;
use Sundial\Stock\Consent;
use Sundial\Stock\MoveKind;
use Sundial\Stock\PurchaseMove;
use Sundial\Support\InvalidInput;
use Tests\Feature\Plant;
use Tests\Feature\Stores\Shelf;

function came(Plant $plant, Stock $stock, int $many, string $lots, ?string $until = null): void
{
    app(ReceiveStock::class)(
        $stock->id,
        $many * 1000,
        UnitPrice::parse('5.00'),
        Posting::by($plant->actor('storekeeper'), MoveKind::Receipt)->lots(LotsTyped::of($lots, $until)),
    );
}

/** @return array<string, string> what lies there of each lot */
function lots(Stock $stock): array
{
    return StockLot::query()->where('stock_id', $stock->id)->orderBy('id')->pluck('quantity', 'name')->all();
}

it('takes the batch that expires first, none past its day, and gives back to the one it came from', function () {
    $plant = Plant::build();
    $shelf = Shelf::of($plant);
    $glue = $shelf->part('GLUE', with: ['tracked' => 'batch', 'shelf_days' => 30]);
    expect(fn () => came($plant, $glue, 1, ''))->toThrow(InvalidInput::class, 'Say which batch');
    came($plant, $glue, 4, 'LATE', '2026-09-01');
    came($plant, $glue, 3, 'SOON');
    came($plant, $glue, 2, 'PAST', '2026-03-17');
    expect(StockLot::query()->where('name', 'SOON')->value('best_before'))->toBe('2026-04-17', 'as long as it keeps');

    $order = $shelf->underWay('Glue it', ['GLUE' => 5]);
    $use = static fn (int $many) => app(UsePart::class)(
        $plant->actor('technician'),
        $order,
        PartUsed::ofLine($order->parts->sole(), $many),
    );
    $use(5000);
    expect(lots($glue))->toBe(['LATE' => '2.000', 'SOON' => '0.000', 'PAST' => '2.000']);
    $use(-3000);
    expect(lots($glue))->toBe(['LATE' => '4.000', 'SOON' => '1.000', 'PAST' => '2.000']);
    expect(fn () => $use(6000))->toThrow(InvalidInput::class, 'past its day: PAST');
    $used = PartUsed::ofPart($glue->part, 2000, 'EUR')->lots(LotsTyped::of('PAST'));
    app(UsePart::class)($plant->actor('technician'), $order, $used->consenting(Consent::WithRight));
    expect(lots($glue)['PAST'])->toBe('0.000');

    $shed = $shelf->another('SHED', 'Shed');
    app(MoveToStore::class)($plant->actor('storekeeper'), $glue->refresh(), $shed, 4000, Consent::WithRight);
    expect(lots($shelf->stockIn($shed, $glue->part_id)))->toEqual(['SOON' => '1.000', 'LATE' => '3.000'])
        ->and(lots($glue))->toBe(['LATE' => '1.000', 'SOON' => '0.000', 'PAST' => '0.000']);
});

it('follows each piece by its serial number: onto its asset, off it again, never twice on a shelf', function () {
    $plant = Plant::build();
    $shelf = Shelf::of($plant);
    $drive = $shelf->part('DRIVE', with: ['tracked' => 'serial']);
    expect(fn () => came($plant, $drive, 2, 'S1'))->toThrow(InvalidInput::class, 'one serial number for each piece');
    came($plant, $drive, 3, "S1\nS2\nS3");
    expect(fn () => came($plant, $drive, 1, 'S2'))->toThrow(InvalidInput::class, 'lies in a store already');

    $order = $shelf->underWay('Change the drive', ['DRIVE' => 1]);
    $by = "/floor/parts/{$drive->part_id}";
    $this->as('storekeeper')->post($by, ['order' => $order->label(), 'quantity' => '1', 'lots' => 'S9'])
        ->assertSessionHasErrors('lots');
    $this->post($by, ['order' => $order->label(), 'quantity' => '1', 'lots' => 'S2'])->assertSessionHasNoErrors();
    expect(lots($drive))->toBe(['S1' => '1.000', 'S2' => '0.000', 'S3' => '1.000']);
    $lot = StockLot::query()->where('name', 'S2')->sole();
    expect($lot->asset_id)->toBe($plant->pump->id);
    $this->get("/assets/{$plant->pump->id}")->assertSee('Serial numbers fitted')->assertSee('S2');
    $this->as('storekeeper')->get("/parts/{$drive->part_id}")->assertSee($plant->pump->name);

    $this->post("/lots/{$lot->id}/off", ['off_reason' => ''])->assertSessionHasErrors('off_reason');
    $this->post("/lots/{$lot->id}/off", ['off_reason' => 'burnt'])->assertSessionHasNoErrors();
    $this->post("/lots/{$lot->id}/off", ['off_reason' => 'again'])->assertSessionHasErrors('off_reason');
    expect(DB::table('lot_fittings')->orderBy('id')->pluck('did')->all())->toBe(['fitted', 'removed'])
        ->and($lot->refresh()->asset_id)->toBeNull();
    $this->get("/assets/{$plant->pump->id}")->assertDontSee('Serial numbers fitted');
});

it('asks for the batch when a purchase is received, and takes the receipt back from it', function () {
    $plant = Plant::build();
    $shelf = Shelf::of($plant);
    $oil = $shelf->part('OIL', with: ['tracked' => 'batch']);
    $by = $plant->actor('storekeeper');
    $purchase = app(RaisePurchase::class)($by, $plant->site->id, PurchaseInput::from(
        DB::table('suppliers')->insertGetId(['name' => 'Fell Oils']),
        $shelf->store->id,
        LineToBuy::forShelf($oil->part, 20000, UnitPrice::parse('4.00')),
    ));
    app(MovePurchase::class)($by, $purchase, PurchaseMove::Send);
    $line = $purchase->lines()->sole()->id;
    $came = ['came' => [$line => '20']];
    $to = "/purchases/{$purchase->id}/receipts";
    $this->as('storekeeper')->post($to, $came)->assertSessionHasErrors('lots');
    $more = ['lots' => [$line => 'B-77'], 'best_before' => [$line => '2027-01-31']];
    $this->post($to, $came + $more)->assertSessionHasNoErrors();
    $this->get("/parts/{$oil->part_id}")->assertSee('B-77');
    $move = DB::table('stock_moves')->value('id');
    $this->post("/stock-moves/{$move}/reverse", ['reason' => 'the wrong oil'])->assertSessionHasNoErrors();
    expect(lots($oil))->toBe(['B-77' => '0.000']);
});

it('leaves what lay there at first without a name', function () {
    $plant = Plant::build();
    $oil = Shelf::of($plant)->part('OIL', with: ['tracked' => 'batch']);
    $by = Posting::by($plant->actor('storekeeper'), MoveKind::Receipt);
    app(OpenStock::class)($oil, 7000, UnitPrice::parse('4.00'), $by);
    expect($oil->refresh()->on_hand)->toBe('7.000')->and(lots($oil))->toBe([]);
});

it('takes no receipt back whose batch was partly used', function () {
    $plant = Plant::build();
    $shelf = Shelf::of($plant);
    $oil = $shelf->part('OIL', with: ['tracked' => 'batch']);
    came($plant, $oil, 5, 'B-1');
    $receipt = DB::table('stock_moves')->value('id');
    came($plant, $oil, 5, 'B-2');
    $order = $shelf->underWay('Oil it', ['OIL' => 2]);
    $used = PartUsed::ofLine($order->parts->sole(), 2000);
    app(UsePart::class)($plant->actor('technician'), $order, $used);
    $this->as('storekeeper')
        ->post("/stock-moves/{$receipt}/reverse", ['reason' => 'the wrong oil'])
        ->assertSessionHasErrors(['lots' => 'Of “B-1” there are 3. Take no more, or take the rest of another batch '.
            'after it.']);
    expect(lots($oil))->toBe(['B-1' => '3.000', 'B-2' => '5.000']);
});

it('takes back from repair only under its number, and counts what it finds without one', function () {
    $plant = Plant::build();
    $shelf = Shelf::of($plant);
    $drive = $shelf->part('DRIVE', with: ['tracked' => 'serial', 'repair_days' => 20]);
    came($plant, $drive, 1, 'S1');
    $at = ['store_id' => $shelf->store->id];
    $by = "/parts/{$drive->part_id}";
    $this->as('storekeeper')->post("{$by}/repairs", $at + ['quantity' => '1', 'lots' => 'S1']);
    $repair = DB::table('part_repairs')->value('id');
    $this->post("/repairs/{$repair}/back", ['mended' => '1'])->assertSessionHasErrors('mended_lots');
    expect($drive->refresh()->on_hand)->toBe('0.000');
    $this->get($by)->assertSee('out for repair');
    $this->post("/repairs/{$repair}/back", ['mended' => '1', 'mended_lots' => 'S1'])->assertSessionHasNoErrors();
    $this->post("{$by}/count", $at + ['counted' => '2'])->assertSessionHasNoErrors();
    expect(lots($drive))->toBe(['S1' => '1.000'])->and($drive->refresh()->on_hand)->toBe('2.000');
});
