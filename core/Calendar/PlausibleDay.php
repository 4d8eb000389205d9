<?php

declare(strict_types=1);

namespace Sundial\Calendar;

use Sundial\Support\InvalidInput;

/** Whether a day that somebody typed can be meant: a wrong year is the commonest slip in a date. */
final readonly class PlausibleDay
{
    /**
     * Lets a day pass that lies no further from today than what it says can.
     *
     * @param  string  $field  where it was typed
     * @param  string  $what  what the day is, as the beginning of a sentence: "The planned day"
     * @param  int  $back  years that it may lie back; 0: today at the earliest
     * @param  int  $ahead  years that it may lie ahead; 0: today at the latest
     *
     * @throws InvalidInput too_early, too_late
     */
    public static function check(
        LocalDate $day,
        LocalDate $today,
        string $field,
        string $what,
        int $back,
        int $ahead,
    ): void {
        if ($day->isBefore($today->plusMonthsClamped(-12 * $back))) {
            $limit = $back === 0 ? 'today' : ($back === 1 ? 'a year back' : "{$back} years back");
            throw InvalidInput::because(
                'too_early',
                $field,
                "{$what} ({$day->inWords()}) lies before {$limit}. Check the year.",
                (string) $day,
            );
        }
        if ($day->isAfter($today->plusMonthsClamped(12 * $ahead))) {
            $limit = $ahead === 0 ? 'today' : ($ahead === 1 ? 'a year from now' : "{$ahead} years from now");
            throw InvalidInput::because(
                'too_late',
                $field,
                "{$what} ({$day->inWords()}) lies after {$limit}. Check the year.",
                (string) $day,
            );
        }
    }
}
