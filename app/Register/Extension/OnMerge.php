<?php

declare(strict_types=1);

namespace App\Register\Extension;

use App\Register\Models\Asset;

/** What would follow when two records are merged, for whoever decides. */
interface OnMerge
{
    /** @return list<string> "3 schedules", "12 work orders" */
    public function wouldFollow(Asset $gone, Asset $kept): array;
}
