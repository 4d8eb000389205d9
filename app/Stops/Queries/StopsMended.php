<?php

declare(strict_types=1);

namespace App\Stops\Queries;

use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use stdClass;

/** The stops that an order mends. */
final readonly class StopsMended
{
    private const MOST = 3;

    /** @return Collection<int, stdClass> id, reason, kind, tag, asset, from_at, to_at; the last one first */
    public function byOrder(int $orderId): Collection
    {
        return DB::table('stops as s')
            ->join('assets as a', 'a.id', '=', 's.asset_id')
            ->where('s.subject_kind', 'order')
            ->where('s.subject_id', $orderId)
            ->whereNull('s.struck_at')
            ->orderByDesc('s.from_at')
            ->limit(self::MOST)
            ->get(['s.id', 's.reason', 's.kind', 'a.tag', 'a.name as asset', 's.from_at', 's.to_at'])
            ->toBase();
    }
}
