<?php

declare(strict_types=1);

namespace Tests\Feature\Stores;

use App\Platform\Audit\Actor;
use App\Stores\Actions\ReceiveStock;
use App\Stores\Actions\SavePart;
use App\Stores\Actions\SaveStore;
use App\Stores\Actions\StockInStore;
use App\Stores\Inputs\PartInput;
use App\Stores\Models\Part;
use App\Stores\Models\Stock;
use App\Stores\Models\Store;
use App\Stores\Stock\Posting;
use App\Work\Actions\Plan\AddToPlan;
use App\Work\Actions\Raising\RaiseOrder;
use App\Work\Inputs\OrderInput;
use App\Work\Inputs\PlanLine;
use App\Work\Models\WorkOrder;
use Illuminate\Support\Facades\DB;
use Sundial\Calendar\LocalDate;
use Sundial\Costing\UnitPrice;
use Sundial\Stock\MoveKind;
use Sundial\Work\OrderType;
use Sundial\Work\Plan\PartSource;
use Sundial\Work\Priority;
use Tests\Feature\Plant;

/** A store in the small plant of the tests, its parts, and orders that want some. */
final class Shelf
{
    public Store $store;

    private function __construct(private readonly Plant $plant)
    {
    }

    public static function of(Plant $plant): self
    {
        $shelf = new self($plant);
        $shelf->store = app(SaveStore::class)(Actor::sundial(), $plant->site->id, null, 'MAIN', 'Main store');

        return $shelf;
    }

    /** Another store of the same site. */
    public function another(string $code, string $name): int
    {
        return app(SaveStore::class)(Actor::sundial(), $this->plant->site->id, null, $code, $name)->id;
    }

    public function stockIn(int $storeId, int $partId): Stock
    {
        return Stock::query()->where('store_id', $storeId)->where('part_id', $partId)->sole();
    }

    /** @param  list<array{int, string}>  $received  how many came at which price */
    public function part(string $number, array $received = [], array $with = []): Stock
    {
        $part = app(SavePart::class)(Actor::sundial(), null, PartInput::of($with + [
            'number' => $number,
            'name' => $number,
            'price' => '5.00',
            'currency' => 'EUR',
        ]));
        $stock = app(StockInStore::class)($part->id, $this->store->id);
        foreach ($received as [$many, $price]) {
            app(ReceiveStock::class)(
                $stock->id,
                $many * 1000,
                UnitPrice::parse($price),
                Posting::by($this->plant->actor('storekeeper'), MoveKind::Receipt),
            );
        }

        return $stock->refresh();
    }

    /** @param  array<string, int>  $parts  how many from the store, by number */
    public function order(string $title, array $parts, ?LocalDate $due = null): WorkOrder
    {
        $by = $this->plant->actor('planner');
        $order = app(RaiseOrder::class)(
            $by,
            OrderInput::on($this->plant->pump, $title)->as(OrderType::corrective(), Priority::Routine, $due),
        );
        foreach ($parts as $number => $many) {
            $part = Part::query()->where('number', $number)->sole();
            app(AddToPlan::class)($by, $order, PlanLine::part($part, $many * 1000, PartSource::FromStore, 'EUR'));
        }

        return $order->refresh();
    }

    /** @param  array<string, int>  $parts */
    public function approved(string $title, array $parts, ?LocalDate $due = null): WorkOrder
    {
        return $this->plant->through($this->order($title, $parts, $due), 'approve');
    }

    /** @param  array<string, int>  $parts */
    public function underWay(string $title, array $parts): WorkOrder
    {
        return $this->plant->through($this->order($title, $parts), 'approve', 'start');
    }

    /** So many of a part are on their way, and expected on a day. */
    public function onItsWay(string $number, int $many, string $day): int
    {
        $stock = Stock::query()->whereHas('part', static fn ($one) => $one->where('number', $number))->sole();
        $purchase = DB::table('purchases')->insertGetId([
            'site_id' => $this->plant->site->id,
            'number' => 1 + (int) DB::table('purchases')->max('number'),
            'supplier_id' => DB::table('suppliers')->insertGetId(['name' => uniqid('Supplier ')]),
            'store_id' => $this->store->id,
            'state' => 'sent',
            'currency' => 'EUR',
            'raised_who' => 'Storekeeper',
            'raised_on' => '2026-03-16',
            'expected_on' => $day,
        ]);
        DB::table('purchase_lines')->insert([
            'site_id' => $this->plant->site->id,
            'purchase_id' => $purchase,
            'part_id' => $stock->part_id,
            'stock_id' => $stock->id,
            'name' => $number,
            'unit' => 'pc',
            'quantity' => $many,
        ]);

        return $purchase;
    }
}
