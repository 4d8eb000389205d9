<?php

declare(strict_types=1);

namespace Sundial\Stock;

use Sundial\Calendar\LocalDate;

/**
 * How much of a part is free from day to day: what is free now, less what visits and orders to come take, and what is
 * still owed to approved ones, plus what is expected. On one day what comes is there before what is taken; what is late
 * counts today.
 */
final readonly class FreeStair
{
    /**
     * @param  non-empty-list<array{LocalDate, int}>  $steps  day, and what is free from it on; the first is today
     */
    private function __construct(private array $steps)
    {
    }

    /**
     * @param  list<array{LocalDate, int}>  $demands  what is taken on a day, in thousandths
     * @param  list<array{LocalDate, int}>  $receipts  what is expected on a day
     */
    public static function of(LocalDate $today, int $free, array $demands, array $receipts): self
    {
        $changes = [];
        foreach ([[1, $receipts], [-1, $demands]] as [$sign, $some]) {
            foreach ($some as [$day, $quantity]) {
                $on = max($today->epochDay, $day->epochDay);
                $changes[$on] = ($changes[$on] ?? 0) + $sign * $quantity;
            }
        }
        ksort($changes);
        $free += $changes[$today->epochDay] ?? 0;
        unset($changes[$today->epochDay]);
        $steps = [[$today, $free]];
        foreach ($changes as $on => $change) {
            $free += $change;
            $steps[] = [$today->plusDays($on - $today->epochDay), $free];
        }

        return new self($steps);
    }

    /** @return non-empty-list<array{LocalDate, int}> */
    public function steps(): array
    {
        return $this->steps;
    }

    /** What is free at the end of a day; before today: as today. */
    public function on(LocalDate $day): int
    {
        $free = $this->steps[0][1];
        foreach ($this->steps as [$on, $left]) {
            $free = $on->isAfter($day) ? $free : $left;
        }

        return $free;
    }

    /** The first day on which less is there than is wanted; null: there is always enough. */
    public function shortFrom(): ?LocalDate
    {
        foreach ($this->steps as [$day, $free]) {
            if ($free < 0) {
                return $day;
            }
        }

        return null;
    }

    /** The last day on which it is ordered in time for the first short day; null: it is never short. */
    public function orderBy(?int $leadDays): ?LocalDate
    {
        return $this->shortFrom()?->plusDays(-($leadDays ?? StoreRules::LEAD));
    }

    /** How many are missing on the first short day, in thousandths; 0 without one. */
    public function firstMissing(): int
    {
        foreach ($this->steps as [, $free]) {
            if ($free < 0) {
                return -$free;
            }
        }

        return 0;
    }

    /** How many are missing at the worst, in thousandths. */
    public function mostMissing(): int
    {
        return max(0, -min(array_column($this->steps, 1)));
    }

    /** What is free at the end of it. */
    public function last(): int
    {
        return $this->steps[array_key_last($this->steps)][1];
    }
}
