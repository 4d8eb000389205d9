<?php

declare(strict_types=1);

namespace App\Platform\Clock;

use DateTimeImmutable;
use DateTimeZone;

/** The machine's clock. */
final class SystemClock implements Clock
{
    public function now(): DateTimeImmutable
    {
        return new DateTimeImmutable('now', new DateTimeZone('UTC'));
    }
}
