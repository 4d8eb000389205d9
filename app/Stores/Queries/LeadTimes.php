<?php

declare(strict_types=1);

namespace App\Stores\Queries;

use Illuminate\Support\Facades\DB;
use Sundial\Stock\LeadTime;

/** How long suppliers took, from the day on which it was sent for to the day on which it came. */
final readonly class LeadTimes
{
    private const MOST = 500;

    public function ofSupplier(int $supplierId): ?LeadTime
    {
        return LeadTime::of(...$this->days($supplierId, null));
    }

    public function of(int $supplierId, int $partId): ?LeadTime
    {
        return LeadTime::of(...$this->days($supplierId, $partId));
    }

    /** @return list<int> */
    private function days(?int $supplierId, ?int $partId): array
    {
        return array_values(
            DB::table('purchase_receipts as r')
                ->join('purchases as p', 'p.id', '=', 'r.purchase_id')
                ->join('purchase_lines as l', 'l.id', '=', 'r.line_id')
                ->where('r.outcome', 'kept')
                ->whereNotNull('p.sent_on')
                ->when($supplierId !== null, static fn ($some) => $some->where('p.supplier_id', $supplierId))
                ->when($partId !== null, static fn ($some) => $some->where('l.part_id', $partId))
                ->orderByDesc('r.id')
                ->limit(self::MOST)
                ->selectRaw('DATEDIFF(r.received_on, p.sent_on) as days')
                ->pluck('days')
                ->map(static fn (mixed $days): int => max(0, (int) $days))
                ->all(),
        );
    }
}
