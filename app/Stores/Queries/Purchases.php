<?php

declare(strict_types=1);

namespace App\Stores\Queries;

use App\Stores\Models\Purchase;
use Illuminate\Database\Eloquent\Collection;
use Sundial\Stock\PurchaseState;

/** The purchases of a site. */
final readonly class Purchases
{
    private const MOST = 60;

    /** @return Collection<int, Purchase> those under way, the first expected first */
    public function open(int $siteId): Collection
    {
        return Purchase::query()
            ->with(['supplier', 'lines'])
            ->where('site_id', $siteId)
            ->whereNotIn('state', [PurchaseState::Closed, PurchaseState::Cancelled])
            ->orderByRaw('expected_on IS NULL')
            ->orderBy('expected_on')
            ->orderBy('id')
            ->limit(self::MOST)
            ->get();
    }

    /** @return Collection<int, Purchase> those that are over, the last first */
    public function over(int $siteId): Collection
    {
        return Purchase::query()
            ->with(['supplier', 'lines'])
            ->where('site_id', $siteId)
            ->whereIn('state', [PurchaseState::Closed, PurchaseState::Cancelled])
            ->orderByDesc('over_on')
            ->orderByDesc('id')
            ->limit(self::MOST)
            ->get();
    }
}
