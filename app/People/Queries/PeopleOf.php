<?php

declare(strict_types=1);

namespace App\People\Queries;

use App\People\Models\User;
use Illuminate\Database\Eloquent\Builder as Eloquent;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use Sundial\Access\Right;
use Sundial\Access\Role;

/** Who works at a site, and in which roles. */
final readonly class PeopleOf
{
    /** @return Collection<int, string> names by id, of everybody who belongs to it */
    public function names(int $siteId): Collection
    {
        return DB::table('users')
            ->whereIn('id', $this->members($siteId))
            ->orderBy('name')
            ->pluck('name', 'id');
    }

    /** @return Collection<int, User> those who hold a right there by their roles, by name */
    public function with(Right $right, int $siteId): Collection
    {
        return $this->inRoles($siteId, ...$right->roles())->whereIn('id', $this->members($siteId))->get()->toBase();
    }

    /** @return Collection<int, User> */
    public function operators(int $siteId): Collection
    {
        return $this->inRoles($siteId, Role::Operator)->get()->toBase();
    }

    /** @return Eloquent<User> */
    private function inRoles(int $siteId, Role ...$roles): Eloquent
    {
        $held = DB::table('user_roles')
            ->where('site_id', $siteId)
            ->whereIn('role', array_map(static fn (Role $role): string => $role->value, $roles))
            ->select('user_id');

        return User::query()->where('active', true)->whereIn('id', $held)->orderBy('name');
    }

    private function members(int $siteId): Builder
    {
        return DB::table('user_sites')->where('site_id', $siteId)->select('user_id');
    }
}
