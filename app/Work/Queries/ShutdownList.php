<?php

declare(strict_types=1);

namespace App\Work\Queries;

use App\Work\Models\Shutdown;
use App\Work\Models\WorkOrder;
use App\Work\Orders\OpenStates;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\DB;

/** The shutdowns of a site, and what could be worked in one. */
final readonly class ShutdownList
{
    private const MOST = 60;

    /** @return Collection<int, Shutdown> those that are not over first, the next one first */
    public function ofSite(int $siteId): Collection
    {
        return Shutdown::query()
            ->where('site_id', $siteId)
            ->with('standing:assets.id,tag,name')
            ->orderByRaw('over_at IS NOT NULL')
            ->orderByRaw('CASE WHEN over_at IS NULL THEN from_at END')
            ->orderByDesc('from_at')
            ->limit(self::MOST)
            ->get();
    }

    /** @return Collection<int, WorkOrder> open orders on what stands and inside it that are in no shutdown yet */
    public function fitting(Shutdown $shutdown): Collection
    {
        $inside = DB::table('assets')->where(static function ($any) use ($shutdown): void {
            foreach ($shutdown->standing as $asset) {
                $any->orWhere('path', 'like', "{$asset->path}%");
            }
        });

        return WorkOrder::query()
            ->where('site_id', $shutdown->site_id)
            ->whereIn('state', OpenStates::VALUES)
            ->whereIn('asset_id', $inside->select('id'))
            ->whereNotIn('id', DB::table('shutdown_orders')->select('order_id'))
            ->with('asset:id,tag,name')
            ->orderBy('open_due_on')
            ->limit(200)
            ->get();
    }
}
