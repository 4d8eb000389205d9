<?php

declare(strict_types=1);

namespace App\People\Actions;

use App\People\Inputs\PersonInput;
use App\People\Models\User;
use App\People\Queries\Administering;
use App\Platform\Audit\Actor;
use App\Platform\Audit\Audit;
use App\Platform\Subject;
use App\Platform\Writing\Versioned;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;
use Sundial\Support\InvalidInput;

/**
 * Adds a person, or changes who they are and what they may do at which site. Whoever administers some sites changes
 * roles and teams there alone, and the person only where nobody else's site is concerned.
 */
final readonly class SavePerson
{
    private const OWN = ['login', 'name', 'email', 'trade_id', 'week_minutes', 'active', 'plant_admin'];

    public function __construct(
        private Audit $audit,
        private Administering $administering,
        private EndSessions $endSessions,
    ) {
    }

    public function __invoke(Actor $by, ?User $person, PersonInput $input, ?int $version = null): User
    {
        return DB::transaction(function () use ($by, $person, $input, $version): User {
            $sites = $this->administering->sitesOf($by);
            $this->lockPlantAdministrators();
            $isNew = $person === null;
            $person = $isNew ? new User() : Versioned::lock($person, $version);
            $before = $isNew ? [] : $this->state($person);
            $this->fill($by, $person, $input);
            $hadPassword = ! $isNew && $person->isDirty('password');
            $stopped = ! $isNew && $person->isDirty('active') && ! $person->active;
            $differs = Versioned::differs($person);
            $isNew && $person->save();
            $this->keepRoles($person, $input->roles, $sites);
            $this->keepTeams($person, $input->teams, $sites);
            $changes = Audit::difference($before, $this->state($person));
            if (! $differs && $changes === []) {
                return $person->refresh();
            }
            $person->save();
            $this->keepAnAdministrator();
            $this->audit->record(
                $by,
                Subject::of('person', $person->id),
                $isNew ? "added {$person->name}" : "changed {$person->name}",
                $changes,
                $hadPassword ? 'A new password was set.' : null,
            );
            if ($hadPassword || $stopped) {
                $why = $stopped ? 'The account was stopped.' : 'A new password was set.';
                ($this->endSessions)($by, $person, null, $why);
            }

            return $person;
        });
    }

    private function fill(Actor $by, User $person, PersonInput $input): void
    {
        $person->fill($input->facts());
        if ($this->administering->sitesOf($by) === null) {
            return;
        }
        $changed = array_diff(array_keys($person->getDirty()), ['version']);
        $isOthers = $person->exists && $this->administering->isElsewhere($by, $person);
        if ($changed !== [] && ($isOthers || $person->getOriginal('plant_admin') || $person->plant_admin)) {
            throw InvalidInput::because(
                'not_yours',
                'name',
                'This person belongs to sites that you do not administer, so only their roles and teams at your sites '.
                    'can be changed here. Ask a plant administrator for the rest.',
            );
        }
    }

    /** @return array<string, mixed> */
    private function state(User $person): array
    {
        $codes = DB::table('sites')->pluck('code', 'id');
        $roles = DB::table('user_roles')
            ->where('user_id', $person->id)
            ->orderBy('site_id')
            ->orderBy('role')
            ->get()
            ->groupBy('site_id')
            ->map(static fn ($held, $site): string => "{$codes[$site]}: {$held->pluck('role')->implode(', ')}")
            ->implode('; ');
        $teams = DB::table('team_users as u')
            ->join('teams as t', 't.id', '=', 'u.team_id')
            ->where('u.user_id', $person->id)
            ->orderBy('t.name')
            ->pluck('t.name')
            ->implode(', ');

        return $person->only(self::OWN) + ['roles' => $roles, 'teams' => $teams];
    }

    /**
     * @param  array<int, list<string>>  $roles
     * @param  list<int>|null  $sites
     */
    private function keepRoles(User $person, array $roles, ?array $sites): void
    {
        if ($sites !== null && array_diff(array_keys($roles), $sites) !== []) {
            throw InvalidInput::because('not_yours', 'roles', 'Give roles at sites that you administer.');
        }
        if ($this->standsFor($person, $roles, $sites)) {
            return;
        }
        foreach (['user_roles', 'user_sites'] as $table) {
            DB::table($table)
                ->where('user_id', $person->id)
                ->when($sites !== null, static fn ($query) => $query->whereIn('site_id', $sites))
                ->delete();
        }
        foreach ($roles as $siteId => $held) {
            DB::table('user_sites')->insert(['user_id' => $person->id, 'site_id' => $siteId]);
            foreach (array_unique($held) as $role) {
                DB::table('user_roles')->insert([
                    'user_id' => $person->id,
                    'site_id' => $siteId,
                    'role' => $role,
                ]);
            }
        }
    }

    /**
     * Whether the person holds just these roles at the sites that are looked at, and none at another of them.
     *
     * @param  array<int, list<string>>  $roles
     * @param  list<int>|null  $sites
     */
    private function standsFor(User $person, array $roles, ?array $sites): bool
    {
        $of = static fn (string $table) => DB::table($table)
            ->where('user_id', $person->id)
            ->when($sites !== null, static fn ($query) => $query->whereIn('site_id', $sites));
        $held = $of('user_sites')
            ->pluck('site_id')
            ->mapWithKeys(static fn (mixed $id): array => [(int) $id => []])
            ->all();
        foreach ($of('user_roles')->get(['site_id', 'role']) as $one) {
            $held[(int) $one->site_id][] = (string) $one->role;
        }

        return self::inOrder($held) === self::inOrder($roles);
    }

    /**
     * @param  array<int, list<string>>  $roles
     * @return array<int, list<string>>
     */
    private static function inOrder(array $roles): array
    {
        ksort($roles);

        return array_map(static function (array $some): array {
            $some = array_unique($some);
            sort($some);

            return $some;
        }, $roles);
    }

    /**
     * @param  list<int>  $teams
     * @param  list<int>|null  $sites
     */
    private function keepTeams(User $person, array $teams, ?array $sites): void
    {
        $within = DB::table('teams')
            ->when($sites !== null, static fn ($query) => $query->whereIn('site_id', $sites))
            ->pluck('id')
            ->all();
        $wanted = array_values(array_unique(array_intersect($teams, $within)));
        $held = DB::table('team_users')
            ->where('user_id', $person->id)
            ->whereIn('team_id', $within)
            ->pluck('team_id')
            ->all();
        if (array_diff($wanted, $held) === [] && array_diff($held, $wanted) === []) {
            return;
        }
        DB::table('team_users')->where('user_id', $person->id)->whereIn('team_id', $within)->delete();
        foreach ($wanted as $team) {
            DB::table('team_users')->insert(['user_id' => $person->id, 'team_id' => $team]);
        }
    }

    /** Held before anything is read: of two who take each other's flag, the second sees what the first did. */
    private function lockPlantAdministrators(): void
    {
        DB::table('users')->where('plant_admin', true)->orderBy('id')->lockForUpdate()->pluck('id');
    }

    private function keepAnAdministrator(): void
    {
        $people = DB::table('users')->exists();
        if ($people && DB::table('users')->where('plant_admin', true)->where('active', true)->doesntExist()) {
            throw ValidationException::withMessages([
                'plant_admin' => 'This would leave nobody who can administer the plant. Make somebody else plant '.
                    'administrator first.',
            ]);
        }
    }
}
