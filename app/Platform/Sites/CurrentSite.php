<?php

declare(strict_types=1);

namespace App\Platform\Sites;

use App\Platform\Clock\Clock;
use Illuminate\Contracts\Auth\Authenticatable;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;
use Sundial\Calendar\LocalDate;

/** The site that this person is looking at, out of those they belong to; kept in the session. */
final class CurrentSite
{
    /** @var array<int, Collection<int, Site>> */
    private array $known = [];

    /** What was found last; asked for dozens of times while a page is written. */
    private ?Site $current = null;

    private ?Authenticatable $currentOf = null;

    private mixed $chosen = null;

    /** The site of a page that is shown without an account, such as that of a report. */
    private ?Site $shown = null;

    private ?LocalDate $today = null;

    private ?Site $todayOf = null;

    private int $todayAt = 0;

    public function __construct(
        private readonly Clock $clock,
        private readonly BeginDay $begin,
        private readonly SiteDays $days,
    ) {
    }

    /** @return Collection<int, Site> the sites a person belongs to, by name */
    public function all(?int $userId = null): Collection
    {
        $userId ??= (int) Auth::id();

        if (! isset($this->known[$userId])) {
            $sites = Site::query()
                ->whereIn('id', DB::table('user_sites')->where('user_id', $userId)->select('site_id'))
                ->orderBy('id')
                ->get();
            $this->days->know(...$sites->all());
            $this->known[$userId] = $sites->toBase();
        }

        return $this->known[$userId];
    }

    /** The chosen site; refuses somebody who belongs to none. */
    public function get(): Site
    {
        if ($this->shown !== null) {
            return $this->shown;
        }
        [$person, $chosen] = [Auth::user(), session('site_id')];
        if ($this->current === null || $this->currentOf !== $person || $this->chosen !== $chosen) {
            $sites = $this->all();
            $site = $sites->firstWhere('id', $chosen) ?? $sites->first() ?? abort(
                403,
                'Your account belongs to no site yet. An administrator can add you to one under Setup, People.',
            );
            ($this->begin)($site);
            [$this->current, $this->currentOf, $this->chosen] = [$site, $person, $chosen];
        }

        return $this->current;
    }

    public function id(): int
    {
        return $this->get()->id;
    }

    /** The site at which somebody's rights are asked: the one being looked at, or the first of anybody else's. */
    public function idFor(int $userId): ?int
    {
        $sites = $this->all($userId);
        $chosen = (int) Auth::id() === $userId ? session('site_id') : null;
        // Asked for each right of a page: a plain loop, not the ways of a collection.
        foreach ($sites as $site) {
            if ($site->id === $chosen) {
                return $site->id;
            }
        }

        return $sites->first()?->id;
    }

    /** Shows a page of a site to whoever asks, with an account or without; nothing is remembered of it. */
    public function show(Site $site): void
    {
        $this->shown = $site;
        $this->today = null;
    }

    /** Makes a record's site the one being looked at; the caller has checked the right to it. */
    public function enter(int $siteId): Site
    {
        if (session('site_id') !== $siteId) {
            session(['site_id' => $siteId]);
        }

        return $this->get();
    }

    public function holds(int $siteId, ?int $userId = null): bool
    {
        return $this->all($userId)->contains('id', $siteId);
    }

    /** Today, at the chosen site. */
    public function today(): LocalDate
    {
        $site = $this->get();
        $now = $this->clock->now();
        $second = $now->getTimestamp();
        if ($this->todayOf !== $site || $this->todayAt !== $second || $this->today === null) {
            [$this->today, $this->todayOf, $this->todayAt] = [$site->dayOf($now), $site, $second];
        }

        return $this->today;
    }
}
