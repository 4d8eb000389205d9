<?php

declare(strict_types=1);

namespace Sundial\Work\Standing;

use Sundial\Calendar\LocalDate;
use Sundial\Support\InvalidInput;

/** The month of an order on which small jobs are booked: one order for each. */
final readonly class BookedMonth
{
    private function __construct(public int $year, public int $month)
    {
    }

    public static function of(LocalDate $day): self
    {
        return new self($day->year, $day->month);
    }

    /** @throws InvalidInput no_month for what is no year and month */
    public static function parse(string $key): self
    {
        return preg_match('/^(\d{4})-(0[1-9]|1[0-2])$/D', $key, $found) === 1
            ? new self((int) $found[1], (int) $found[2])
            : throw InvalidInput::because('no_month', 'month', 'Write a month as 2026-03.', $key);
    }

    /** "2026-03": sorts by time. */
    public function key(): string
    {
        return sprintf('%04d-%02d', $this->year, $this->month);
    }

    public function last(): LocalDate
    {
        $next = $this->month === 12
            ? LocalDate::of($this->year + 1, 1, 1)
            : LocalDate::of($this->year, $this->month + 1, 1);

        return $next->plusDays(-1);
    }

    /** Whether its last day has passed. */
    public function isOver(LocalDate $today): bool
    {
        return $today->isAfter($this->last());
    }
}
