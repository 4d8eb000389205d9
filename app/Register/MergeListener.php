<?php

declare(strict_types=1);

namespace App\Register;

use App\Register\Models\Asset;

/** A higher floor that has to follow when two records turn out to be one asset. */
interface MergeListener
{
    public const MERGES = 'merge-listeners';

    /** What hangs on the one that goes is to hang on the one that is kept. Both rows are held. */
    public function merged(Asset $gone, Asset $kept): void;

    /** @return list<string> what would follow, for whoever decides: "3 schedules", "12 work orders" */
    public function wouldFollow(Asset $gone, Asset $kept): array;
}
