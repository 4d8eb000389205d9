<?php

declare(strict_types=1);

namespace App\Stores\Inputs;

use App\People\Models\User;
use App\Platform\Audit\Actor;

/** The one who has seen it, too, as a form names them. */
final readonly class SecondPerson
{
    /** @param  array<string, mixed>  $given  the form, checked */
    public static function in(array $given): ?Actor
    {
        $id = $given['second_id'] ?? null;

        return $id === null ? null : User::query()->findOrFail((int) $id)->actor();
    }
}
