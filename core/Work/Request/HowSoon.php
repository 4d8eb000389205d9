<?php

declare(strict_types=1);

namespace Sundial\Work\Request;

/** How soon whoever reports a fault wants it looked at. */
enum HowSoon: string
{
    case CanWait = 'can wait';
    case ThisShift = 'this shift';
    case AtOnce = 'at once';
}
