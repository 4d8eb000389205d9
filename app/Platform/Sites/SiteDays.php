<?php

declare(strict_types=1);

namespace App\Platform\Sites;

use App\Platform\Clock\Clock;
use Sundial\Calendar\LocalDate;

/** Today at any site, for work that nobody looks on at; each site is read once in a request or a job. */
final class SiteDays
{
    /** @var array<int, Site> */
    private array $sites = [];

    public function __construct(private readonly Clock $clock)
    {
    }

    public function today(int $siteId): LocalDate
    {
        return $this->site($siteId)->dayOf($this->clock->now());
    }

    /** A site with its days of rest, as it stands. */
    public function site(int $siteId): Site
    {
        return $this->sites[$siteId] ??= Site::query()->with('restDays')->findOrFail($siteId);
    }

    /** Forgets a site whose settings or days of rest changed. */
    public function forget(int $siteId): void
    {
        unset($this->sites[$siteId]);
    }
}
