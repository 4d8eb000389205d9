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
}
