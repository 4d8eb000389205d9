<?php

declare(strict_types=1);

namespace Symfony\Component\Clock;

use DateTimeImmutable;
use DateTimeZone;

/** The machine's clock. */
final class NativeClock implements ClockInterface
{
    private DateTimeZone $zone;

    public function __construct(DateTimeZone|string|null $timezone = null)
    {
        $this->zone = is_string($timezone)
            ? new DateTimeZone($timezone)
            : $timezone ?? new DateTimeZone(date_default_timezone_get());
    }

    public function now(): DateTimeImmutable
    {
        return new DateTimeImmutable('now', $this->zone);
    }

    public function sleep(float|int $seconds): void
    {
        usleep((int) round($seconds * 1_000_000));
    }

    public function withTimeZone(DateTimeZone|string $timezone): static
    {
        return new self($timezone);
    }
}
