<?php

declare(strict_types=1);

namespace App\Stores\Actions;

use App\Platform\Sites\SiteDays;
use App\Stores\Models\Part;
use App\Stores\Models\Stock;
use App\Stores\Models\Store;
use Illuminate\Support\Facades\DB;

/** The row of a part in a store, made where it lay there never before. */
final readonly class StockInStore
{
    public function __construct(private SiteDays $days)
    {
    }

    public function __invoke(int $partId, int $storeId): Stock
    {
        return DB::transaction(function () use ($partId, $storeId): Stock {
            $standing = Stock::query()->where('part_id', $partId)->where('store_id', $storeId)->first();
            if ($standing !== null) {
                return $standing;
            }
            $store = Store::query()->findOrFail($storeId);
            DB::table('stock')->insertOrIgnore([
                'site_id' => $store->site_id,
                'store_id' => $storeId,
                'part_id' => $partId,
                'class' => Part::query()->whereKey($partId)->value('class'),
                'kept_on' => (string) $this->days->today($store->site_id),
            ]);

            return Stock::query()->where('part_id', $partId)->where('store_id', $storeId)->sole();
        });
    }
}
