<?php

declare(strict_types=1);

namespace Sundial\Planning\Trigger;

use Sundial\Calendar\LocalDate;

/** A visit as it was when its order was made: what made it due, and where each trigger stood. */
final readonly class VisitInHand
{
    private function __construct(
        public int $number,
        public Leading $led,
        public ?LocalDate $point,
        public ?int $dueTotal,
    ) {
    }

    /**
     * One that a trigger made due.
     *
     * @param  LocalDate|null  $point  the calendar point that stood, before non-working days moved it
     * @param  int|null  $dueTotal  the due total that stood, thousandths of the counter's unit
     */
    public static function of(Leading $led, ?LocalDate $point, ?int $dueTotal = null, int $number = 1): self
    {
        return new self($number, $led, $point, $dueTotal);
    }
}
