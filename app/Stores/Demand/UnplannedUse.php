<?php

declare(strict_types=1);

namespace App\Stores\Demand;

use Sundial\Calendar\LocalDate;

/** A floor that knows how many of a part were used because something failed. */
interface UnplannedUse
{
    /**
     * @param  list<int>  $partIds
     * @return array<int, int> thousandths used on unplanned work from a day on, by part
     */
    public function usedSince(int $siteId, array $partIds, LocalDate $from): array;
}
