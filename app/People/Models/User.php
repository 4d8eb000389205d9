<?php

declare(strict_types=1);

namespace App\People\Models;

use App\Platform\Access\HoldsRights;
use App\Platform\Audit\Actor;
use App\Platform\Records\PlainRecord;
use App\Platform\Sites\CurrentSite;
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
 * @property bool $plant_admin
 * @property string $scheme
 * @property int $version
 * @property-read Trade|null $trade
 * @property-read EloquentCollection<int, Team> $teams
 */
final class User extends Authenticatable implements HoldsRights
{
    /** @use HasApiTokens<PersonalAccessToken> */
    use HasApiTokens;

    use PlainRecord;

    protected $table = 'users';

    protected $guarded = [];

    protected $attributes = ['version' => 1];

    protected $hidden = ['password', 'remember_token'];

    /** @var array<string, string> */
    protected $casts = ['active' => 'bool', 'plant_admin' => 'bool', 'password' => 'hashed'];

    /** @var array<int, list<Role>>|null by site */
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
        return $query
            ->select('users.*')
            ->selectRaw(
                "COALESCE((SELECT GROUP_CONCAT(CONCAT(site_id, ':', role) ORDER BY role) FROM user_roles ".
                    "WHERE user_id = users.id), '') ".
                    'as role_list, COALESCE((SELECT GROUP_CONCAT(team_id ORDER BY team_id) FROM team_users WHERE '.
                    "user_id = users.id), '') as team_list",
            );
    }

    /** @param  Closure(): Collection<int, mixed>  $ask  where the list did not come with the person
     * @return Collection<int, mixed> */
    private static function listed(?string $list, Closure $ask): Collection
    {
        return $list === null ? $ask() : collect($list === '' ? [] : explode(',', $list));
    }

    /** @return array<int, list<Role>> what this person does, by site */
    public function rolesBySite(): array
    {
        if ($this->held === null) {
            $this->held = [];
            $rows = self::listed(
                $this->attributes['role_list'] ?? null,
                fn (): Collection => DB::table('user_roles')
                    ->where('user_id', $this->id)
                    ->orderBy('role')
                    ->selectRaw("CONCAT(site_id, ':', role) as held")
                    ->pluck('held'),
            );
            foreach ($rows as $row) {
                [$site, $name] = explode(':', (string) $row, 2);
                $role = Role::tryFrom($name);
                if ($role !== null) {
                    $this->held[(int) $site][] = $role;
                }
            }
        }

        return $this->held;
    }

    /**
     * @param  int|null  $siteId  at which site; null: at the one being looked at
     * @return list<Role>
     */
    public function roles(?int $siteId = null): array
    {
        return $this->rolesBySite()[$siteId ?? app(CurrentSite::class)->idFor($this->id)] ?? [];
    }

    public function holds(Right $right, ?int $siteId = null): bool
    {
        return $this->active && $this->may($right, $siteId);
    }

    public function may(Right $right, ?int $siteId = null): bool
    {
        return $right === Right::AdministerPlant ? $this->plant_admin : $right->isHeldBy($this->roles($siteId));
    }

    /** @return list<int> the sites at which this person holds a right */
    public function sitesWith(Right $right): array
    {
        $sites = array_filter(
            array_keys($this->rolesBySite()),
            fn (int $siteId): bool => $this->holds($right, $siteId),
        );

        return array_values($sites);
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
        return $this->inTeams ??= array_values(
            self::listed(
                $this->attributes['team_list'] ?? null,
                fn (): Collection => DB::table('team_users')->where('user_id', $this->id)->pluck('team_id'),
            )
                ->map(static fn (mixed $id): int => (int) $id)
                ->values()
                ->all(),
        );
    }

    /** @return list<int> */
    public function siteIds(): array
    {
        return array_values(
            DB::table('user_sites')
                ->where('user_id', $this->id)
                ->pluck('site_id')
                ->map(static fn (mixed $id): int => (int) $id)
                ->all(),
        );
    }

    public function actor(): Actor
    {
        return Actor::person($this->id, $this->name);
    }
}
