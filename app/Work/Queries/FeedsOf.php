<?php

declare(strict_types=1);

namespace App\Work\Queries;

use App\Work\Models\CalendarFeed;
use Illuminate\Support\Collection;

/** The calendar addresses that somebody gave out and did not take back, the last first. */
final readonly class FeedsOf
{
    /** @return Collection<int, CalendarFeed> */
    public function __invoke(int $userId): Collection
    {
        return CalendarFeed::query()
            ->where('user_id', $userId)
            ->whereNull('revoked_at')
            ->with(['owner', 'site', 'team'])
            ->orderByDesc('id')
            ->get()
            ->toBase();
    }
}
