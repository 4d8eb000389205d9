<?php

declare(strict_types=1);

use App\Platform\Audit\Actor;
use App\Stores\Actions\MovePurchase;
use App\Stores\Actions\RaisePurchase;
use App\Stores\Actions\ReceivePurchase;
use App\Stores\Inputs\Delivered;
use App\Stores\Inputs\LineToBuy;
use App\Stores\Inputs\PurchaseInput;
use App\Stores\Models\Purchase;
use App\Stores\Models\Stock;
use Illuminate\Support\Facades\DB;
use Sundial\Costing\UnitPrice;
use Sundial\Stock\PurchaseMove;
use Sundial\Support\InvalidInput;
use Tests\Feature\Plant;
use Tests\Feature\Stores\Shelf;

/** Ten belts that are bought, in each state. */
function purchaseInState(Plant $plant, Shelf $shelf, Stock $stock, string $state): Purchase
{
    $by = $plant->actor('storekeeper');
    $purchase = app(RaisePurchase::class)($by, $plant->site->id, PurchaseInput::from(
        DB::table('suppliers')->insertGetId(['name' => "Hollin {$state}"]),
        $shelf->store->id,
        LineToBuy::forShelf($stock->part, 10_000, UnitPrice::parse('4.00')),
    ));
    $move = static fn (PurchaseMove $move, string $why) => app(MovePurchase::class)($by, $purchase, $move, $why);
    $receive = static fn (int $many) => app(ReceivePurchase::class)(
        $by,
        $purchase,
        Delivered::of($purchase->lines()->sole()->id, $many),
    );
    foreach (match ($state) {
        'approved' => ['approve'],
        'sent' => ['send'],
        'part received' => ['send', 4000],
        'received' => ['send', 10_000],
        'closed' => ['send', 10_000, 'close'],
        'cancelled' => ['cancel'],
        default => [],
    } as $what) {
        is_int($what) ? $receive($what) : $move(PurchaseMove::from($what), 'Not wanted');
        $purchase->refresh();
    }

    return $purchase->refresh();
}

const STATES_OF_PURCHASES = ['draft', 'approved', 'sent', 'part received', 'received', 'closed', 'cancelled'];

it('lets a purchase go on as its state lets, and refuses it in every other', function (Closure $act, array $lets) {
    $plant = Plant::build();
    $shelf = Shelf::of($plant);
    $stock = $shelf->part('BELT');
    $passed = [];
    foreach (STATES_OF_PURCHASES as $state) {
        DB::beginTransaction();
        $purchase = purchaseInState($plant, $shelf, $stock, $state);
        expect($purchase->state->value)->toBe($state);
        $before = [DB::table('audit_entries')->count(), $stock->refresh()->on_hand];
        try {
            $act($purchase, $plant->actor('storekeeper'));
            $passed[] = $state;
        } catch (InvalidInput) {
            expect([DB::table('audit_entries')->count(), $stock->refresh()->on_hand])->toBe($before, $state);
        }
        DB::rollBack();
    }
    expect($passed)->toBe($lets);
})->with([
    'approved' => [
        fn (Purchase $one, Actor $by) => app(MovePurchase::class)($by, $one, PurchaseMove::Approve),
        ['draft'],
    ],
    'sent' => [
        fn (Purchase $one, Actor $by) => app(MovePurchase::class)($by, $one, PurchaseMove::Send),
        ['draft', 'approved'],
    ],
    'received' => [
        fn (Purchase $one, Actor $by) => app(ReceivePurchase::class)(
            $by,
            $one,
            Delivered::of($one->lines()->sole()->id, 1000),
        ),
        ['sent', 'part received'],
    ],
    'closed' => [
        fn (Purchase $one, Actor $by) => app(MovePurchase::class)($by, $one, PurchaseMove::Close),
        ['part received', 'received'],
    ],
    'cancelled with a reason' => [
        fn (Purchase $one, Actor $by) => app(MovePurchase::class)($by, $one, PurchaseMove::Cancel, 'Not wanted'),
        ['draft', 'approved', 'sent'],
    ],
    'cancelled without one' => [
        fn (Purchase $one, Actor $by) => app(MovePurchase::class)($by, $one, PurchaseMove::Cancel, ' '),
        [],
    ],
]);
