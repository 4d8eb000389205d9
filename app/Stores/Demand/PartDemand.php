<?php

declare(strict_types=1);

namespace App\Stores\Demand;

use Sundial\Calendar\LocalDate;

/** So many of a part that something to come will take on a day, and is not promised yet. */
final readonly class PartDemand
{
    public function __construct(
        public int $partId,
        public LocalDate $on,
        public int $thousandths,
        public string $what,
        public string $href,
        public DemandKind $kind,
    ) {
    }
}
