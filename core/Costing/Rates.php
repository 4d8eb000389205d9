<?php

declare(strict_types=1);

namespace Sundial\Costing;

use Sundial\Calendar\LocalDate;

/**
 * Rates of pay by date: the person's where there is one on the day, else the trade's, else none.
 *
 * @template R of int|HourlyRate
 */
final readonly class Rates
{
    /**
     * @param  list<array{LocalDate, R}>  $person
     * @param  list<array{LocalDate, R}>  $trade
     */
    private function __construct(private array $person, private array $trade)
    {
    }

    /**
     * @template T of int|HourlyRate
     *
     * @param  list<array{LocalDate, T}>  $person  pairs of from-date and what an hour costs, any order
     * @param  list<array{LocalDate, T}>  $trade  likewise
     * @return self<T>
     */
    public static function of(array $person, array $trade): self
    {
        return new self($person, $trade);
    }

    /** @return R|null what an hour costs on the day of the work; null when neither has a rate by then */
    public function on(LocalDate $day): int|HourlyRate|null
    {
        return self::latest($this->person, $day) ?? self::latest($this->trade, $day);
    }

    /** Whether the rate of that day is the person's own; a rate of 0 is one. */
    public function isOwnOn(LocalDate $day): bool
    {
        return self::latest($this->person, $day) !== null;
    }

    /**
     * @template T of int|HourlyRate
     *
     * @param  list<array{LocalDate, T}>  $rates
     * @return T|null
     */
    private static function latest(array $rates, LocalDate $day): int|HourlyRate|null
    {
        $found = null;
        foreach ($rates as [$from, $rate]) {
            if (! $from->isAfter($day) && ($found === null || $from->isAfter($found[0]))) {
                $found = [$from, $rate];
            }
        }

        return $found[1] ?? null;
    }
}
