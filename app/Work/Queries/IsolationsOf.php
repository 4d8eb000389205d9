<?php

declare(strict_types=1);

namespace App\Work\Queries;

use App\Work\Models\IsolationPoint;
use App\Work\Models\OrderIsolation;
use App\Work\Models\WorkOrder;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use Sundial\Work\Isolation\IsolationState;

/** The isolations behind which an order is worked, those that it could share, and the points of its asset. */
final readonly class IsolationsOf
{
    /** @return Collection<int, OrderIsolation> of an order, the last first */
    public function order(int $orderId): Collection
    {
        return OrderIsolation::query()
            ->whereIn('id', DB::table('isolation_orders')->where('order_id', $orderId)->select('isolation_id'))
            ->with(['events', 'orders'])
            ->orderByDesc('id')
            ->get()
            ->toBase();
    }

    /** @return Collection<int, OrderIsolation> open ones on its asset that it does not rest on yet */
    public function shared(WorkOrder $order): Collection
    {
        return OrderIsolation::query()
            ->where('asset_id', $order->asset_id)
            ->where('state', '<>', IsolationState::Lifted)
            ->whereNotIn('id', DB::table('isolation_orders')->where('order_id', $order->id)->select('isolation_id'))
            ->orderBy('id')
            ->get()
            ->toBase();
    }

    /** @return list<string> the points of an asset that are locked, in order */
    public function points(int $assetId): array
    {
        return array_values(
            IsolationPoint::query()
                ->where('asset_id', $assetId)
                ->orderBy('position')
                ->pluck('what')
                ->all(),
        );
    }

    /** @return Collection<int, OrderIsolation> of an asset that are not lifted */
    public function openOn(int $assetId): Collection
    {
        return OrderIsolation::query()
            ->where('asset_id', $assetId)
            ->where('state', '<>', IsolationState::Lifted)
            ->orderBy('id')
            ->get()
            ->toBase();
    }
}
