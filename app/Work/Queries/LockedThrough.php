<?php

declare(strict_types=1);

namespace App\Work\Queries;

use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use stdClass;
use Sundial\Calendar\LocalDate;

/** Up to which day the costs of a site are locked. */
final readonly class LockedThrough
{
    public function of(int $siteId): ?LocalDate
    {
        $day = DB::table('cost_locks')->where('site_id', $siteId)->max('through_on');

        return is_string($day) ? LocalDate::parse($day) : null;
    }

    /** @return Collection<int, stdClass> every lock, the last first */
    public function all(int $siteId): Collection
    {
        return DB::table('cost_locks')->where('site_id', $siteId)->orderByDesc('through_on')->limit(24)->get();
    }
}
