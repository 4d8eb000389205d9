<?php

declare(strict_types=1);

namespace Sundial\Planning\Schedule;

use Sundial\Calendar\LocalDate;
use Sundial\Planning\Trigger\VisitInHand;

/** That a visit was done, or counts as done: on which day of the site, and at which instant for its readings. */
final readonly class Done
{
    /** Seconds into a day at which it is read where no instant is known. */
    private const MIDDAY = 43200;

    private function __construct(public VisitInHand $visit, public LocalDate $day, public int $instant)
    {
    }

    /** @param  int|null  $instant  epoch seconds; null where only the day is known */
    public static function on(VisitInHand $visit, LocalDate $day, ?int $instant = null): self
    {
        return new self($visit, $day, $instant ?? $day->epochDay * 86400 + self::MIDDAY);
    }
}
