<?php

declare(strict_types=1);

namespace App\Platform\Clock;

use DateTimeImmutable;

/**
 * What time it is. The only place that knows, so that a whole plant can be played forward and pictures stay the same.
 */
interface Clock
{
    /** The present instant, in UTC. */
    public function now(): DateTimeImmutable;
}
