<?php

declare(strict_types=1);

namespace App\Stores\Queries;

use App\Stores\Models\Claim;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;

/** To whom parts are promised, first in rank first. */
final readonly class Promised
{
    /** @return Collection<int, Claim> */
    public function ofPart(int $partId, int $siteId): Collection
    {
        return Claim::query()
            ->where('site_id', $siteId)
            ->whereIn('stock_id', DB::table('stock')->where('part_id', $partId)->select('id'))
            ->get()
            ->toBase()
            ->sort(static fn (Claim $one, Claim $other): int => $one->rank()->against($other->rank()))
            ->values();
    }
}
