<?php

declare(strict_types=1);

namespace App\Work\Queries;

use App\Work\Models\WorkOrder;
use Illuminate\Support\Collection;

/** Orders that came of another: those raised during it, and those that had to do its work again. */
final readonly class OrdersBeside
{
    /** @return Collection<int, WorkOrder> */
    public function raisedDuring(int $orderId): Collection
    {
        return WorkOrder::query()->where('from_order_id', $orderId)->orderBy('id')->get()->toBase();
    }

    /** @return Collection<int, WorkOrder> */
    public function repeating(int $orderId): Collection
    {
        return WorkOrder::query()->where('repeats_id', $orderId)->orderBy('id')->get()->toBase();
    }
}
