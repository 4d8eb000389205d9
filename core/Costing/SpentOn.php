<?php

declare(strict_types=1);

namespace Sundial\Costing;

use Sundial\Work\WorkKind;

/**
 * What hours, parts and services of an order were spent on: the work that was planned, or the mending of a failure that
 * was found on the way. Kept apart, so that a planned visit is not made dear by what it found.
 */
enum SpentOn: string
{
    case Plan = 'plan';
    case Failure = 'failure';

    /** What it counts as on work of a kind: nobody had planned to mend what was found. */
    public function countsAs(WorkKind $kind): WorkKind
    {
        return $this === self::Failure ? WorkKind::Unplanned : $kind;
    }

    /** As a form offers it. */
    public function label(): string
    {
        return match ($this) {
            self::Plan => 'the planned work',
            self::Failure => 'the failure found here',
        };
    }
}
