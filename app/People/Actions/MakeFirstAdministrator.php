<?php

declare(strict_types=1);

namespace App\People\Actions;

use App\People\Models\User;
use App\Platform\Audit\Actor;
use App\Platform\Sites\Site;
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

    /**
     * @param  array{site: string, code: string, timezone: string, currency: string, login: string, name: string,
     *     password: string} $input
     */
    public function __invoke(array $input): User
    {
        return DB::transaction(function () use ($input): User {
            // One row decides who comes first, even if two windows send the form at the same moment.
            if (
                DB::table('numbers')->insertOrIgnore(['name' => 'first administrator', 'next' => 1]) === 0 ||
                User::query()->exists()
            ) {
                throw ValidationException::withMessages([
                    'login' => 'There is an administrator already. Log in instead.',
                ]);
            }
            $site = ($this->saveSite)(Actor::sundial(), null, [
                'code' => $input['code'],
                'name' => $input['site'],
                'timezone' => $input['timezone'],
                'currency' => $input['currency'],
                'rest_weekdays' => '6,7',
                'release_hour' => 4,
            ]);

            return ($this->savePerson)(Actor::sundial(), null, [
                'login' => $input['login'],
                'name' => $input['name'],
                'password' => $input['password'],
                'plant_admin' => true,
                'roles' => [
                    $site->id => [Role::Administrator->value, Role::Planner->value, Role::Supervisor->value],
                ],
            ]);
        });
    }
}
