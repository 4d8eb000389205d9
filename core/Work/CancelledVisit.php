<?php

declare(strict_types=1);

namespace Sundial\Work;

/** What becomes of the visit of a cancelled order. */
enum CancelledVisit: string
{
    /** The schedule counts on as if it had been done when planned. */
    case Skip = 'skip';
    /** The same visit, with the same number, can be released again. */
    case GiveBack = 'give back';
}
