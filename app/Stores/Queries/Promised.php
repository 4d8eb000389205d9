<?php

declare(strict_types=1);

namespace App\Stores\Queries;

use App\Stores\Models\Claim;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Facades\DB;

/** To whom a part is promised, first in rank first: the order of ClaimRank, in words of the database. */
final readonly class Promised
{
    private const MOST = 60;

    public function ofPart(int $partId, int $siteId): PromisedTo
    {
        $first = $this->claims($partId, $siteId)
            ->orderByDesc('strokes')
            ->orderByRaw('needed_on IS NULL')
            ->orderBy('needed_on')
            ->orderBy('approved_at')
            ->orderBy('id')
            ->limit(self::MOST + 1)
            ->get()
            ->toBase();
        $isMore = $first->count() > self::MOST;

        return new PromisedTo(
            $first->take(self::MOST),
            $isMore ? $this->claims($partId, $siteId)->count() : $first->count(),
        );
    }

    /** @return Builder<Claim> */
    private function claims(int $partId, int $siteId): Builder
    {
        return Claim::query()
            ->where('site_id', $siteId)
            ->whereIn('stock_id', DB::table('stock')->where('part_id', $partId)->select('id'));
    }
}
