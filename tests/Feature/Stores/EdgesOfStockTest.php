<?php

declare(strict_types=1);

use App\Stores\Actions\CountStock;
use App\Stores\Actions\IssueStock;
use App\Stores\Actions\MergeParts;
use App\Stores\Actions\MoveToStore;
use App\Stores\Actions\OpenStock;
use App\Stores\Actions\RaisePurchase;
use App\Stores\Actions\ReceiveStock;
use App\Stores\Actions\ReturnStock;
use App\Stores\Actions\ReverseReceipt;
use App\Stores\Actions\SetAside;
use App\Stores\Actions\TakeOff;
use App\Stores\Inputs\Counted;
use App\Stores\Inputs\LineToBuy;
use App\Stores\Inputs\LotsTyped;
use App\Stores\Inputs\PurchaseInput;
use App\Stores\Inputs\WhatToBuy;
use App\Stores\Models\Claim;
use App\Stores\Models\Movement;
use App\Stores\Models\PurchaseLine;
use App\Stores\Models\StockLot;
use App\Stores\Stock\Posting;
use Illuminate\Support\Facades\DB;
use Sundial\Costing\UnitPrice;
use Sundial\Stock\Consent;
use Sundial\Stock\MoveKind;
use Sundial\Support\InvalidInput;
use Tests\Feature\Plant;
use Tests\Feature\Stores\Shelf;

it('counts a shelf as empty, and writes down that it agrees without moving anything', function () {
    $plant = Plant::build();
    $seal = Shelf::of($plant)->part('SEAL', [[5, '4.00']]);
    $by = $plant->actor('storekeeper');
    $seal->update(['count_due_on' => '2026-03-01']);
    expect(app(CountStock::class)($by, $seal->id, Counted::now(5000)))
        ->toBeNull()
        ->and($seal->refresh()->only(['counted_on', 'count_due_on', 'on_hand']))
        ->toBe(['counted_on' => '2026-03-18', 'count_due_on' => '2027-03-18', 'on_hand' => '5.000'])
        ->and(Movement::query()->count())
        ->toBe(1);
    app(CountStock::class)($by, $seal->id, Counted::now(0));
    expect($seal->refresh()->only(['on_hand', 'value_cents']))->toBe(['on_hand' => '0.000', 'value_cents' => 0])
        ->and(fn () => Counted::now(-1))->toThrow(InvalidInput::class, 'nothing or more');
});

it('asks to count again where more was taken since than was counted', function () {
    $plant = Plant::build();
    $seal = Shelf::of($plant)->part('SEAL', [[3, '4.00']]);
    $count = fn (int $found) => app(CountStock::class)(
        $plant->actor('storekeeper'),
        $seal->id,
        Counted::now($found)->whenBooksSaid(6000),
    );
    // Six by the books when two were counted; three went since, so one less than none would lie there.
    expect(fn () => $count(2000))->toThrow(InvalidInput::class, 'More was taken since')
        ->and($seal->refresh()->on_hand)->toBe('3.000');
    $count(3000);
    expect($seal->refresh()->on_hand)->toBe('0.000');
});

it('gives what a count found to whoever waits, and takes nothing from them where it agrees', function () {
    $plant = Plant::build();
    $shelf = Shelf::of($plant);
    $seal = $shelf->part('SEAL', [[1, '4.00']]);
    $shelf->approved('Wants three', ['SEAL' => 3]);
    app(CountStock::class)($plant->actor('storekeeper'), $seal->id, Counted::now(2000));
    expect($seal->refresh()->only(['promised', 'short']))->toBe(['promised' => '2.000', 'short' => '1.000']);
});

it('takes a receipt back once, and nothing else so, and never without a reason', function () {
    $plant = Plant::build();
    $shelf = Shelf::of($plant);
    $seal = $shelf->part('SEAL', [[5, '4.00']]);
    $back = fn (Movement $move, string $why) => app(ReverseReceipt::class)(
        $plant->actor('storekeeper'),
        $move,
        $why,
        Consent::WithRight,
    );
    $receipt = Movement::query()->sole();
    expect(fn () => $back($receipt, ' '))->toThrow(InvalidInput::class, 'Say what was wrong');
    $back($receipt, 'wrong size');
    expect($seal->refresh()->on_hand)->toBe('0.000')
        ->and(fn () => $back($receipt, 'wrong size'))->toThrow(InvalidInput::class, 'taken back already');
    $reversal = Movement::query()->where('kind', MoveKind::Reversal)->sole();
    expect(fn () => $back($reversal, 'it was right'))->toThrow(InvalidInput::class, 'Only a receipt');
});

it('says what lies there at first once, and nothing of what does not', function () {
    $plant = Plant::build();
    $seal = Shelf::of($plant)->part('SEAL');
    $open = fn (int $many) => app(OpenStock::class)(
        $seal,
        $many,
        UnitPrice::parse('4.00'),
        Posting::by($plant->actor('storekeeper'), MoveKind::Count),
    );
    expect($open(0))->toBeNull()->and(Movement::query()->count())->toBe(0);
    $open(4000);
    expect($seal->refresh()->only(['on_hand', 'value_cents']))->toBe(['on_hand' => '4.000', 'value_cents' => 1600])
        ->and(fn () => $open(1000))->toThrow(InvalidInput::class, 'Something moved there already');
});

it('takes back from the last hand-over first, and from those before it what is left', function () {
    $plant = Plant::build();
    $shelf = Shelf::of($plant);
    $seal = $shelf->part('SEAL', [[2, '4.00'], [2, '8.00']]);
    $order = $shelf->underWay('Uses them', ['SEAL' => 4]);
    $by = $plant->actor('storekeeper');
    foreach ([1000, 2000] as $many) {
        app(IssueStock::class)(
            $seal->id,
            $many,
            Posting::by($by, MoveKind::Issue)->for($order->subject(), $order->label()),
            Consent::WithRight,
        );
    }
    $back = fn (int $many): int => app(ReturnStock::class)($by, $seal->id, $many, $order->subject(), 'too many');
    expect($back(2000))->toBe(1200)
        ->and($back(1000))->toBe(600)
        ->and($seal->refresh()->only(['on_hand', 'value_cents']))->toBe(['on_hand' => '4.000', 'value_cents' => 2400])
        ->and(Movement::query()->where('kind', MoveKind::Return)->pluck('quantity')->all())
        ->toBe(['2.000', '1.000']);
    expect(fn () => $back(1000))->toThrow(InvalidInput::class);
});

it('sets aside what is promised, part by part, and says where nothing is', function () {
    $plant = Plant::build();
    $shelf = Shelf::of($plant);
    $shelf->part('SEAL', [[1, '4.00']]);
    $shelf->part('BELT');
    $both = $shelf->approved('Wants both', ['SEAL' => 1, 'BELT' => 1]);
    $none = $shelf->approved('Wants a belt', ['BELT' => 1]);
    $aside = fn ($order) => app(SetAside::class)($plant->actor('storekeeper'), $order->subject(), $order->label());
    expect($aside($both))->toBe(1)
        ->and(Claim::query()->orderBy('id')->pluck('picked', 'quantity')->all())
        ->toBe(['1.000' => '0.000'])
        ->and(Claim::query()->where('picked', '>', 0)->sole()->stock->part->number)->toBe('SEAL');
    expect(fn () => $aside($none))->toThrow(InvalidInput::class, 'Nothing is promised to');
});

it('fits a piece with its number where it is handed over, and not where it is carried to another store', function () {
    $plant = Plant::build();
    $shelf = Shelf::of($plant);
    $by = $plant->actor('storekeeper');
    $drive = $shelf->part('DRIVE', with: ['tracked' => 'serial']);
    app(ReceiveStock::class)(
        $drive->id,
        2000,
        UnitPrice::parse('90.00'),
        Posting::by($by, MoveKind::Receipt)->lots(LotsTyped::of("D-1\nD-2")),
    );
    $lots = static fn (): array => StockLot::query()
        ->orderBy('name')
        ->orderBy('id')
        ->get()
        ->map(static fn (StockLot $one): array => [$one->name, $one->quantity, $one->asset_id])
        ->all();
    app(MoveToStore::class)(
        $by,
        $drive->refresh(),
        $shelf->another('SHED', 'Shed'),
        1000,
        Consent::WithRight,
        null,
        LotsTyped::of('D-2'),
    );
    expect($lots())->toBe([['D-1', '1.000', null], ['D-2', '0.000', null], ['D-2', '1.000', null]]);
    $order = $shelf->underWay('Fit it', ['DRIVE' => 1]);
    app(IssueStock::class)(
        $drive->id,
        1000,
        Posting::by($by, MoveKind::Issue)->for($order->subject(), $order->label())->onto($plant->pump->id),
        Consent::WithRight,
    );
    expect($lots()[0])->toBe(['D-1', '0.000', $plant->pump->id]);
    $lot = StockLot::query()->where('name', 'D-1')->sole();
    $other = StockLot::query()->where('name', 'D-2')->firstOrFail();
    expect(fn () => app(TakeOff::class)($by, $other, 'worn'))->toThrow(InvalidInput::class, 'fitted nowhere')
        ->and(fn () => app(TakeOff::class)($by, $lot, ' '))->toThrow(InvalidInput::class, 'Say why');
    app(TakeOff::class)($by, $lot, 'worn');
    expect($lot->refresh()->asset_id)->toBeNull();
});

it('retires the number that is merged away, and leaves its stock with the other', function () {
    $plant = Plant::build();
    $shelf = Shelf::of($plant);
    $kept = $shelf->part('SEAL', [[1, '4.00']]);
    $gone = $shelf->part('SEAL-OLD', [[2, '4.00']]);
    app(MergeParts::class)($plant->actor('storekeeper'), $kept->part, $gone->part);
    expect($gone->part->refresh()->only(['retired', 'merged_into_id']))
        ->toBe(['retired' => true, 'merged_into_id' => $kept->part_id])
        ->and($kept->refresh()->on_hand)->toBe('3.000')
        ->and($gone->refresh()->on_hand)->toBe('0.000');
});

it('buys a part of the catalogue in for an order beside the shelf', function () {
    $plant = Plant::build();
    $shelf = Shelf::of($plant);
    $seal = $shelf->part('SEAL');
    $order = $shelf->approved('Wants one', ['SEAL' => 1]);
    $supplier = DB::table('suppliers')->insertGetId(['name' => 'Hollin Bearings']);
    $line = LineToBuy::forShelf($seal->part, 2000, UnitPrice::parse('4.00'));
    app(RaisePurchase::class)($plant->actor('storekeeper'), $plant->site->id, PurchaseInput::from(
        $supplier,
        $shelf->store->id,
        $line,
        LineToBuy::forOrder(
            $order->subject(),
            $order->label(),
            7,
            new WhatToBuy($seal->part_id, 'SEAL', 'pc', 1000, null),
        ),
    ));
    expect(PurchaseLine::query()->orderBy('id')->pluck('stock_id')->all())->toBe([$seal->id, null]);
});
