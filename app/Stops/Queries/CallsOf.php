<?php

declare(strict_types=1);

namespace App\Stops\Queries;

use App\Stops\Models\MaintenanceCall;
use Illuminate\Support\Collection;

/** Calls for maintenance at a site. */
final readonly class CallsOf
{
    private const MOST = 20;

    /** The one that stands on a line. */
    public function ofLine(int $lineId): ?MaintenanceCall
    {
        return MaintenanceCall::query()->where('line_id', $lineId)->whereNull('over_at')->first();
    }

    /** @return Collection<int, MaintenanceCall> those that stand, oldest first */
    public function open(int $siteId): Collection
    {
        return MaintenanceCall::query()
            ->with('asset:id,tag,name,site_id')
            ->where('site_id', $siteId)
            ->whereNull('over_at')
            ->orderBy('called_at')
            ->limit(self::MOST)
            ->get()
            ->toBase();
    }
}
