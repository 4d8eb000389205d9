<?php

declare(strict_types=1);

namespace Sundial\Planning\Schedule;

use Sundial\Calendar\LocalDate;

/** Where the usage trigger of a schedule stands; totals in thousandths of the counter's unit. */
final readonly class UsageState
{
    private function __construct(public int $anchor, public int $due, public ?LocalDate $notBefore)
    {
    }

    /**
     * It counts from the anchor, and is due at a total.
     *
     * @param  LocalDate|null  $notBefore  the day of return, where the total was passed during a hold
     */
    public static function at(int $anchor, int $due, ?LocalDate $notBefore = null): self
    {
        return new self($anchor, $due, $notBefore);
    }
}
