<?php

declare(strict_types=1);

namespace Sundial\Planning\Visit;

use Sundial\Calendar\LocalDate;
use Sundial\Meters\CounterStanding;

/** The total at which a visit falls due by use, and what the readings say about it. */
final readonly class UsageDue
{
    private function __construct(
        public int $total,
        public ?CounterStanding $counter,
        public ?LocalDate $reached,
        public ?LocalDate $notBefore,
    ) {
    }

    /**
     * Due at a total.
     *
     * @param  int  $total  thousandths of the counter's unit
     * @param  CounterStanding|null  $counter  null while it has no reading
     * @param  LocalDate|null  $reached  the day on which a reading came to the due total
     * @param  LocalDate|null  $notBefore a total that was passed during a hold is due on the day of return, not
     *     earlier
     */
    public static function at(
        int $total,
        ?CounterStanding $counter,
        ?LocalDate $reached = null,
        ?LocalDate $notBefore = null,
    ): self {
        return new self($total, $counter, $reached, $notBefore);
    }
}
