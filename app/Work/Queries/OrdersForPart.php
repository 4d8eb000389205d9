<?php

declare(strict_types=1);

namespace App\Work\Queries;

use App\People\Models\User;
use App\Work\Models\WorkOrder;
use App\Work\Orders\OpenStates;
use Illuminate\Database\Eloquent\Collection;

/** The orders for which somebody before a shelf would take a part: those that plan it first, then their own. */
final readonly class OrdersForPart
{
    private const MOST = 12;

    /** @return Collection<int, WorkOrder> */
    public function of(int $partId, int $siteId, User $me): Collection
    {
        $plans = 'EXISTS (SELECT 1 FROM order_parts p WHERE p.order_id = work_orders.id AND p.part_id = ?)';

        return WorkOrder::query()
            ->with('asset:id,tag,name')
            ->where('site_id', $siteId)
            ->whereIn('state', OpenStates::APPROVED)
            ->where(static fn ($any) => $any
                ->whereRaw($plans, [$partId])
                ->orWhere('assignee_id', $me->id))
            ->orderByRaw("{$plans} DESC", [$partId])
            ->orderByRaw("state = 'under way' DESC")
            ->orderBy('planned_on')
            ->orderBy('number')
            ->limit(self::MOST)
            ->get();
    }
}
