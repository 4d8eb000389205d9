<?php

declare(strict_types=1);

use App\Stores\Actions\RaisePurchase;
use App\Stores\Actions\SaveTool;
use App\Stores\Inputs\LineToBuy;
use App\Stores\Inputs\PurchaseInput;
use App\Stores\Inputs\ToolInput;
use App\Stores\Models\Purchase;
use App\Stores\Models\Stock;
use App\Stores\Models\Tool;
use Illuminate\Support\Facades\DB;
use Sundial\Costing\UnitPrice;
use Tests\Feature\Plant;
use Tests\Feature\Stores\Shelf;

/** @return array<string, mixed> what must not move when something is refused */
function booksOfStores(): array
{
    return [
        DB::table('stock')->orderBy('id')->get(['on_hand', 'promised', 'short', 'on_order', 'value_cents'])->all(),
        DB::table('stock_moves')->count(),
        DB::table('part_repairs')->orderBy('id')->get()->all(),
        DB::table('purchases')->orderBy('id')->get(['state', 'supplier_id'])->all(),
        DB::table('stock_counts')->orderBy('id')->get(['state'])->all(),
        DB::table('tool_loans')->count(),
        DB::table('stores')->orderBy('id')->get(['code', 'name'])->all(),
        DB::table('parts')->orderBy('id')->get(['number', 'name', 'price', 'retired'])->all(),
    ];
}

/** A purchase of ten that was raised, and sent where wanted. */
function boughtTen(Plant $plant, Shelf $shelf, Stock $stock, string ...$moves): Purchase
{
    $by = $plant->actor('storekeeper');
    $supplier = DB::table('suppliers')->insertGetId(['name' => 'Tallow & Sons']);
    $line = LineToBuy::forShelf($stock->part, 10_000, UnitPrice::parse('5'));
    $purchase = app(RaisePurchase::class)(
        $by,
        $plant->site->id,
        PurchaseInput::from($supplier, $shelf->store->id, $line),
    );
    foreach ($moves as $move) {
        test()
            ->as('storekeeper')
            ->post("/purchases/{$purchase->id}/move", ['move' => $move])
            ->assertSessionHasNoErrors();
    }

    return $purchase->refresh();
}

/** A sheet on which all of the store is to be counted. */
function countOfAll(Shelf $shelf): string
{
    test()
        ->as('storekeeper')
        ->post('/counts', ['store_id' => $shelf->store->id, 'which' => 'all'])
        ->assertSessionHasNoErrors();

    return '/counts/'.DB::table('stock_counts')->max('id');
}

function torqueWrench(Plant $plant, bool $retired = false): Tool
{
    return app(SaveTool::class)(
        $plant->actor('storekeeper'),
        $plant->site->id,
        null,
        new ToolInput('T-014', 'Torque wrench', null, null, null, $retired),
    );
}

it('refuses what cannot be at its field, says so in the page that follows, and books nothing', function (
    Closure $case,
) {
    $plant = Plant::build();
    $shelf = Shelf::of($plant);
    $seal = $shelf->part('SEAL', received: [[10, '4.00']]);
    $at = ['store_id' => $shelf->store->id];
    expectRefused(booksOfStores(...), ...$case($plant, $shelf, $seal, $at));
})->with([
    'nothing received' => [
        fn (Plant $plant, Shelf $shelf, Stock $seal, array $at): array => [
            'storekeeper', "/parts/{$seal->part_id}", "/parts/{$seal->part_id}/receive",
            $at + ['quantity' => '0', 'price' => '4'], 'quantity', 'Give a quantity above nothing.',
        ],
    ],
    'a word received' => [
        fn (Plant $plant, Shelf $shelf, Stock $seal, array $at): array => [
            'storekeeper', "/parts/{$seal->part_id}", "/parts/{$seal->part_id}/receive",
            $at + ['quantity' => 'a few', 'price' => '4'], 'quantity', 'a few',
        ],
    ],
    'received at a word' => [
        fn (Plant $plant, Shelf $shelf, Stock $seal, array $at): array => [
            'storekeeper', "/parts/{$seal->part_id}", "/parts/{$seal->part_id}/receive",
            $at + ['quantity' => '2', 'price' => 'cheap'], 'price', 'cheap',
        ],
    ],
    'received below nothing' => [
        fn (Plant $plant, Shelf $shelf, Stock $seal, array $at): array => [
            'storekeeper', "/parts/{$seal->part_id}", "/parts/{$seal->part_id}/receive",
            $at + ['quantity' => '2', 'price' => '-4'], 'price', 'A price lies at 0 or above.',
        ],
    ],
    'received without any price' => [
        function (Plant $plant, Shelf $shelf, Stock $seal, array $at): array {
            $rag = $shelf->part('RAG', with: ['price' => '', 'currency' => '']);

            return ['storekeeper', "/parts/{$rag->part_id}", "/parts/{$rag->part_id}/receive",
                $at + ['quantity' => '2'], 'price', 'Say what one cost; the catalogue does not know it.'];
        },
    ],
    'received in a pack that it does not come in' => [
        fn (Plant $plant, Shelf $shelf, Stock $seal, array $at): array => [
            'storekeeper', "/parts/{$seal->part_id}", "/parts/{$seal->part_id}/receive",
            $at + ['quantity' => '2', 'in' => 'drum', 'price' => '4'], 'quantity', 'is not counted in “drum”',
        ],
    ],
    'received into a store of another site' => [
        function (Plant $plant, Shelf $shelf, Stock $seal): array {
            $other = DB::table('stores')->insertGetId([
                'site_id' => $plant->otherSite->id, 'code' => 'FAR', 'name' => 'Far store',
            ]);

            return ['storekeeper', "/parts/{$seal->part_id}", "/parts/{$seal->part_id}/receive",
                ['store_id' => $other, 'quantity' => '2', 'price' => '4'], 'store_id', 'store'];
        },
    ],
    'carried to where it lies' => [
        fn (Plant $plant, Shelf $shelf, Stock $seal, array $at): array => [
            'storekeeper', "/parts/{$seal->part_id}", "/parts/{$seal->part_id}/carry",
            $at + ['to_id' => $shelf->store->id, 'quantity' => '2'], 'store_id', 'It lies there already.',
        ],
    ],
    'carried from where it does not lie' => [
        function (Plant $plant, Shelf $shelf, Stock $seal, array $at): array {
            $shed = $shelf->another('SHED', 'Shed');

            return ['storekeeper', "/parts/{$seal->part_id}", "/parts/{$seal->part_id}/carry",
                ['store_id' => $shed, 'to_id' => $shelf->store->id, 'quantity' => '2'], 'store_id',
                'It is not kept in that store yet.'];
        },
    ],
    'more carried than lies there' => [
        function (Plant $plant, Shelf $shelf, Stock $seal, array $at): array {
            $shed = $shelf->another('SHED', 'Shed');

            return ['storekeeper', "/parts/{$seal->part_id}", "/parts/{$seal->part_id}/carry",
                $at + ['to_id' => $shed, 'quantity' => '11'], 'quantity', 'There are 10 pc of SEAL in Main store'];
        },
    ],
    'fewer counted than nothing' => [
        fn (Plant $plant, Shelf $shelf, Stock $seal, array $at): array => [
            'storekeeper', "/parts/{$seal->part_id}", "/parts/{$seal->part_id}/count",
            $at + ['counted' => '-1'], 'counted', 'A count is nothing or more.',
        ],
    ],
    'written off by one alone' => [
        fn (Plant $plant, Shelf $shelf, Stock $seal, array $at): array => [
            'storekeeper', "/parts/{$seal->part_id}", "/parts/{$seal->part_id}/write-off",
            $at + ['quantity' => '2', 'reason' => 'rusty'], 'second_id', 'Name who else has seen it.',
        ],
    ],
    'written off, and seen by oneself' => [
        fn (Plant $plant, Shelf $shelf, Stock $seal, array $at): array => [
            'storekeeper', "/parts/{$seal->part_id}", "/parts/{$seal->part_id}/write-off",
            $at + ['quantity' => '2', 'reason' => 'rusty', 'second_id' => $plant->person('storekeeper')->id],
            'second_id', 'Somebody else has to have seen it.',
        ],
    ],
    'written off, and seen by somebody of another site' => [
        fn (Plant $plant, Shelf $shelf, Stock $seal, array $at): array => [
            'storekeeper', "/parts/{$seal->part_id}", "/parts/{$seal->part_id}/write-off",
            $at + ['quantity' => '2', 'reason' => 'rusty', 'second_id' => $plant->person('stranger')->id],
            'second_id', 'Choose a person of this site.',
        ],
    ],
    'written off without a word' => [
        fn (Plant $plant, Shelf $shelf, Stock $seal, array $at): array => [
            'storekeeper', "/parts/{$seal->part_id}", "/parts/{$seal->part_id}/write-off",
            $at + ['quantity' => '2', 'second_id' => $plant->person('planner')->id], 'reason',
            'Say why it is written off.',
        ],
    ],
    'sent for repair, though it is bought again' => [
        fn (Plant $plant, Shelf $shelf, Stock $seal, array $at): array => [
            'storekeeper', "/parts/{$seal->part_id}", "/parts/{$seal->part_id}/repairs",
            $at + ['quantity' => '1'], 'form', 'SEAL is not repaired.',
        ],
    ],
    'none sent for repair' => [
        function (Plant $plant, Shelf $shelf, Stock $seal, array $at): array {
            $motor = $shelf->part('MOTOR', [[2, '90']], ['repair_days' => '20']);

            return ['storekeeper', "/parts/{$motor->part_id}", "/parts/{$motor->part_id}/repairs",
                $at + ['quantity' => '0'], 'quantity', 'Say how many go out.'];
        },
    ],
    'sent for repair, to be back yesterday' => [
        function (Plant $plant, Shelf $shelf, Stock $seal, array $at): array {
            $motor = $shelf->part('MOTOR', [[2, '90']], ['repair_days' => '20']);

            return ['storekeeper', "/parts/{$motor->part_id}", "/parts/{$motor->part_id}/repairs",
                $at + ['quantity' => '1', 'expected_on' => '2026-03-17'], 'expected_on',
                'They cannot be expected before they are sent.'];
        },
    ],
    'more back from repair than went out' => [
        function (Plant $plant, Shelf $shelf, Stock $seal, array $at): array {
            $motor = $shelf->part('MOTOR', [[2, '90']], ['repair_days' => '20']);
            test()
                ->as('storekeeper')
                ->post("/parts/{$motor->part_id}/repairs", $at + ['quantity' => '1'])
                ->assertSessionHasNoErrors();
            $repair = DB::table('part_repairs')->value('id');

            return ['storekeeper', "/parts/{$motor->part_id}", "/repairs/{$repair}/back",
                ['mended' => '2', 'cost' => '30'], 'mended', 'out'];
        },
    ],
    'a receipt taken back without a word' => [
        fn (Plant $plant, Shelf $shelf, Stock $seal, array $at): array => [
            'storekeeper', "/parts/{$seal->part_id}",
            '/stock-moves/'.DB::table('stock_moves')->value('id').'/reverse', ['reason' => ''], 'reason', 'reason',
        ],
    ],
    'a receipt taken back twice' => [
        function (Plant $plant, Shelf $shelf, Stock $seal, array $at): array {
            $address = '/stock-moves/'.DB::table('stock_moves')->value('id').'/reverse';
            test()
                ->as('storekeeper')
                ->post($address, ['reason' => 'another part'])
                ->assertSessionHasNoErrors();

            return ['storekeeper', "/parts/{$seal->part_id}", $address, ['reason' => 'again'], 'move',
                'This receipt is taken back already.'];
        },
    ],
    'the reversal of a receipt taken back' => [
        function (Plant $plant, Shelf $shelf, Stock $seal, array $at): array {
            test()
                ->as('storekeeper')
                ->post('/stock-moves/'.DB::table('stock_moves')->value('id').'/reverse', ['reason' => 'another part'])
                ->assertSessionHasNoErrors();

            return ['storekeeper', "/parts/{$seal->part_id}",
                '/stock-moves/'.DB::table('stock_moves')->max('id').'/reverse', ['reason' => 'again'], 'move',
                'Only a receipt is taken back so.'];
        },
    ],
    'kept below its reorder point at most' => [
        fn (Plant $plant, Shelf $shelf, Stock $seal, array $at): array => [
            'storekeeper', "/parts/{$seal->part_id}", "/parts/{$seal->part_id}/stores/{$shelf->store->id}",
            ['_method' => 'put', 'reorder_point' => '6', 'most' => '5', 'version' => 1], 'most',
            'The most that is held lies at the reorder point or above it.',
        ],
    ],
    'kept with a reorder point below nothing' => [
        fn (Plant $plant, Shelf $shelf, Stock $seal, array $at): array => [
            'storekeeper', "/parts/{$seal->part_id}", "/parts/{$seal->part_id}/stores/{$shelf->store->id}",
            ['_method' => 'put', 'reorder_point' => '-1', 'version' => 1], 'reorder_point', 'It lies at 0 or above.',
        ],
    ],
    'bought none at a time' => [
        fn (Plant $plant, Shelf $shelf, Stock $seal, array $at): array => [
            'storekeeper', "/parts/{$seal->part_id}", "/parts/{$seal->part_id}/stores/{$shelf->store->id}",
            ['_method' => 'put', 'order_quantity' => '0', 'version' => 1], 'order_quantity',
            'Say how many are bought at a time, or leave it empty.',
        ],
    ],
    'a count of bins without saying which' => [
        fn (Plant $plant, Shelf $shelf, Stock $seal, array $at): array => [
            'storekeeper', '/counts', '/counts', $at + ['which' => 'bins'], 'bins',
            'Say with what the bins begin: C, or C-1.',
        ],
    ],
    'a count of bins that hold nothing' => [
        fn (Plant $plant, Shelf $shelf, Stock $seal, array $at): array => [
            'storekeeper', '/counts', '/counts', $at + ['which' => 'bins', 'bins' => 'Z'], 'parts',
            'Nothing in this store fits that.',
        ],
    ],
    'a count booked before anything was counted' => [
        function (Plant $plant, Shelf $shelf, Stock $seal, array $at): array {
            $count = countOfAll($shelf);

            return ['storekeeper', $count, "{$count}/booked", [], 'form', 'Nothing was counted yet.'];
        },
    ],
    'a count given up, and given up again' => [
        function (Plant $plant, Shelf $shelf, Stock $seal, array $at): array {
            $count = countOfAll($shelf);
            test()->as('storekeeper')->post("{$count}/drop")->assertSessionHasNoErrors();

            return ['storekeeper', $count, "{$count}/drop", [], 'form', 'is dropped already.'];
        },
    ],
    'counted below nothing on a sheet' => [
        function (Plant $plant, Shelf $shelf, Stock $seal, array $at): array {
            $count = countOfAll($shelf);
            $line = DB::table('count_lines')->value('id');

            return ['storekeeper', $count, "{$count}/counted", ['counted' => [$line => '-2']], "counted.{$line}",
                'A count is nothing or more.'];
        },
    ],
    'bought nothing' => [
        fn (Plant $plant, Shelf $shelf, Stock $seal, array $at): array => [
            'storekeeper', '/purchases', '/purchases',
            $at + ['supplier_id' => DB::table('suppliers')->insertGetId(['name' => 'Tallow & Sons'])], 'lines',
            'Choose at least one line to buy.',
        ],
    ],
    'bought none of a part' => [
        fn (Plant $plant, Shelf $shelf, Stock $seal, array $at): array => [
            'storekeeper', '/purchases', '/purchases',
            $at + ['supplier_id' => DB::table('suppliers')->insertGetId(['name' => 'Tallow & Sons']),
                'part' => 'SEAL', 'part_quantity' => '0'], 'part_quantity', 'Say how many are bought.',
        ],
    ],
    'bought a part that nobody knows' => [
        fn (Plant $plant, Shelf $shelf, Stock $seal, array $at): array => [
            'storekeeper', '/purchases', '/purchases',
            $at + ['supplier_id' => DB::table('suppliers')->insertGetId(['name' => 'Tallow & Sons']),
                'part' => 'SAEL', 'part_quantity' => '2'], 'part', 'The catalogue has no part “SAEL”.',
        ],
    ],
    'received before it was sent for' => [
        function (Plant $plant, Shelf $shelf, Stock $seal, array $at): array {
            $purchase = boughtTen($plant, $shelf, $seal);
            $line = $purchase->lines()->value('id');

            return ['storekeeper', "/purchases/{$purchase->id}", "/purchases/{$purchase->id}/receipts",
                ['came' => [$line => '2']], 'form', 'only what was sent for is received.'];
        },
    ],
    'received nothing of what was sent for' => [
        function (Plant $plant, Shelf $shelf, Stock $seal, array $at): array {
            $purchase = boughtTen($plant, $shelf, $seal, 'send');
            $line = $purchase->lines()->value('id');

            return ['storekeeper', "/purchases/{$purchase->id}", "/purchases/{$purchase->id}/receipts",
                ['came' => [$line => '']], 'form', 'Say how many of at least one line came.'];
        },
    ],
    'received fewer than nothing' => [
        function (Plant $plant, Shelf $shelf, Stock $seal, array $at): array {
            $purchase = boughtTen($plant, $shelf, $seal, 'send');
            $line = $purchase->lines()->value('id');

            return ['storekeeper', "/purchases/{$purchase->id}", "/purchases/{$purchase->id}/receipts",
                ['came' => [$line => '-2']], "lines.{$line}", 'What came is nothing or more.'];
        },
    ],
    'cancelled without a word' => [
        function (Plant $plant, Shelf $shelf, Stock $seal, array $at): array {
            $purchase = boughtTen($plant, $shelf, $seal, 'send');

            return ['storekeeper', "/purchases/{$purchase->id}", "/purchases/{$purchase->id}/move",
                ['move' => 'cancel'], 'reason', 'Say why it is cancelled.'];
        },
    ],
    'a tool whose number another has' => [
        function (Plant $plant, Shelf $shelf, Stock $seal, array $at): array {
            torqueWrench($plant);

            return ['storekeeper', '/tools', '/tools', ['number' => 'T-014', 'name' => 'Another'], 'number',
                'There is a tool T-014 already.'];
        },
    ],
    'a tool lent that is no longer used' => [
        function (Plant $plant, Shelf $shelf, Stock $seal, array $at): array {
            $tool = torqueWrench($plant, retired: true);

            return ['storekeeper', "/tools/{$tool->id}", "/tools/{$tool->id}/lend",
                ['to_id' => $plant->person('technician')->id], 'to_id', 'no longer used'];
        },
    ],
    'a tool taken back that nobody has' => [
        function (Plant $plant, Shelf $shelf, Stock $seal, array $at): array {
            $tool = torqueWrench($plant);

            return ['storekeeper', "/tools/{$tool->id}", "/tools/{$tool->id}/back", [], 'back_note',
                'Nobody has it.'];
        },
    ],
    'a store whose code another has' => [
        fn (Plant $plant, Shelf $shelf, Stock $seal, array $at): array => [
            'administrator', '/setup/stores', '/setup/stores', ['code' => 'MAIN', 'name' => 'Second'], 'code',
            'There is a store MAIN already.',
        ],
    ],
    'a part merged into itself' => [
        fn (Plant $plant, Shelf $shelf, Stock $seal, array $at): array => [
            'planner', "/parts/{$seal->part_id}", "/parts/{$seal->part_id}/merged",
            ['merged' => 'SEAL', 'version' => $seal->part->version], 'merged', 'SEAL',
        ],
    ],
    'a part merged with one that nobody knows' => [
        fn (Plant $plant, Shelf $shelf, Stock $seal, array $at): array => [
            'planner', "/parts/{$seal->part_id}", "/parts/{$seal->part_id}/merged",
            ['merged' => 'SAEL', 'version' => $seal->part->version], 'merged', 'The catalogue has no part “SAEL”.',
        ],
    ],
    'itself instead of itself' => [
        fn (Plant $plant, Shelf $shelf, Stock $seal, array $at): array => [
            'planner', "/parts/{$seal->part_id}", "/parts/{$seal->part_id}/alternatives", ['other' => 'SEAL'], 'other',
            'Name another part.',
        ],
    ],
    'a supplier who sells none at least' => [
        fn (Plant $plant, Shelf $shelf, Stock $seal, array $at): array => [
            'storekeeper', "/parts/{$seal->part_id}", "/parts/{$seal->part_id}/suppliers",
            ['their_id' => DB::table('suppliers')->insertGetId(['name' => 'Tallow & Sons']), 'least' => '0'],
            'least', 'Say how many at least, or leave it empty.',
        ],
    ],
    'a pack that is called nothing' => [
        fn (Plant $plant, Shelf $shelf, Stock $seal, array $at): array => [
            'planner', '/parts/new', '/parts', ['number' => 'NEW', 'name' => 'New', 'unit' => 'pc', 'buy_of' => '12'],
            'buy_unit', 'Say what it is called and how many it holds, or leave both empty.',
        ],
    ],
]);
