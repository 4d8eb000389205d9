<?php

declare(strict_types=1);

namespace Sundial\Planning\Visit;

/** What became of one falling due of a schedule. */
enum VisitState: string
{
    /** An open order covers it. */
    case InHand = 'in hand';

    /** Its order was cancelled; the same number can be released again. */
    case GivenBack = 'given back';

    case Done = 'done';

    /** Somebody said that it is not done, and why. */
    case Skipped = 'skipped';

    /** It passed while another one was still open. */
    case Missed = 'missed';

    /** It passed while the schedule was held up. */
    case Suspended = 'suspended';
}
