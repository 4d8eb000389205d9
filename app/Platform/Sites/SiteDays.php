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

    /** @var array<int, Site> without their days of rest */
    private array $zones = [];

    public function __construct(private readonly Clock $clock)
    {
    }

    /** Sites that were read already: which day it is there needs no more than that. */
    public function know(Site ...$sites): void
    {
        foreach ($sites as $site) {
            $this->zones[$site->id] = $site;
        }
    }

    public function today(int $siteId): LocalDate
    {
        $site = $this->zones[$siteId] ?? $this->site($siteId);

        return $site->dayOf($this->clock->now());
    }

    /** A site with its days of rest, as it stands. */
    public function site(int $siteId): Site
    {
        return $this->sites[$siteId] ??= Site::query()->with('restDays')->findOrFail($siteId);
    }

    /** Forgets a site whose settings or days of rest changed. */
    public function forget(int $siteId): void
    {
        unset($this->sites[$siteId], $this->zones[$siteId]);
    }
}
