<?php

declare(strict_types=1);

namespace Sundial\Costing;

use Sundial\Calendar\LocalDate;
use Sundial\Calendar\PlausibleDay;
use Sundial\Support\InvalidInput;

/** What one person can have worked on one day: nothing on a day to come, and no more than the day has. */
final readonly class BookedDay
{
    private const MINUTES = 1440;

    /**
     * Lets a plausible booking pass.
     *
     * @param  int  $minutes  to be booked
     * @param  int  $already  minutes of this person on this day, on any order
     * @param  string  $who  the person's name, for the sentence of the refusal
     *
     * @throws InvalidInput future, out_of_range, day_full
     */
    public static function check(int $minutes, int $already, LocalDate $day, LocalDate $today, string $who): void
    {
        if ($day->isAfter($today)) {
            throw InvalidInput::because('future', 'worked_on', 'Hours cannot be booked on a day to come.');
        }
        PlausibleDay::check($day, $today, 'worked_on', 'The day of the work', back: 1, ahead: 0);
        if ($minutes < 1 || $minutes > self::MINUTES) {
            throw InvalidInput::outside('minutes', $minutes, 1, self::MINUTES);
        }
        if ($already + $minutes > self::MINUTES) {
            $hours = WorkedTime::typed($already);
            throw InvalidInput::because(
                'day_full',
                'minutes',
                "{$who} has {$hours} h booked on {$day->inWords()} already; with this it would be more than ".
                    'a day has.',
            );
        }
    }
}
