<?php

declare(strict_types=1);

namespace App\People\Queries;

use App\People\Models\User;
use Sundial\Access\Right;

/** Where somebody starts: with what the day brings. */
final class Home
{
    public function __invoke(User $person): string
    {
        return $person->may(Right::SeeOwnLine) ? '/today' : '/me';
    }
}
