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
     * clear, then near from $nearFrom, due from the day, late from $lateFrom, in hand while an open order covers it.
     *
     * @param  LocalDate|null  $lateFrom  the day after the planned one; null for an expected date, which is never late by itself
     */
    public static function on(LocalDate $today, LocalDate $nearFrom, LocalDate $planned, ?LocalDate $lateFrom, bool $inHand = false): self
    {
        return match (true) {
            $inHand => self::InHand,
            $lateFrom !== null && ! $today->isBefore($lateFrom) => self::Late,
            ! $today->isBefore($planned) => self::Due,
            ! $today->isBefore($nearFrom) => self::Near,
            default => self::Clear,
        };
    }
}
