<?php

declare(strict_types=1);

namespace App\Stores\Actions;

use App\People\Models\Supplier;
use App\Platform\Audit\Actor;
use App\Platform\Audit\Audit;
use App\Platform\Sites\SiteDays;
use App\Platform\Writing\NumberSeries;
use App\Stores\Inputs\PurchaseInput;
use App\Stores\Models\Purchase;
use App\Stores\Models\Store;
use App\Stores\Queries\SuppliersOf;
use Illuminate\Support\Facades\DB;

/** Writes down what is to be bought: a draft, until it is sent. */
final readonly class RaisePurchase
{
    /** The number with which its series begins. */
    private const FIRST = 101;

    public function __construct(
        private Audit $audit,
        private SiteDays $days,
        private StockInStore $rows,
        private SuppliersOf $supplies,
    ) {
    }

    public function __invoke(Actor $by, int $siteId, PurchaseInput $input): Purchase
    {
        return DB::transaction(function () use ($by, $siteId, $input): Purchase {
            $store = Store::query()->where('site_id', $siteId)->findOrFail($input->storeId);
            $supplier = Supplier::query()->findOrFail($input->supplierId);
            $purchase = Purchase::query()->create([
                'site_id' => $siteId,
                'number' => NumberSeries::take('purchases', self::FIRST),
                'supplier_id' => $supplier->id,
                'store_id' => $store->id,
                'currency' => $this->days->site($siteId)->currency,
                'note' => $input->note,
                'expected_on' => $input->expectedOn === null ? null : (string) $input->expectedOn,
                'raised_by' => $by->id,
                'raised_who' => $by->name,
                'raised_on' => (string) $this->days->today($siteId),
            ]);
            foreach ($input->lines as $line) {
                $shelf = isset($line->row['subject_id']) || $line->partId === null
                    ? null
                    : ($this->rows)($line->partId, $store->id)->id;
                $terms = $line->partId === null ? null : $this->supplies->terms($line->partId, $supplier->id);
                $purchase->lines()->create($line->row + [
                    'site_id' => $siteId,
                    'stock_id' => $shelf,
                    'their_number' => $terms?->their_number,
                ]);
            }
            $count = count($input->lines);
            $this->audit->record(
                $by,
                $purchase->subject(),
                "wrote {$purchase->label()} to {$supplier->name}, ".($count === 1 ? '1 line' : "{$count} lines"),
            );

            return $purchase->load('lines');
        });
    }
}
