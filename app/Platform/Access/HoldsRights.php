<?php

declare(strict_types=1);

namespace App\Platform\Access;

use App\Platform\Audit\Actor;
use Sundial\Access\Right;

/** Somebody who can be logged in, and may do some things. */
interface HoldsRights
{
    /** Under whose name what they do is written down. */
    public function actor(): Actor;

    /**
     * Whether this person holds the right now: an account that was stopped holds none.
     *
     * @param  int|null  $siteId  at which site; null: at the one being looked at
     */
    public function holds(Right $right, ?int $siteId = null): bool;
}
