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
        return $person->id === $other->id || $this->administer($person, $other);
    }

    public function update(User $person, User $other): bool
    {
        return $this->administer($person, $other);
    }

    /** Plant administrators anybody; those of a site whoever belongs to it. */
    public function administer(User $person, User $other): bool
    {
        return $person->plant_admin || array_intersect($person->sitesWith(Right::Administer), $other->siteIds()) !== [];
    }
}
