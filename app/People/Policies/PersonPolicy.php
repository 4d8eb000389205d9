<?php

declare(strict_types=1);

namespace App\People\Policies;

use App\People\Models\User;
use Sundial\Access\Right;

/** Who sees and who changes what is kept about a person. */
final class PersonPolicy
{
    public function view(User $person, User $other): bool
    {
        return $person->id === $other->id || $person->may(Right::Administer);
    }

    public function update(User $person, User $other): bool
    {
        return $person->may(Right::Administer);
    }
}
