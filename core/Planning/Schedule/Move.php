<?php

declare(strict_types=1);

namespace Sundial\Planning\Schedule;

use Sundial\Calendar\LocalDate;

/** A visit that was moved by hand; it holds as long as the rule gives the day from which it was moved. */
final readonly class Move
{
    private function __construct(public LocalDate $from, public LocalDate $to)
    {
    }

    /** From the day that the rule gives to another. */
    public static function of(LocalDate $from, LocalDate $to): self
    {
        return new self($from, $to);
    }
}
