<?php

declare(strict_types=1);

use App\Stores\Actions\MovePurchase;
use App\Stores\Actions\RaisePurchase;
use App\Stores\Actions\ReceivePurchase;
use App\Stores\Inputs\Delivered;
use App\Stores\Inputs\LineToBuy;
use App\Stores\Inputs\PurchaseInput;
use App\Stores\Models\Purchase;
use App\Stores\Models\Stock;
use App\Stores\Queries\Proposal;
use App\Stores\Queries\WhatToBuyNow;
use App\Work\Actions\Plan\AddToPlan;
use App\Work\Inputs\PlanLine;
use App\Work\Models\PartUse;
use Illuminate\Support\Facades\DB;
use Sundial\Calendar\LocalDate;
use Sundial\Costing\UnitPrice;
use Sundial\Stock\PurchaseMove;
use Sundial\Stock\PurchaseState;
use Sundial\Support\InvalidInput;
use Tests\Feature\Plant;
use Tests\Feature\Stores\Shelf;

function supplier(string $name = 'Hollin Bearings'): int
{
    return DB::table('suppliers')->insertGetId(['name' => $name]);
}

function bought(Plant $plant, Shelf $shelf, Stock $stock, int $many, string $price): Purchase
{
    $purchase = app(RaisePurchase::class)(
        $plant->actor('storekeeper'),
        $plant->site->id,
        PurchaseInput::from(
            supplier(),
            $shelf->store->id,
            LineToBuy::forShelf($stock->part, $many * 1000, UnitPrice::parse($price)),
        )->expected(LocalDate::of(2026, 3, 25)),
    );

    return app(MovePurchase::class)($plant->actor('storekeeper'), $purchase, PurchaseMove::Send);
}

it('proposes what is short, what falls to its point, and what visits to come will take', function () {
    $plant = Plant::build();
    $shelf = Shelf::of($plant);
    $short = $shelf->part('SHORT', [[1, '5.00']]);
    $low = $shelf->part('LOW', [[2, '5.00']]);
    $low->update(['reorder_point' => '2', 'order_quantity' => '10']);
    $shelf->part('ENOUGH', [[9, '5.00']]);
    $shelf->part('PLANNED', [[1, '5.00']]);
    $shelf->approved('Wants three', ['SHORT' => 3]);
    $shelf->order('Plans one', ['PLANNED' => 1], LocalDate::of(2026, 3, 24));
    $shelf->order('Plans another', ['PLANNED' => 1], LocalDate::of(2026, 3, 25));
    $by = [];
    $toBuy = app(WhatToBuyNow::class)($plant->site->id);
    foreach (app(WhatToBuyNow::class)->saving($plant->site->id, $toBuy, $toBuy->proposals) as $one) {
        $by[$one->part->number] = $one;
    }
    ksort($by);
    expect(array_map(static fn (Proposal $one): int => $one->thousandths, $by))
        ->toBe(['LOW' => 10000, 'PLANNED' => 1000, 'SHORT' => 2000])
        ->and([$by['SHORT']->figures->short, $by['LOW']->figures->point])
        ->toBe([2000, 2000])
        ->and($by['PLANNED']->shortFrom?->__toString())
        ->toBe('2026-03-25')
        ->and(array_map(static fn (array $one): string => substr($one[0], 7), $by['PLANNED']->saves))
        ->toBe(['Plans another'], 'the first has the one that lies there');

    $this->as('storekeeper')->get('/purchases')->assertSee('2 short for approved orders')->assertSee('point 2');

    $shelf->onItsWay('SHORT', 2, '2026-03-24');
    expect(array_map(
        static fn (Proposal $one): string => $one->part->number,
        app(WhatToBuyNow::class)($plant->site->id)->proposals,
    ))->not->toContain('SHORT');
});

it('shows whole suppliers as far as a page goes, and of the others how much is to buy', function () {
    $plant = Plant::build();
    $shelf = Shelf::of($plant);
    $ids = array_map(supplier(...), ['Ashdown Seals', 'Bentham Belts', 'Corley Chains']);
    $lines = [30, 10, 2];
    foreach ($ids as $i => $id) {
        for ($n = 0; $n < $lines[$i]; $n++) {
            $shelf->part("P-{$i}-{$n}", [], ['supplier_id' => $id])->update(['reorder_point' => '2']);
        }
    }
    $shelf->approved('Wants one', ['P-2-0' => 1]);
    $this->as('storekeeper')->get('/purchases')
        ->assertSeeInOrder(['Ashdown Seals', '30 lines', 'P-0-7', 'Bentham Belts', 'P-1-9', 'Other suppliers'])
        ->assertSeeInOrder(['Other suppliers', "/purchases?supplier={$ids[2]}", 'Corley Chains', 2, 1], false)
        ->assertDontSee('P-2-1');
    $this->get("/purchases?supplier={$ids[2]}")
        ->assertSeeInOrder(['Corley Chains', '2 lines, 1 that runs short', 'P-2-0', 'Wants one', 'Other suppliers'])
        ->assertSeeInOrder(['Other suppliers', 'Ashdown Seals', 'Bentham Belts'])
        ->assertDontSee('P-0-7');
    $this->get('/purchases?supplier=0')->assertSee('P-0-7');
});

it('receives in part, sends back what is damaged, keeps what was dearer, and closes', function () {
    $plant = Plant::build();
    $shelf = Shelf::of($plant);
    $stock = $shelf->part('BELT');
    $purchase = bought($plant, $shelf, $stock, 10, '4.00');
    expect($stock->refresh()->on_order)->toBe('10.000');
    $line = $purchase->lines()->sole();
    $receive = app(ReceivePurchase::class);
    $by = $plant->actor('storekeeper');
    $purchase = $receive($by, $purchase, Delivered::of($line->id, 6000)->sendingBack(1000, 'torn'));
    expect($purchase->state)
        ->toBe(PurchaseState::PartReceived)
        ->and($stock->refresh()->only(['on_hand', 'on_order', 'value_cents']))
        ->toBe(['on_hand' => '6.000', 'on_order' => '4.000', 'value_cents' => 2400]);
    $purchase = $receive($by, $purchase, Delivered::of($line->id, 5000, UnitPrice::parse('4.50')));
    expect($purchase->state)
        ->toBe(PurchaseState::Received, 'one more came than was ordered')
        ->and($stock->refresh()->only(['on_hand', 'on_order', 'value_cents']))
        ->toBe(['on_hand' => '11.000', 'on_order' => '0.000', 'value_cents' => 4650])
        ->and(DB::table('purchase_receipts')->orderBy('id')->pluck('variance_cents')->all())
        ->toBe([0, 0, 250])
        ->and(app(MovePurchase::class)($by, $purchase, PurchaseMove::Close)->state)
        ->toBe(PurchaseState::Closed);
    $receive($by, $purchase->refresh(), Delivered::of($line->id, 1000));
})->throws(InvalidInput::class, 'only what was sent for is received');

it('brings what is bought in to its order, with its cost, and never onto a shelf', function () {
    $plant = Plant::build();
    $shelf = Shelf::of($plant);
    $order = $shelf->order('Bend a bracket', []);
    app(AddToPlan::class)($plant->actor('planner'), $order, PlanLine::boughtIn('Bracket', 2000, null));
    $order = $plant->through($order->refresh(), 'approve');
    $key = "order-{$order->parts()->sole()->id}";
    $this->as('storekeeper')->get('/purchases')->assertOk()->assertSee('Bracket');
    $this->post('/purchases', [
        'supplier_id' => supplier(),
        'store_id' => $shelf->store->id,
        'buy' => [$key],
        'price' => [$key => '31.50'],
    ])->assertSessionHasNoErrors();
    $purchase = Purchase::query()->sole();
    $this->get('/purchases')->assertDontSee('bought in, goes to its order');
    $this->post("/purchases/{$purchase->id}/move", ['move' => 'send'])->assertSessionHasNoErrors();
    $line = $purchase->lines()->sole();
    $this->post("/purchases/{$purchase->id}/receipts", [
        'came' => [$line->id => '2'],
        'price' => [$line->id => '30'],
    ])->assertSessionHasNoErrors();
    expect(PartUse::query()->where('order_id', $order->id)->sole()->value_cents)
        ->toBe(6000)
        ->and(Stock::query()->count())
        ->toBe(0)
        ->and($purchase->refresh()->state)
        ->toBe(PurchaseState::Received);
});

it('orders what is ticked, with what was typed beside it, and one more part by its number', function () {
    $plant = Plant::build();
    $shelf = Shelf::of($plant);
    $low = $shelf->part('LOW', [[2, '5.00']]);
    $low->update(['reorder_point' => '2', 'order_quantity' => '10']);
    $shelf->part('OTHER');
    $key = "part-{$low->part_id}";
    $form = ['supplier_id' => supplier(), 'store_id' => $shelf->store->id];
    $ticked = ['buy' => [$key], 'quantity' => [$key => '7,5'], 'price' => [$key => '4,20'], 'why' => [$key => 'low']];
    $refused = function (array $more) use ($form): string {
        $this->as('storekeeper')->from('/purchases')->post('/purchases', $more + $form);
        $errors = session('errors')?->getBag('default')->toArray() ?? [];

        return array_key_first($errors).': '.array_values($errors)[0][0];
    };
    expect([
        $refused(['buy' => ['part-999999']]),
        $refused(['buy' => ['order-1']]),
        $refused(['quantity' => [$key => '0']] + $ticked),
        $refused(['price' => [$key => 'dear']] + $ticked),
        $refused(['part' => 'NONE', 'part_quantity' => '1']),
    ])->toBe([
        'buy: One of the lines is not wanted any more. Look again, then order.',
        'buy: One of the lines is not wanted any more. Look again, then order.',
        "quantity.{$key}: Say how many are bought.",
        "price.{$key}: “dear” cannot be read as a number with at most 4 places, such as 12.5.",
        'part: The catalogue has no part “NONE”. Choose its number.',
    ]);
    $this->post('/purchases', $ticked + ['part' => 'OTHER', 'part_quantity' => '3', 'part_price' => '1.5'] + $form)
        ->assertSessionHasNoErrors();
    expect(Purchase::query()->sole()->lines()->orderBy('id')->get(['name', 'quantity', 'price', 'why'])->toArray())
        ->toBe([
            ['name' => 'LOW', 'quantity' => '7.500', 'price' => '4.2000', 'why' => 'low'],
            ['name' => 'OTHER', 'quantity' => '3.000', 'price' => '1.5000', 'why' => null],
        ]);
});

it('gives a refused form back as it was: the error at its field, with what was ticked and typed', function () {
    $plant = Plant::build();
    $shelf = Shelf::of($plant);
    [$hollin, $tallow] = [supplier(), supplier('Tallow & Sons')];
    foreach (['ONE' => $hollin, 'TWO' => $hollin, 'THREE' => $tallow] as $number => $from) {
        $shelf->part($number, [[1, '5.00']], ['supplier_id' => $from])->update(['reorder_point' => '2', 'most' => '5']);
    }
    $key = static fn (string $number): string => 'part-'.DB::table('parts')->where('number', $number)->value('id');
    $this->as('storekeeper')->from('/purchases')->post('/purchases', [
        'group' => (string) $hollin,
        'supplier_id' => $hollin,
        'store_id' => $shelf->store->id,
        'buy' => [$key('ONE')],
        'quantity' => [$key('ONE') => '3', $key('TWO') => '4'],
        'price' => [$key('ONE') => 'dear', $key('TWO') => '9'],
        'expected_on' => '2026-04-01',
    ])->assertSessionHasErrors("price.{$key('ONE')}");
    $page = (string) $this->get('/purchases')->assertSee('“dear” cannot be read as a number')->getContent();
    $isTicked = static fn (string $number): bool => preg_match(
        "/<input[^>]*value=\"{$key($number)}\"[^>]*checked[^>]*>/",
        $page,
    ) === 1;
    $typed = static function (string $number) use ($page, $key): array {
        preg_match_all("/\\[{$key($number)}\\]\"\\s+value=\"([^\"]*)\"/", $page, $found);

        return array_slice($found[1], -2);
    };
    expect([$isTicked('ONE'), $isTicked('TWO'), $isTicked('THREE')])
        ->toBe([true, false, true])
        ->and([$typed('ONE'), $typed('TWO')])
        ->toBe([['3', 'dear'], ['4', '9']]);
});

it('has large purchases approved, and another one receive where the site wants two', function () {
    $plant = Plant::build();
    $shelf = Shelf::of($plant);
    $stock = $shelf->part('DRIVE');
    $this->as('administrator')->put('/setup/store-rules', [
        'big' => '100',
        'approve' => '200',
        'review_days' => '7',
        'separate' => '1',
        'start_short' => '1',
    ])->assertSessionHasNoErrors();
    $by = $plant->actor('storekeeper');
    $purchase = app(RaisePurchase::class)($by, $plant->site->id, PurchaseInput::from(
        supplier(),
        $shelf->store->id,
        LineToBuy::forShelf($stock->part, 1000, UnitPrice::parse('250')),
    ));
    $this->as('storekeeper');
    $this->post("/purchases/{$purchase->id}/move", ['move' => 'send'])->assertSessionHasErrors('form');
    $this->post("/purchases/{$purchase->id}/move", ['move' => 'approve'])->assertSessionHasErrors('form');
    $this->as('administrator')->post("/purchases/{$purchase->id}/move", ['move' => 'approve'])
        ->assertSessionHasNoErrors();
    $this->as('storekeeper')->post("/purchases/{$purchase->id}/move", ['move' => 'send'])
        ->assertSessionHasNoErrors();
    $line = $purchase->lines()->sole();
    $came = ['came' => [$line->id => '1']];
    $this->post("/purchases/{$purchase->id}/receipts", $came)->assertSessionHasErrors('form');
    $this->as('administrator')->post("/purchases/{$purchase->id}/receipts", $came)->assertSessionHasNoErrors();
    expect($stock->refresh()->on_hand)->toBe('1.000');
});

it('writes a purchase once, as PDF and as CSV, and cancels only with a reason', function () {
    $plant = Plant::build();
    $shelf = Shelf::of($plant);
    $stock = $shelf->part('BELT');
    $form = [
        'once' => '0b8d6f0a-3a1e-4a52-9a3c-1f5b8f1c2d3e',
        'supplier_id' => supplier(),
        'store_id' => $shelf->store->id,
        'part' => 'BELT',
        'part_quantity' => '3',
    ];
    $this->as('storekeeper');
    $this->post('/purchases', $form)->assertSessionHasNoErrors();
    $this->post('/purchases', $form)->assertSessionHasNoErrors();
    $purchase = Purchase::query()->sole();
    expect($purchase->total())->toBe(1500);
    $this->get("/purchases/{$purchase->id}/order.pdf")->assertOk()->assertHeader('Content-Type', 'application/pdf');
    expect($this->get("/purchases/{$purchase->id}/lines.csv")->streamedContent())->toContain('BELT');
    $this->post("/purchases/{$purchase->id}/move", ['move' => 'cancel'])->assertSessionHasErrors('reason');
    $this->post("/purchases/{$purchase->id}/move", ['move' => 'cancel', 'reason' => 'found some'])
        ->assertSessionHasNoErrors();
    expect($stock->refresh()->on_order)->toBe('0.000');
});

it('mails a purchase with its order as PDF, and says what keeps it from being mailed', function () {
    $plant = Plant::build();
    $shelf = Shelf::of($plant);
    $purchase = bought($plant, $shelf, $shelf->part('BELT', with: ['name' => 'V-belt <A>']), 10, '4.00');
    $by = "/purchases/{$purchase->id}";
    foreach (glob(storage_path('outbox/*.eml')) as $old) {
        unlink($old);
    }
    $this->as('storekeeper')->post("{$by}/mail")->assertSessionHasErrors('form');
    $purchase->supplier->update(['email' => 'orders@hollin.example']);
    $this->post("{$by}/mail")->assertSessionHas('said', 'It goes to orders@hollin.example.');
    $mail = quoted_printable_decode(file_get_contents(glob(storage_path('outbox/*.eml'))[0]));
    expect($mail)
        ->toContain('To: orders@hollin.example')
        ->toContain("Subject: Purchase {$purchase->label()}")
        ->toContain('V-belt <A>')
        ->toContain('Content-Type: application/pdf')
        ->and($purchase->refresh()->mailed_at)
        ->not->toBeNull();
    $this->get($by)->assertSee('to orders@hollin.example')->assertDontSee('waits to be sent');
    config(['mail.default' => 'none']);
    $this->get($by)->assertDontSee('Mail it');
    $this->post("{$by}/mail")->assertSessionHasErrors('form');
});

it('takes nothing in for an order that is over, and says what may be done', function () {
    $plant = Plant::build();
    $shelf = Shelf::of($plant);
    $order = $shelf->order('Bend a bracket', []);
    app(AddToPlan::class)($plant->actor('planner'), $order, PlanLine::boughtIn('Bracket', 2000, null));
    $order = $plant->through($order->refresh(), 'approve');
    $key = "order-{$order->parts()->sole()->id}";
    $this->as('storekeeper')->post('/purchases', [
        'supplier_id' => supplier(),
        'store_id' => $shelf->store->id,
        'buy' => [$key],
        'price' => [$key => '31.50'],
    ]);
    $purchase = Purchase::query()->sole();
    $this->post("/purchases/{$purchase->id}/move", ['move' => 'send'])->assertSessionHasNoErrors();
    $this->as('supervisor')
        ->post("/orders/{$order->id}/cancel", ['reason' => 'not wanted'])
        ->assertSessionHasNoErrors();
    $came = ['came' => [$purchase->lines()->sole()->id => '2']];
    $this->as('storekeeper')->post("/purchases/{$purchase->id}/receipts", $came)->assertSessionHasErrors([
        'form' => "{$order->label()} is cancelled: what was bought in for it cannot be booked on it. Let it go back, ".
            'or have the order reopened first.',
    ]);
    expect([PartUse::query()->count(), $purchase->refresh()->state])->toBe([0, PurchaseState::Sent]);
});

it('jumps to a purchase by its number, of this site alone', function () {
    $plant = Plant::build();
    $shelf = Shelf::of($plant);
    $purchase = bought($plant, $shelf, $shelf->part('SEAL'), 2, '5.00');
    foreach (["B-{$purchase->number}", "b{$purchase->number}"] as $typed) {
        $this->as('storekeeper')
            ->get("/jump?q={$typed}", ['HX-Request' => 'true', 'HX-Target' => 'jump-hits'])
            ->assertSee("/purchases/{$purchase->id}");
    }
    $this->get('/jump?q=B-999', ['HX-Request' => 'true'])->assertDontSee('/purchases/');
    $this->as('stranger')
        ->get("/jump?q=B-{$purchase->number}", ['HX-Request' => 'true'])
        ->assertDontSee('/purchases/');
});
