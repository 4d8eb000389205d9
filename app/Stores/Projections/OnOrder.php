<?php

declare(strict_types=1);

namespace App\Stores\Projections;

use App\Stores\Models\Purchase;
use Illuminate\Support\Facades\DB;
use Sundial\Stock\PurchaseState;

/** Keeps how much is on its way to a shelf: what was sent for and has not come. */
final readonly class OnOrder
{
    public function keep(Purchase $purchase): void
    {
        $stocks = $purchase->lines()->whereNotNull('stock_id')->pluck('stock_id')->all();
        $coming = DB::table('purchase_lines as l')
            ->join('purchases as p', 'p.id', '=', 'l.purchase_id')
            ->whereIn('p.state', [PurchaseState::Sent->value, PurchaseState::PartReceived->value])
            ->whereColumn('l.stock_id', 'stock.id')
            ->selectRaw('COALESCE(SUM(GREATEST(l.quantity - l.received, 0)), 0)');
        DB::table('stock')->whereIn('id', $stocks)->orderBy('id')->update(['on_order' => $coming]);
    }
}
