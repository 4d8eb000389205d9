<?php

declare(strict_types=1);

namespace App\Stores\Demand;

use Sundial\Calendar\LocalDate;

/** So many thousandths of a part that what comes takes on a day, all of one kind together. */
final readonly class DayDemand
{
    public function __construct(
        public int $partId,
        public LocalDate $on,
        public int $thousandths,
        public DemandKind $kind,
    ) {
    }
}
