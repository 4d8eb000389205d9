<?php

declare(strict_types=1);

namespace App\People\Queries;

use App\People\Models\User;
use App\Platform\Audit\Actor;
use App\Platform\Sites\Site;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use Sundial\Access\Right;

/** Which sites somebody administers, and who belongs to them. */
final readonly class Administering
{
    /** @return list<int>|null null: every site, as a plant administrator and Sundial itself do */
    public function sitesOf(Actor $by): ?array
    {
        $person = $by->id === null ? null : User::query()->find($by->id);

        return $person === null || $person->plant_admin ? null : $person->sitesWith(Right::Administer);
    }

    /** @return Collection<int, Site> the sites that somebody administers, by name */
    public function sites(Actor $by): Collection
    {
        $sites = $this->sitesOf($by);

        return Site::query()
            ->when($sites !== null, static fn ($query) => $query->whereIn('id', $sites))
            ->orderBy('name')
            ->get()
            ->toBase();
    }

    /** Whether somebody belongs to a site that another one does not administer. */
    public function isElsewhere(Actor $by, User $person): bool
    {
        $sites = $this->sitesOf($by);

        return $sites !== null && array_diff($person->siteIds(), $sites) !== [];
    }

    /** @return Collection<int, User> those who belong to the sites that somebody administers, by name */
    public function people(Actor $by): Collection
    {
        $sites = $this->sitesOf($by);

        return User::withLists(User::query())
            ->with(['trade', 'teams'])
            ->when($sites !== null, static fn ($query) => $query->whereIn('users.id', self::belonging($sites ?? [])))
            ->orderByDesc('active')
            ->orderBy('name')
            ->get()
            ->toBase();
    }

    /** @param  list<int>  $sites */
    public static function belonging(array $sites): Builder
    {
        return DB::table('user_sites')->whereIn('site_id', $sites)->select('user_id');
    }

    /** @return Collection<int, string> the names of all sites, by id */
    public function names(): Collection
    {
        return Site::query()->orderBy('name')->pluck('name', 'id');
    }

    public function holds(Actor $by, int $siteId): bool
    {
        $sites = $this->sitesOf($by);

        return $sites === null || in_array($siteId, $sites, true);
    }
}
