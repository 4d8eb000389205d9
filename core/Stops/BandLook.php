<?php

declare(strict_types=1);

namespace Sundial\Stops;

/** How a stretch of a line's time looks in its band. */
enum BandLook: string
{
    case Lit = 'lit';
    case Failed = 'failed';
    case Changeover = 'changeover';
    case Waiting = 'waiting';
    case Planned = 'planned';
    case Unsaid = 'unsaid';
    case Rest = 'rest';
    case Unknown = 'unknown';

    /** Null: nobody said why yet. */
    public static function ofStop(?StopKind $kind): self
    {
        return match ($kind) {
            null => self::Unsaid,
            StopKind::Failure, StopKind::Unplanned => self::Failed,
            StopKind::Changeover => self::Changeover,
            StopKind::Starved, StopKind::Blocked => self::Waiting,
            StopKind::Planned => self::Planned,
        };
    }
}
