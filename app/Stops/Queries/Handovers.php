<?php

declare(strict_types=1);

namespace App\Stops\Queries;

use App\Stops\Models\ShiftHandover;
use Illuminate\Support\Collection;

/** Shifts that were handed over at a site. */
final readonly class Handovers
{
    private const MOST = 30;

    public function of(int $siteId, string $day, string $shift): ?ShiftHandover
    {
        return ShiftHandover::query()->where('site_id', $siteId)->where('day', $day)->where('shift', $shift)->first();
    }

    /** @return Collection<int, ShiftHandover> the last one first */
    public function last(int $siteId): Collection
    {
        return ShiftHandover::query()
            ->where('site_id', $siteId)
            ->orderByDesc('day')
            ->orderByDesc('given_at')
            ->limit(self::MOST)
            ->get()
            ->toBase();
    }
}
