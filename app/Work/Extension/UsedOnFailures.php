<?php

declare(strict_types=1);

namespace App\Work\Extension;

use App\Stores\Demand\UnplannedUse;
use Illuminate\Support\Facades\DB;
use Sundial\Calendar\LocalDate;
use Sundial\Support\Quantity;
use Sundial\Work\WorkKind;

/** What was used of parts on unplanned orders: what failures asked for. */
final readonly class UsedOnFailures implements UnplannedUse
{
    public function usedSince(int $siteId, array $partIds, LocalDate $from): array
    {
        return DB::table('part_uses as u')
            ->join('work_orders as o', 'o.id', '=', 'u.order_id')
            ->where('o.site_id', $siteId)
            ->where('o.kind', WorkKind::Unplanned->value)
            ->join('parts as p', 'p.id', '=', 'u.part_id')
            // What was used under a number that was merged counts for the part that is kept.
            ->where(static fn ($any) => $any
                ->whereIn('u.part_id', $partIds)
                ->orWhereIn('p.merged_into_id', $partIds))
            ->where('u.used_on', '>=', (string) $from)
            ->groupByRaw('COALESCE(p.merged_into_id, p.id)')
            ->selectRaw('COALESCE(p.merged_into_id, p.id) as part_id, SUM(u.quantity) as used')
            ->pluck('used', 'part_id')
            ->map(static fn (mixed $used): int => max(0, Quantity::parse((string) $used)))
            ->all();
    }
}
