<?php

declare(strict_types=1);

namespace Sundial\Work\Shutdown;

use DateTimeImmutable;
use Sundial\Support\InvalidInput;

/** The time for which something stands, so that work can be done on it. */
final readonly class ShutdownWindow
{
    private const MOST_DAYS = 366;

    private function __construct(public DateTimeImmutable $from, public DateTimeImmutable $to)
    {
    }

    /** @throws InvalidInput window that ends before it begins, or lasts more than a year */
    public static function of(DateTimeImmutable $from, DateTimeImmutable $to): self
    {
        if ($to <= $from) {
            throw InvalidInput::because('no_window', 'to_at', 'It has to end after it begins.');
        }
        if ($to->getTimestamp() - $from->getTimestamp() > self::MOST_DAYS * 86400) {
            throw InvalidInput::because('no_window', 'to_at', 'A shutdown lasts a year at the most.');
        }

        return new self($from, $to);
    }

    public function minutes(): int
    {
        return intdiv($this->to->getTimestamp() - $this->from->getTimestamp(), 60);
    }

    /** @return int minutes of it that are still to come at an instant: all of it before it begins, none after it */
    public function minutesLeft(DateTimeImmutable $now): int
    {
        $from = max($now->getTimestamp(), $this->from->getTimestamp());

        return intdiv(max(0, $this->to->getTimestamp() - $from), 60);
    }
}
