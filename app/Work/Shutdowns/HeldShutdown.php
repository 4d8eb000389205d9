<?php

declare(strict_types=1);

namespace App\Work\Shutdowns;

use App\Work\Models\Shutdown;
use App\Work\Models\WorkOrder;
use Illuminate\Support\Facades\DB;
use Sundial\Support\InvalidInput;

/** A shutdown and its orders, held for a change: the shutdown first, assets before orders, each by its id. */
final readonly class HeldShutdown
{
    /** @throws InvalidInput over */
    public function open(Shutdown $shutdown): Shutdown
    {
        $now = Shutdown::query()->lockForUpdate()->findOrFail($shutdown->id);
        if ($now->isOver()) {
            throw InvalidInput::because('over', 'form', "{$now->label()} is over and is not changed any more.");
        }

        return $now;
    }

    /** @return list<WorkOrder> */
    public function orders(int $siteId, WorkOrder ...$orders): array
    {
        $assets = array_filter(array_map(static fn (WorkOrder $one): ?int => $one->asset_id, $orders));
        DB::table('assets')->whereIn('id', $assets)->orderBy('id')->lockForUpdate()->pluck('id');

        return array_values(
            WorkOrder::query()
                ->where('site_id', $siteId)
                ->whereIn('id', array_map(static fn (WorkOrder $one): int => $one->id, $orders))
                ->orderBy('id')
                ->lockForUpdate()
                ->get()
                ->all(),
        );
    }
}
