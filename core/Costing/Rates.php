<?php

declare(strict_types=1);

namespace Sundial\Costing;

use Sundial\Calendar\LocalDate;

/** Rates of pay by date: the person's where there is one on the day, else the trade's, else none. */
final readonly class Rates
{
    /**
     * @param  list<array{LocalDate, int}>  $person
     * @param  list<array{LocalDate, int}>  $trade
     */
    private function __construct(private array $person, private array $trade)
    {
    }

    /**
     * @param  list<array{LocalDate, int}>  $person  pairs of from-date and what an hour costs in one unit, any order
     * @param  list<array{LocalDate, int}>  $trade  likewise
     */
    public static function of(array $person, array $trade): self
    {
        return new self($person, $trade);
    }

    /** What an hour costs on the day of the work; null when neither person nor trade has a rate by then. */
    public function on(LocalDate $day): ?int
    {
        return self::latest($this->person, $day) ?? self::latest($this->trade, $day);
    }

    /** Whether the rate of that day is the person's own; a rate of 0 is one. */
    public function isOwnOn(LocalDate $day): bool
    {
        return self::latest($this->person, $day) !== null;
    }

    /** @param  list<array{LocalDate, int}>  $rates */
    private static function latest(array $rates, LocalDate $day): ?int
    {
        $found = null;
        foreach ($rates as [$from, $cents]) {
            if (! $from->isAfter($day) && ($found === null || $from->isAfter($found[0]))) {
                $found = [$from, $cents];
            }
        }

        return $found[1] ?? null;
    }
}
