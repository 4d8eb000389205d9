<?php

declare(strict_types=1);

namespace Sundial\Planning;

use Sundial\Calendar\LocalDate;

/** How near a visit is. */
enum Nearness: string
{
    case Clear = 'clear';
    case Near = 'near';
    case Due = 'due';
    case Late = 'late';
    case InHand = 'in hand';

    /**
     * clear, then near from $nearFrom, due on the day, late after it, in hand while an open order covers it.
     */
    public static function on(LocalDate $today, LocalDate $nearFrom, LocalDate $planned, bool $inHand = false): self
    {
        return match (true) {
            $inHand => self::InHand,
            $today->isAfter($planned) => self::Late,
            $today->is($planned) => self::Due,
            ! $today->isBefore($nearFrom) => self::Near,
            default => self::Clear,
        };
    }

    /** What to look at first: late 0, due 1, near 2, in hand 3, clear 4. */
    public function urgency(): int
    {
        return match ($this) {
            self::Late => 0,
            self::Due => 1,
            self::Near => 2,
            self::InHand => 3,
            self::Clear => 4,
        };
    }
}
