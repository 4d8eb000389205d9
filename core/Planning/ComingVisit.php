<?php

declare(strict_types=1);

namespace Sundial\Planning;

/** One visit of the outlook: its dates, what makes it due, and how sure that is. */
final readonly class ComingVisit
{
    /** Made by {@see Outlook}. */
    public function __construct(public VisitDates $dates, public NextDue $due)
    {
    }
}
