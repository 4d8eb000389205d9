<?php

declare(strict_types=1);

namespace Sundial\Planning\Visit;

use Sundial\Calendar\LocalDate;
use Sundial\Support\InvalidInput;

/**
 * Moving one visit by hand, to level the load: within its tolerance, so that it stays on time; the visits after it
 * stay where they are.
 */
final readonly class MovedVisit
{
    /**
     * Lets a move pass.
     *
     * @param  VisitDates  $visit  on the day that the rule gives, whatever it was moved to before
     *
     * @throws InvalidInput past, beyond_tolerance
     */
    public static function check(VisitDates $visit, LocalDate $to, LocalDate $today): void
    {
        [$planned, $tolerance, $after] = [$visit->planned, $visit->tolerance, $visit->after];
        if ($to->isBefore($today)) {
            throw InvalidInput::because(
                'past',
                'moved_to',
                'A visit is moved to today or a later day.',
                (string) $to,
            );
        }
        if ($after === 0 && $to->isAfter($planned)) {
            throw InvalidInput::because(
                'beyond_tolerance',
                'moved_to',
                "By its rule it falls on {$planned->inWords()}, and no day after that is on time. ".
                    'Choose an earlier one.',
                (string) $to,
            );
        }
        if ($planned->daysUntil($to) > $after || $to->daysUntil($planned) > $tolerance) {
            throw InvalidInput::because(
                'beyond_tolerance',
                'moved_to',
                "By its rule it falls on {$planned->inWords()}, and it is on time within {$tolerance} ".
                    ($tolerance === 1 ? 'day' : 'days').
                    ' of that. To move it further, count the schedule from there.',
                (string) $to,
            );
        }
    }
}
