<?php

declare(strict_types=1);

namespace App\Register;

use App\Platform\Audit\Actor;
use App\Register\Models\Asset;
use Sundial\Calendar\LocalDate;

/** A higher floor that has something to put on a copy of an asset, such as its schedules. */
interface CopyListener
{
    public const COPIES = 'copy-listeners';

    /** @param  array<int, int>  $meters  meters of the copy by those of the original */
    public function copied(Actor $by, Asset $from, Asset $to, LocalDate $start, array $meters): void;

    /** @return list<string> what would be put on each copy: "2 schedules" */
    public function wouldTake(Asset $from): array;
}
