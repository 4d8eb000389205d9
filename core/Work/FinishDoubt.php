<?php

declare(strict_types=1);

namespace Sundial\Work;

use Sundial\Calendar\LocalDate;

/** Why the day of a finish is questioned before it is taken: it would move dates that nobody meant to move. */
enum FinishDoubt: string
{
    /** Days by which a finish may lie from its plan where the interval is shorter. */
    private const FAR = 45;

    case BeforeMade = 'before the order was made';
    case BeforeLast = 'before the visit before it';
    case FarFromPlan = 'far from its plan';

    /**
     * @param  LocalDate  $made  the day on which the order was made
     * @param  LocalDate|null  $last  the day on which the visit before was done
     * @param  LocalDate|null  $planned  the day on which this one was planned
     * @param  int  $interval  days between two visits; 0 where there are none
     * @return self|null null: there is nothing to ask
     */
    public static function about(
        LocalDate $done,
        LocalDate $made,
        ?LocalDate $last,
        ?LocalDate $planned,
        int $interval,
    ): ?self {
        return match (true) {
            $last !== null && $done->isBefore($last) => self::BeforeLast,
            $done->isBefore($made) => self::BeforeMade,
            $planned !== null && abs($planned->daysUntil($done)) > max(self::FAR, $interval) => self::FarFromPlan,
            default => null,
        };
    }
}
