<?php

declare(strict_types=1);

namespace Sundial\Work\Review;

/** What stands out when finished work is compared with its plan; the gravest first. */
enum ReviewFinding: string
{
    case NoFailureRecord = 'what failed is not told';
    case UnknownCost = 'a cost is unknown';
    case FoundFaulty = 'something was found faulty';
    case StepsOpen = 'steps were left open';
    case HoursOver = 'more hours than planned';
    case HoursUnder = 'fewer hours than planned';
    case NothingBooked = 'no hours are booked';
    case PartsDiffer = 'other parts than planned';
    case Late = 'finished late';
    case Unplanned = 'the work was not planned';

    /** Whether the order cannot be closed before this is mended. */
    public function blocks(): bool
    {
        return $this === self::NoFailureRecord || $this === self::UnknownCost;
    }
}
