<?php

declare(strict_types=1);

namespace App\Register\Extension;

use App\Register\Models\Asset;

/** What would be put on a copy of an asset, for whoever copies it. */
interface OnCopy
{
    /** @return list<string> names, such as those of schedules */
    public function wouldTake(Asset $from): array;
}
