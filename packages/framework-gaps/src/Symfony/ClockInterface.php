<?php

declare(strict_types=1);

namespace Symfony\Component\Clock;

use DateTimeImmutable;
use DateTimeZone;
use Psr\Clock\ClockInterface as PsrClock;

/** The clock that the framework's date library asks for. */
interface ClockInterface extends PsrClock
{
    public function now(): DateTimeImmutable;

    public function sleep(float|int $seconds): void;

    public function withTimeZone(DateTimeZone|string $timezone): static;
}
