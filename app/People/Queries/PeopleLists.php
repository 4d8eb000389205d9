<?php

declare(strict_types=1);

namespace App\People\Queries;

use App\People\Models\CostCentre;
use App\People\Models\Supplier;
use App\People\Models\Team;
use App\People\Models\Trade;
use App\People\Models\User;
use Illuminate\Support\Collection;

/** Short lists of people, trades and those the plant buys from, for forms and pages. */
final readonly class PeopleLists
{
    /** @return Collection<int, Team> the teams of a site, by name */
    public function teams(int $siteId): Collection
    {
        return Team::query()->where('site_id', $siteId)->orderBy('name')->get()->toBase();
    }

    /**
     * @param  list<int>  $siteIds
     * @return Collection<int, Team> the teams of several sites with their people
     */
    public function teamsWithPeople(array $siteIds): Collection
    {
        return Team::query()
            ->with(['site', 'people'])
            ->whereIn('site_id', $siteIds)
            ->orderBy('name')
            ->get()
            ->toBase();
    }

    /** @return Collection<int, CostCentre> */
    public function costCentres(): Collection
    {
        return CostCentre::query()->orderBy('code')->get()->toBase();
    }

    /** @return Collection<int, Trade> */
    public function trades(): Collection
    {
        return Trade::query()->orderBy('name')->get()->toBase();
    }

    /** @return Collection<int, Trade> */
    public function tradesWithRates(): Collection
    {
        return Trade::query()->with('rates')->orderBy('name')->get()->toBase();
    }

    /** @return Collection<int, Supplier> those one still buys from, and the one that a record names already */
    public function suppliers(?int $named = null): Collection
    {
        return Supplier::query()
            ->where('active', true)
            ->orWhere('id', $named)
            ->orderBy('name')
            ->get(['id', 'name'])
            ->toBase();
    }

    /** @return Collection<int, string> all suppliers, those of old too, by id */
    public function supplierNames(): Collection
    {
        return Supplier::query()->orderBy('name')->pluck('name', 'id');
    }

    /** Whether somebody can sign in at all; a new plant has nobody. */
    public function anybody(): bool
    {
        return User::query()->exists();
    }
}
