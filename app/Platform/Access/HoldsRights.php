<?php

declare(strict_types=1);

namespace App\Platform\Access;

use Sundial\Access\Right;

/** Somebody who can be logged in, and may do some things. */
interface HoldsRights
{
    /** Whether this person holds the right now: an account that was stopped holds none. */
    public function holds(Right $right): bool;
}
