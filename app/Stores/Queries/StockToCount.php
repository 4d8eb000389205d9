<?php

declare(strict_types=1);

namespace App\Stores\Queries;

use Illuminate\Support\Facades\DB;

/** Which shelves of a store go onto a sheet to count. */
final readonly class StockToCount
{
    public function __construct(private DueToCount $due)
    {
    }

    /** @return list<int> those that are due, the longest first */
    public function due(int $siteId, int $storeId, int $most): array
    {
        return array_values($this->due->first($siteId, $most, $storeId)->pluck('id')->map(intval(...))->all());
    }

    /** @return list<int> by bin, those whose bin begins so; all of the store where nothing is said */
    public function bins(int $storeId, string $begins, int $most): array
    {
        return array_values(
            DB::table('stock')
                ->where('store_id', $storeId)
                ->when($begins !== '', static fn ($some) => $some
                    ->where('bin', 'like', addcslashes($begins, '%_\\').'%'))
                ->orderBy('bin')
                ->orderBy('id')
                ->limit($most)
                ->pluck('id')
                ->map(intval(...))
                ->all(),
        );
    }
}
