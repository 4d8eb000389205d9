<?php

declare(strict_types=1);

namespace App\Stores\Queries;

use App\Stores\Models\Stock;
use App\Stores\Models\Store;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Collection as Plain;
use Illuminate\Support\Facades\DB;
use stdClass;

/** What a site holds of parts: in each of its stores, and in all of them together. */
final readonly class StockOf
{
    /** @return Collection<int, Store> those in use */
    public function stores(int $siteId): Collection
    {
        return Store::query()->where('site_id', $siteId)->where('active', true)->orderBy('code')->get();
    }

    public function inStore(int $partId, int $storeId): Stock
    {
        return Stock::query()->where('part_id', $partId)->where('store_id', $storeId)->firstOrFail();
    }

    /** @return Collection<int, Stock> of one part, by store */
    public function part(int $partId, int $siteId): Collection
    {
        return Stock::query()
            ->with(['store', 'part'])
            ->where('part_id', $partId)
            ->where('site_id', $siteId)
            ->orderBy('store_id')
            ->get();
    }

    /**
     * @param  list<int>  $partIds
     * @return Plain<int, stdClass> on_hand, promised, short, on_order, value_cents, point, most of each, by part
     */
    public function totals(array $partIds, int $siteId): Plain
    {
        return DB::table('stock')
            ->where('site_id', $siteId)
            ->whereIn('part_id', $partIds)
            ->groupBy('part_id')
            ->selectRaw('part_id, SUM(on_hand) as on_hand, SUM(promised) as promised, SUM(short) as short')
            ->selectRaw('SUM(on_order) as on_order, SUM(value_cents) as value_cents')
            ->selectRaw('SUM(reorder_point) as point, SUM(COALESCE(most, reorder_point + order_quantity)) as most')
            ->get()
            ->keyBy('part_id')
            ->toBase();
    }
}
