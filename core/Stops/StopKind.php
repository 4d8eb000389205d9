<?php

declare(strict_types=1);

namespace Sundial\Stops;

/** What kind of stop a reason names: what it does to planned time, and whether it is a failure of the asset. */
enum StopKind: string
{
    case Planned = 'planned stop';
    case Changeover = 'changeover';
    case Failure = 'failure';
    case Unplanned = 'unplanned, no failure';
    case Starved = 'starved';
    case Blocked = 'blocked';

    /** Whether the asset itself failed: it counts for MTBF and MTTR. */
    public function isFailure(): bool
    {
        return $this === self::Failure;
    }

    /** Whether it was meant to stand: it is taken out of planned time. A changeover is lost time. */
    public function isPlanned(): bool
    {
        return $this === self::Planned;
    }

    /** Whether failures and maintenance stand behind it: it counts against the technical availability. */
    public function isTechnical(): bool
    {
        return $this === self::Failure || $this === self::Planned;
    }

    /** Whether another machine caused it. */
    public function isFromElsewhere(): bool
    {
        return $this === self::Starved || $this === self::Blocked;
    }
}
