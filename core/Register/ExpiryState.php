<?php

declare(strict_types=1);

namespace Sundial\Register;

/** How something with an expiry date stands on a day. */
enum ExpiryState: string
{
    case Holds = 'holds';
    case RunningOut = 'running out';
    case RunOut = 'run out';
}
