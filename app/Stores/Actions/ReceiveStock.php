<?php

declare(strict_types=1);

namespace App\Stores\Actions;

use App\Stores\Models\Movement;
use App\Stores\Stock\HeldStock;
use App\Stores\Stock\Posting;
use App\Stores\Stock\StockLedger;
use Illuminate\Support\Facades\DB;
use Sundial\Costing\UnitPrice;

/** Puts what came in onto the shelf, at its price; whoever waits for it is promised it, first in rank first. */
final readonly class ReceiveStock
{
    public function __construct(private StockLedger $ledger)
    {
    }

    public function __invoke(int $stockId, int $thousandths, UnitPrice $price, Posting $posting): Movement
    {
        return DB::transaction(function () use ($stockId, $thousandths, $price, $posting): Movement {
            $held = HeldStock::lock($stockId);
            $posted = $this->ledger->post($held, $held->row->balance()->receive($thousandths, $price), $posting);
            $held->refill();

            return $posted;
        });
    }
}
