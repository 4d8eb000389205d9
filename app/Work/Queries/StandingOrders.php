<?php

declare(strict_types=1);

namespace App\Work\Queries;

use App\People\Models\User;
use App\Work\Models\Booking;
use App\Work\Models\StandingOrder;
use App\Work\Models\WorkOrder;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\DB;

/** The standing orders of a site, those on which somebody books, and what they booked last. */
final readonly class StandingOrders
{
    /** @return Collection<int, StandingOrder> */
    public function ofSite(int $siteId): Collection
    {
        return StandingOrder::query()
            ->where('site_id', $siteId)
            ->where('retired', false)
            ->with('team')
            ->orderBy('title')
            ->get();
    }

    /** @return Collection<int, StandingOrder> */
    public function openTo(int $siteId, User $person): Collection
    {
        return $this->ofSite($siteId)->filter(static fn (StandingOrder $one): bool => $one->isOpenTo($person));
    }

    /** @return Collection<int, Booking> the small jobs that somebody booked last, each with its order and asset */
    public function lastOf(int $siteId, int $userId): Collection
    {
        $booked = Booking::counted()
            ->with(['person:id,name'])
            ->where('booked_by', $userId)
            ->whereIn('order_id', WorkOrder::query()
                ->where('site_id', $siteId)
                ->whereNotNull('standing_id')
                ->select('id'))
            ->latest('id')
            ->limit(8);
        $booked->addSelect(['bookings.*', 'tag' => DB::table('order_assets as r')
            ->join('assets as a', 'a.id', '=', 'r.asset_id')
            ->whereColumn('r.id', 'bookings.row_id')
            ->select('a.tag')]);

        return $booked->get();
    }
}
