<?php

declare(strict_types=1);

namespace Database\Demo;

use App\People\Models\User;
use App\Platform\Audit\Actor;
use App\Platform\Clock\SetClock;
use App\Platform\Sites\Site;
use App\Register\Models\Asset;
use App\Stores\Actions\CountStock;
use App\Stores\Actions\MovePurchase;
use App\Stores\Actions\OpenStock;
use App\Stores\Actions\RaisePurchase;
use App\Stores\Actions\ReceivePurchase;
use App\Stores\Actions\ReceiveStock;
use App\Stores\Actions\SaveStore;
use App\Stores\Actions\SetStock;
use App\Stores\Actions\StockInStore;
use App\Stores\Inputs\Counted;
use App\Stores\Inputs\Delivered;
use App\Stores\Inputs\LineToBuy;
use App\Stores\Inputs\LotsTyped;
use App\Stores\Inputs\PurchaseInput;
use App\Stores\Inputs\StockInput;
use App\Stores\Models\Part;
use App\Stores\Models\Purchase;
use App\Stores\Models\PurchaseLine;
use App\Stores\Models\Stock;
use App\Stores\Queries\Proposal;
use App\Stores\Queries\WhatToBuyNow;
use App\Stores\Stock\Posting;
use App\Work\Actions\Moves\ApproveWorkOrder;
use App\Work\Actions\Plan\AddToPlan;
use App\Work\Actions\Raising\RaiseOrder;
use App\Work\Inputs\OrderInput;
use App\Work\Inputs\PlanLine;
use App\Work\Models\WorkOrder;
use Illuminate\Support\Facades\DB;
use Sundial\Calendar\LocalDate;
use Sundial\Costing\UnitPrice;
use Sundial\Stock\MoveKind;
use Sundial\Stock\PurchaseMove;
use Sundial\Stock\StoreRules;
use Sundial\Support\Quantity;
use Sundial\Work\OrderType;
use Sundial\Work\Plan\PartSource;
use Sundial\Work\Priority;

/** The stores of Ollerfell Mill: opened at the start, bought for every fourth week, and short where stories want it. */
final class DemoStores
{
    private const STORES = [
        'OM' => [['MAIN', 'Main store'], ['SHED', 'Weaving shed cupboard']],
        'LW' => [['DYE', 'Dyehouse store']],
    ];

    /** What lies in the cupboard of the weaving shed, beside the main store. */
    private const SHED = ['WFS-3', 'HLD-40', 'PCK-9'];

    /** Of which the dyehouse keeps some of its own, beside every fourth part. */
    private const DYE = ['SEAL-40', 'BRG-6207', 'CPL-2', 'P-0110'];

    /** Days between two rounds of buying, and when the last one was. */
    private const ROUND = 28;

    private const LAST = 6;

    private Actor $keeper;

    public function __construct(
        private readonly SaveStore $saveStore,
        private readonly StockInStore $rows,
        private readonly SetStock $set,
        private readonly OpenStock $open,
        private readonly ReceiveStock $receive,
        private readonly CountStock $count,
        private readonly WhatToBuyNow $proposals,
        private readonly RaisePurchase $raise,
        private readonly MovePurchase $move,
        private readonly ReceivePurchase $take,
        private readonly RaiseOrder $raiseOrder,
        private readonly AddToPlan $plan,
        private readonly ApproveWorkOrder $approve,
    ) {
    }

    public function open(): void
    {
        $this->keeper = User::query()->where('login', 'storekeeper')->sole()->actor();
        $parts = Part::query()->orderBy('id')->get();
        foreach (self::STORES as $code => $stores) {
            $site = Site::query()->where('code', $code)->sole();
            foreach ($stores as [$store, $name]) {
                $id = ($this->saveStore)(Actor::sundial(), $site->id, null, $store, $name)->id;
                foreach ($parts as $i => $part) {
                    if ($this->lies($part, $i, $store)) {
                        $this->shelve($part, $i, $id, $store);
                    }
                }
            }
        }
    }

    /** What is due comes in, and every fourth week is bought. */
    public function day(LocalDate $day, LocalDate $today): void
    {
        $this->arrivals($day);
        $ago = $day->daysUntil($today);
        if ($ago % self::ROUND === 0) {
            $this->countSome(intdiv($ago, self::ROUND));
        }
        if ($ago % self::ROUND === self::LAST) {
            foreach (Site::query()->orderBy('id')->get() as $site) {
                $this->buy($site->id, $day);
            }
        }
    }

    /** What an order is about to take lies there: where it does not, somebody fetched it over the counter. */
    public function fetch(int $partId, int $siteId, int $thousandths): void
    {
        $stock = Stock::query()
            ->where('site_id', $siteId)
            ->where('part_id', $partId)
            ->orderByRaw('on_hand - promised DESC')
            ->first();
        if ($stock === null || $stock->free() >= $thousandths) {
            return;
        }
        ($this->receive)(
            $stock->id,
            $thousandths,
            UnitPrice::parse((string) ($stock->part->price ?? '1')),
            Posting::by($this->keeper, MoveKind::Receipt)->because('fetched over the counter'),
        );
    }

    /** The stories: a bearing that is all promised, and the last weft sensor that two want. */
    public function thisMorning(SetClock $clock, LocalDate $today): void
    {
        $clock->set("{$today} 07:20:00");
        $this->leave('P-0101', 3);
        $this->wanting('Overhaul the reducer of the raising machine', 'RSE-01', 'P-0101', 3, $today->plusDays(9));
        $this->wanting('New bearing in the winder drum', 'WND-03', 'P-0101', 1, $today->plusDays(5));
        $this->leave('WFS-3', 1);
        $clock->set("{$today} 07:25:00");
        $this->wanting('Change the weft sensor at the next warp', 'LM-05', 'WFS-3', 1, $today->plusDays(6));
        $clock->set("{$today} 07:30:00");
        $order = $this->wanting(
            'Replace the weft sensor',
            'LM-14',
            'WFS-3',
            1,
            $today->plusDays(2),
            Priority::Urgent,
        );
        ($this->plan)(
            User::query()->where('login', 'planner')->sole()->actor(),
            $order,
            PlanLine::boughtIn('Bracket, bent to the drawing', 2000, UnitPrice::parse('31.50')),
        );
    }

    private function lies(Part $part, int $i, string $store): bool
    {
        return match ($store) {
            'SHED' => in_array($part->number, self::SHED, true),
            'DYE' => $i % 4 === 0 || in_array($part->number, self::DYE, true),
            default => true,
        };
    }

    private function shelve(Part $part, int $i, int $storeId, string $store): void
    {
        $dear = $part->price !== null && UnitPrice::parse($part->price)->tenThousandths > 1_500_000;
        $usual = match (true) {
            $part->price !== null && UnitPrice::parse($part->price)->tenThousandths < 20_000 => 100,
            $dear => 2,
            default => 4 + $i % 5 * 2,
        };
        $stock = ($this->rows)($part->id, $storeId);
        ($this->set)($this->keeper, $stock, StockInput::typed([
            'bin' => chr(65 + intdiv($i, 30) % 8).'-'.str_pad((string) (1 + $i % 30), 2, '0', STR_PAD_LEFT),
            // Two seals too few are held: a story of the plant.
            'reorder_point' => $part->number === 'SEAL-40' ? '0' : (string) max(1, intdiv($usual, 3)),
            'order_quantity' => (string) $usual,
        ]));
        ($this->open)(
            $stock,
            ($store === 'MAIN' ? $usual + $i % 3 : max(1, intdiv($usual, 2))) * 1000,
            UnitPrice::parse((string) ($part->price ?? '1')),
            Posting::by($this->keeper, MoveKind::Receipt),
        );
    }

    private function buy(int $siteId, LocalDate $day): void
    {
        $by = [];
        foreach (($this->proposals)($siteId)->proposals as $one) {
            $by[$one->part->supplier_id ?? 0][] = $one;
        }
        unset($by[0]);
        $store = (int) DB::table('stores')->where('site_id', $siteId)->orderBy('id')->value('id');
        foreach ($by as $supplier => $some) {
            $lead = max(array_map(static fn (Proposal $one): int => $one->part->lead_days ?? StoreRules::LEAD, $some));
            $lines = array_map(static fn (Proposal $one): LineToBuy => LineToBuy::forShelf(
                $one->part,
                $one->thousandths,
                $one->part->price === null ? UnitPrice::parse('1') : UnitPrice::parse($one->part->price),
                $one->figures->short > 0 ? 'short for approved orders' : 'at its reorder point, or wanted soon',
            ), $some);
            $purchase = ($this->raise)(
                $this->keeper,
                $siteId,
                PurchaseInput::from($supplier, $store, ...$lines)->expected($day->plusDays($lead)),
            );
            if ($purchase->total() > 50_000) {
                $purchase = ($this->move)(Actor::sundial(), $purchase, PurchaseMove::Approve);
            }
            ($this->move)($this->keeper, $purchase, PurchaseMove::Send);
        }
    }

    /** One shelf in eight was counted, and stood as the books say. */
    private function countSome(int $round): void
    {
        foreach (Stock::query()->whereRaw('id % 8 = ?', [$round % 8])->orderBy('id')->get() as $row) {
            ($this->count)($this->keeper, $row->id, Counted::now(Quantity::parse($row->on_hand)));
        }
    }

    /** Some come a little late, and one in nine dearer than agreed. */
    private function arrivals(LocalDate $day): void
    {
        $due = Purchase::query()->with('lines.part')->whereIn('state', ['sent', 'part received'])->orderBy('id')->get();
        foreach ($due as $purchase) {
            $comes = LocalDate::parse((string) $purchase->expected_on)->plusDays($purchase->number % 7 - 2);
            if ($comes->isAfter($day)) {
                continue;
            }
            $purchase = ($this->take)($this->keeper, $purchase, ...$purchase->lines->map(
                fn (PurchaseLine $line): Delivered => Delivered::of(
                    $line->id,
                    $line->left(),
                    $line->id % 9 === 0 && $line->price !== null
                        ? UnitPrice::of(intdiv(UnitPrice::parse($line->price)->tenThousandths * 104, 100))
                        : null,
                )->lots($this->lots($line)),
            )->all());
            ($this->move)($this->keeper, $purchase, PurchaseMove::Close);
        }
    }

    /** Where a part is followed, what comes names its batch, or each piece. */
    private function lots(PurchaseLine $line): LotsTyped
    {
        return LotsTyped::of(match ($line->part?->tracked) {
            'batch' => "K{$line->id}",
            'serial' => implode("\n", array_map(
                static fn (int $i): string => "D15-{$line->id}-{$i}",
                range(1, intdiv($line->left(), 1000)),
            )),
            default => null,
        });
    }

    /** So many lie in the main store, and none elsewhere at the mill: it was counted this morning. */
    private function leave(string $number, int $many): void
    {
        $site = Site::query()->where('code', 'OM')->sole();
        $seen = User::query()->where('login', 'supervisor')->sole()->actor();
        $rows = Stock::query()
            ->where('site_id', $site->id)
            ->whereHas('part', static fn ($one) => $one->where('number', $number))
            ->orderBy('store_id')
            ->get();
        foreach ($rows as $i => $row) {
            $kept = $i === 0 ? $many * 1000 + Quantity::parse($row->promised) : 0;
            ($this->count)($this->keeper, $row->id, Counted::now($kept)->because('counted this morning', $seen));
        }
    }

    private function wanting(
        string $title,
        string $tag,
        string $number,
        int $many,
        LocalDate $due,
        Priority $priority = Priority::Routine,
    ): WorkOrder {
        $planner = User::query()->where('login', 'planner')->sole()->actor();
        $order = ($this->raiseOrder)($planner, OrderInput::on(Asset::query()->where('tag', $tag)->sole(), $title)->as(
            OrderType::corrective(),
            $priority,
            $due,
        ));
        $part = Part::query()->where('number', $number)->sole();
        ($this->plan)($planner, $order, PlanLine::part($part, $many * 1000, PartSource::FromStore, 'GBP'));

        return ($this->approve)(User::query()->where('login', 'supervisor')->sole()->actor(), $order->refresh());
    }
}
