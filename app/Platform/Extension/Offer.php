<?php

declare(strict_types=1);

namespace App\Platform\Extension;

use Sundial\Access\Right;

/** Something that a capability offers by name in the frame: for whom, and where in its row. */
interface Offer
{
    /** Null: for everybody who is logged in. */
    public function right(): ?Right;

    public function position(): int;
}
