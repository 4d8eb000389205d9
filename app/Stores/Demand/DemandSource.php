<?php

declare(strict_types=1);

namespace App\Stores\Demand;

use Sundial\Calendar\LocalDate;

/** A floor that will take parts: it is asked when the answer is wanted, so that no copy of it can be wrong. */
interface DemandSource
{
    /**
     * @param  list<int>|null  $partIds  null: of all parts
     * @return list<DayDemand> up to and with a day, what is late included
     */
    public function totals(int $siteId, ?array $partIds, LocalDate $until): array;

    /** @return list<PartDemand> what takes them by name; of each part its first ones */
    public function first(AskedFor ...$asked): array;
}
