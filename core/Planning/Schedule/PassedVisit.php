<?php

declare(strict_types=1);

namespace Sundial\Planning\Schedule;

use Sundial\Calendar\LocalDate;
use Sundial\Planning\Trigger\Leading;

/** A visit whose point passed without an order: it used up its number, and counts as missed or as suspended. */
final readonly class PassedVisit
{
    private function __construct(
        public int $number,
        public LocalDate $planned,
        public Leading $led,
        public ?int $dueTotal,
    ) {
    }

    /** One that its calendar had planned for a day. */
    public static function byDate(int $number, LocalDate $planned): self
    {
        return new self($number, $planned, Leading::Calendar, null);
    }

    /**
     * One that was due at a total of its counter.
     *
     * @param  int  $dueTotal  thousandths of the counter's unit
     */
    public static function byUse(int $number, LocalDate $planned, int $dueTotal): self
    {
        return new self($number, $planned, Leading::Usage, $dueTotal);
    }
}
