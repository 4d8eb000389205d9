<?php

declare(strict_types=1);

namespace App\Platform\Clock;

use DateTimeImmutable;
use DateTimeZone;

/** A clock that stands where it was set. */
final class SetClock implements Clock
{
    private DateTimeImmutable $now;

    public function __construct(string|DateTimeImmutable $now)
    {
        $this->set($now);
    }

    public function set(string|DateTimeImmutable $now): void
    {
        $this->now = (is_string($now) ? new DateTimeImmutable($now, new DateTimeZone('UTC')) : $now)->setTimezone(
            new DateTimeZone('UTC'),
        );
    }

    public function now(): DateTimeImmutable
    {
        return $this->now;
    }
}
