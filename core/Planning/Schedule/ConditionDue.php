<?php

declare(strict_types=1);

namespace Sundial\Planning\Schedule;

use Sundial\Calendar\LocalDate;

/** That a gauge made a visit due: on which day, and by which of its readings. */
final readonly class ConditionDue
{
    private function __construct(public LocalDate $day, public int $readingId)
    {
    }

    /** By a reading of a day. */
    public static function by(LocalDate $day, int $readingId): self
    {
        return new self($day, $readingId);
    }
}
