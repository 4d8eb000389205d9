<?php

declare(strict_types=1);

namespace Sundial\Work;

/** Whether somebody had planned the work, or something made it necessary. */
enum WorkKind: string
{
    case Planned = 'planned';
    case Unplanned = 'unplanned';
}
