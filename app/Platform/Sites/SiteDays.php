<?php

declare(strict_types=1);

namespace App\Platform\Sites;

use App\Platform\Clock\Clock;
use DateTimeZone;
use Illuminate\Support\Facades\DB;
use Sundial\Calendar\LocalDate;

/** Today at any site, for work that nobody looks on at; each site's zone is read once in a request or a job. */
final class SiteDays
{
    /** @var array<int, DateTimeZone> */
    private array $zones = [];

    public function __construct(private readonly Clock $clock)
    {
    }

    public function today(int $siteId): LocalDate
    {
        $zone = $this->zones[$siteId] ??= new DateTimeZone((string) DB::table('sites')->where('id', $siteId)->value('timezone'));

        return LocalDate::parse($this->clock->now()->setTimezone($zone)->format('Y-m-d'));
    }
}
