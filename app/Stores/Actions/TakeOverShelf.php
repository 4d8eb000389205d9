<?php

declare(strict_types=1);

namespace App\Stores\Actions;

use App\Platform\Audit\Actor;
use App\Stores\Models\Part;
use App\Stores\Models\Purchase;
use App\Stores\Models\Stock;
use App\Stores\Projections\OnOrder;
use App\Stores\Stock\HeldStock;
use App\Stores\Stock\Posting;
use App\Stores\Stock\StockHold;
use App\Stores\Stock\StockLedger;
use Illuminate\Support\Facades\DB;
use Sundial\Stock\Consent;
use Sundial\Stock\MoveKind;

/**
 * Carries what lies in a store under one number over to another number, with its value; what is on order, out for
 * repair or fitted follows.
 */
final readonly class TakeOverShelf
{
    public function __construct(
        private StockInStore $rows,
        private IssueStock $issue,
        private StockLedger $ledger,
        private OnOrder $onOrder,
    ) {
    }

    public function __invoke(Actor $by, Stock $from, Part $kept): Stock
    {
        return DB::transaction(function () use ($by, $from, $kept): Stock {
            $to = ($this->rows)($kept->id, $from->store_id);
            StockHold::ofParts($from->site_id, [$from->part_id, $kept->id]);
            $onHand = $from->balance()->onHand;
            if ($onHand > 0) {
                $this->carry($by, $from, $to, $onHand);
            }
            $to->refresh();
            $to->fill([
                'bin' => $to->bin ?? $from->bin,
                'reorder_point' => $to->reorder_point ?? $from->reorder_point,
                'order_quantity' => $to->order_quantity ?? $from->order_quantity,
            ])->save();
            $bought = DB::table('purchase_lines')->where('stock_id', $from->id);
            $purchases = (clone $bought)->distinct()->pluck('purchase_id');
            $bought->update(['stock_id' => $to->id]);
            $from->refresh()->fill(['on_order' => '0.000', 'reorder_point' => null, 'most' => null])->save();
            $this->follow($from, $to);
            foreach (Purchase::query()->whereKey($purchases->all())->orderBy('id')->get() as $purchase) {
                $this->onOrder->keep($purchase);
            }

            return $to;
        });
    }

    /** What is out for repair comes back to the number that is kept; what is fitted is known under it. */
    private function follow(Stock $from, Stock $to): void
    {
        DB::table('part_repairs')
            ->where('stock_id', $from->id)
            ->whereNull('over_on')
            ->update(['stock_id' => $to->id]);
        DB::statement(
            'UPDATE IGNORE lots SET stock_id = ? WHERE stock_id = ? AND asset_id IS NOT NULL',
            [$to->id, $from->id],
        );
    }

    private function carry(Actor $by, Stock $from, Stock $to, int $thousandths): void
    {
        $posting = Posting::by($by, MoveKind::Transfer)->because('the two numbers are one part');
        $out = ($this->issue)(
            $from->id,
            $thousandths,
            $posting->for($to->subject(), "to {$to->part->number}"),
            Consent::WithRight,
        );
        $held = HeldStock::lock($to->id);
        $this->ledger->post(
            $held,
            $held->row->balance()->receiveWorth($thousandths, -$out->value_cents),
            $posting->for($from->subject(), "from {$from->part->number}")->of($out->id),
        );
        $held->refill();
    }
}
