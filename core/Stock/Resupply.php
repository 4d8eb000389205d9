<?php

declare(strict_types=1);

namespace Sundial\Stock;

use Sundial\Calendar\LocalDate;

/** What is on its way to a store, by day, as far as nobody who waits already counts on it. */
final readonly class Resupply
{
    /** @param  array<string, int>  $coming  quantity by day, first day first */
    private function __construct(private array $coming)
    {
    }

    /** @param  list<array{LocalDate, int}>  $receipts  the day on which so much is expected */
    public static function of(array $receipts): self
    {
        $coming = [];
        foreach ($receipts as [$day, $quantity]) {
            $coming[(string) $day] = ($coming[(string) $day] ?? 0) + $quantity;
        }
        ksort($coming);

        return new self(array_filter($coming, static fn (int $quantity): bool => $quantity > 0));
    }

    /** How much of it comes up to and with a day; null: whenever it comes. */
    public function until(?LocalDate $day): int
    {
        return array_sum(
            array_filter(
                $this->coming,
                static fn (string $comes): bool => $day === null || $comes <= (string) $day,
                ARRAY_FILTER_USE_KEY,
            ),
        );
    }

    /** The day on which so much has come; null: not all of it is on its way. */
    public function dayOf(int $quantity): ?LocalDate
    {
        foreach ($this->coming as $day => $comes) {
            $quantity -= $comes;
            if ($quantity <= 0) {
                return LocalDate::parse($day);
            }
        }

        return null;
    }

    /** What is left for others once somebody counts on the first so many. */
    public function less(int $quantity): self
    {
        $left = [];
        foreach ($this->coming as $day => $comes) {
            $taken = min($quantity, $comes);
            $quantity -= $taken;
            $left[$day] = $comes - $taken;
        }

        return new self(array_filter($left, static fn (int $comes): bool => $comes > 0));
    }
}
