<?php

declare(strict_types=1);

namespace App\People\Actions;

use App\People\Models\User;
use App\Platform\Audit\Actor;
use App\Platform\Audit\Audit;
use App\Platform\Subject;
use App\Platform\Writing\Versioned;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;
use Sundial\Access\Role;

/** Adds a person, or changes who they are, what they may do and where they belong. */
final readonly class SavePerson
{
    public function __construct(private Audit $audit)
    {
    }

    /**
     * @param  array{login: string, name: string, email?: string|null, trade_id?: int|null, week_minutes?: int, active?: bool, password?: string|null, roles: list<string>, sites: list<int>, teams?: list<int>}  $input
     */
    public function __invoke(Actor $by, ?User $person, array $input, ?int $version = null): User
    {
        return DB::transaction(function () use ($by, $person, $input, $version): User {
            $isNew = $person === null;
            $person = $isNew ? new User : Versioned::lock($person, $version);
            $before = $isNew ? [] : $this->state($person);
            $person->fill(array_intersect_key($input, array_flip(['login', 'name', 'email', 'trade_id', 'week_minutes', 'active'])));
            if (($input['password'] ?? '') !== '' && $input['password'] !== null) {
                $person->password = $input['password'];
            }
            $person->save();
            $this->links($person, 'user_roles', 'role', $input['roles']);
            $this->links($person, 'user_sites', 'site_id', $input['sites']);
            $this->links($person, 'team_users', 'team_id', $input['teams'] ?? []);
            $this->keepAnAdministrator();
            $this->audit->record($by, Subject::of('person', $person->id), $isNew ? "added {$person->name}" : "changed {$person->name}", Audit::difference($before, $this->state($person)), isset($input['password']) && ! $isNew ? 'A new password was set.' : null);

            return $person;
        });
    }

    /** @return array<string, mixed> */
    private function state(User $person): array
    {
        $list = static fn (string $table, string $column): string => DB::table($table)->where('user_id', $person->id)->orderBy($column)->pluck($column)->implode(', ');

        return $person->only(['login', 'name', 'email', 'trade_id', 'week_minutes', 'active']) + ['roles' => $list('user_roles', 'role'), 'sites' => $list('user_sites', 'site_id'), 'teams' => $list('team_users', 'team_id')];
    }

    /** @param  list<int|string>  $values */
    private function links(User $person, string $table, string $column, array $values): void
    {
        DB::table($table)->where('user_id', $person->id)->whereNotIn($column, $values)->delete();
        foreach ($values as $value) {
            DB::table($table)->insertOrIgnore(['user_id' => $person->id, $column => $value]);
        }
    }

    private function keepAnAdministrator(): void
    {
        $left = DB::table('users')->join('user_roles', 'users.id', '=', 'user_roles.user_id')->where('role', Role::Administrator->value)->where('active', true)->exists();
        if (! $left) {
            throw ValidationException::withMessages(['roles' => 'This would leave nobody who can administer Sundial. Give the role to somebody else first.']);
        }
    }
}
