<?php

declare(strict_types=1);

namespace App\People\Actions;

use App\People\Inputs\FirstAdministrator;
use App\People\Inputs\PersonInput;
use App\People\Models\User;
use App\Platform\Audit\Actor;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;
use Sundial\Access\Role;

/**
 * The first start: one site, one administrator, who is planner and supervisor too, so that the first week needs
 * nobody else.
 */
final readonly class MakeFirstAdministrator
{
    public function __construct(private SavePerson $savePerson, private SaveSite $saveSite)
    {
    }

    public function __invoke(FirstAdministrator $first): User
    {
        return DB::transaction(function () use ($first): User {
            // One row decides who comes first, even if two windows send the form at the same moment.
            if (
                DB::table('numbers')->insertOrIgnore(['name' => 'first administrator', 'next' => 1]) === 0 ||
                User::query()->exists()
            ) {
                throw ValidationException::withMessages([
                    'login' => 'There is an administrator already. Log in instead.',
                ]);
            }
            $site = ($this->saveSite)(Actor::sundial(), null, $first->site);

            return ($this->savePerson)(Actor::sundial(), null, PersonInput::of([
                'login' => $first->login,
                'name' => $first->name,
                'password' => $first->password,
                'plant_admin' => true,
                'roles' => [
                    $site->id => [Role::Administrator->value, Role::Planner->value, Role::Supervisor->value],
                ],
            ]));
        });
    }
}
