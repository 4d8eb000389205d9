<?php

declare(strict_types=1);

namespace App\People\Models;

use App\Platform\Access\HoldsRights;
use App\Platform\Audit\Actor;
use Closure;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection as EloquentCollection;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\BelongsToMany;
use Illuminate\Foundation\Auth\User as Authenticatable;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use Laravel\Sanctum\HasApiTokens;
use Laravel\Sanctum\PersonalAccessToken;
use Sundial\Access\Right;
use Sundial\Access\Role;

/**
 * A person who works with Sundial.
 *
 * @property int $id
 * @property string $login
 * @property string $name
 * @property string|null $email
 * @property string $password
 * @property int|null $trade_id
 * @property int $week_minutes
 * @property bool $active
 * @property string $scheme
 * @property int $version
 * @property-read Trade|null $trade
 * @property-read EloquentCollection<int, Team> $teams
 */
final class User extends Authenticatable implements HoldsRights
{
    /** @use HasApiTokens<PersonalAccessToken> */
    use HasApiTokens;

    protected $guarded = [];

    protected $attributes = ['version' => 1];

    protected $hidden = ['password', 'remember_token'];

    protected $casts = ['active' => 'bool', 'password' => 'hashed'];

    /** @var list<Role>|null */
    private ?array $held = null;

    /** @var list<int>|null */
    private ?array $inTeams = null;

    /**
     * A person with roles and teams in the same statement, as every page needs whoever is logged in.
     *
     * @template T of Builder
     *
     * @param  T  $query
     * @return T
     */
    public static function withLists(Builder $query): Builder
    {
        return $query->select('users.*')->selectRaw("COALESCE((SELECT GROUP_CONCAT(role ORDER BY role) FROM user_roles WHERE user_id = users.id), '') as role_list, COALESCE((SELECT GROUP_CONCAT(team_id ORDER BY team_id) FROM team_users WHERE user_id = users.id), '') as team_list");
    }

    /** @param  Closure(): Collection<int, mixed>  $ask  where the list did not come with the person
     * @return Collection<int, mixed> */
    private static function listed(?string $list, Closure $ask): Collection
    {
        return $list === null ? $ask() : collect($list === '' ? [] : explode(',', $list));
    }

    /** @return list<Role> */
    public function roles(): array
    {
        return $this->held ??= self::listed($this->attributes['role_list'] ?? null, fn (): Collection => DB::table('user_roles')->where('user_id', $this->id)->orderBy('role')->pluck('role'))
            ->map(static fn (string $role): ?Role => Role::tryFrom($role))->filter()->values()->all();
    }

    public function holds(Right $right): bool
    {
        return $this->active && $this->may($right);
    }

    public function may(Right $right): bool
    {
        return $right->isHeldBy($this->roles());
    }

    /** @return BelongsTo<Trade, $this> */
    public function trade(): BelongsTo
    {
        return $this->belongsTo(Trade::class);
    }

    /** @return BelongsToMany<Team, $this> */
    public function teams(): BelongsToMany
    {
        return $this->belongsToMany(Team::class, 'team_users');
    }

    /** @return list<int> */
    public function teamIds(): array
    {
        return $this->inTeams ??= self::listed($this->attributes['team_list'] ?? null, fn (): Collection => DB::table('team_users')->where('user_id', $this->id)->pluck('team_id'))->map(static fn (mixed $id): int => (int) $id)->values()->all();
    }

    /** @return list<int> */
    public function siteIds(): array
    {
        return DB::table('user_sites')->where('user_id', $this->id)->pluck('site_id')->map(static fn (mixed $id): int => (int) $id)->all();
    }

    public function actor(): Actor
    {
        return Actor::person($this->id, $this->name);
    }
}
