<?php

declare(strict_types=1);

namespace App\Stores\Stock;

use App\Stores\Models\Stock;
use Illuminate\Support\Collection;

/**
 * Holds the stock of parts for a transaction. Whoever changes several parts holds all of them here before the first
 * change, so that any two wait for each other in one order.
 */
final class StockHold
{
    /**
     * All rows of the parts in the stores of a site. They are found first and then held one by one by their key: a
     * statement that holds many takes them in the order of whichever index it reads.
     *
     * @param  iterable<int|string>  $partIds
     * @return Collection<int, Stock> by id, in the order of ids
     */
    public static function ofParts(int $siteId, iterable $partIds): Collection
    {
        $ids = Stock::query()
            ->where('site_id', $siteId)
            ->whereIn('part_id', collect($partIds)->unique())
            ->pluck('id')
            ->sort();

        return $ids->mapWithKeys(static fn (int $id): array => [
            $id => Stock::query()->lockForUpdate()->findOrFail($id),
        ]);
    }

    /**
     * The rows of the parts of which these are some, of one site.
     *
     * @param  iterable<int|string>  $stockIds
     * @return Collection<int, Stock> by id, in the order of ids
     */
    public static function withAll(iterable $stockIds): Collection
    {
        $rows = Stock::query()->whereKey(collect($stockIds)->all())->get(['site_id', 'part_id']);

        return self::ofParts((int) $rows->first()?->site_id, $rows->pluck('part_id'));
    }
}
