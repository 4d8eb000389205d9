<?php

declare(strict_types=1);

namespace Tests\Core;

use Sundial\Calendar\LocalDate;
use Sundial\Meters\CounterHistory;
use Sundial\Meters\CounterStanding;
use Sundial\Meters\Rate;
use Sundial\Meters\RateFrom;

/** A counter whose rate is known, with the readings that a test takes of it. */
final class SteadyCounter implements CounterHistory
{
    /** @var list<array{LocalDate, int}> */
    private array $readings;

    /** @param  int  $perDay  thousandths of its unit */
    public function __construct(LocalDate $first, private readonly int $perDay, int $total = 0)
    {
        $this->readings = [[$first, $total]];
    }

    public function rise(LocalDate $day, int $by): void
    {
        $this->readings[] = [$day, $this->last()[1] + $by];
    }

    public function atLeast(LocalDate $day, int $total): void
    {
        $this->rise($day, max(0, $total - $this->last()[1]));
    }

    public function standing(): CounterStanding
    {
        [$day, $total] = $this->last();

        return CounterStanding::of($day, $total, Rate::of($this->perDay, 1), RateFrom::Readings);
    }

    public function totalAt(int $instant, LocalDate $day): int
    {
        return max($this->last()[1], $this->standing()->on($day));
    }

    public function dayReached(int $total): ?LocalDate
    {
        if ($this->last()[1] < $total) {
            return null;
        }
        // They only rise.
        for ([$low, $high] = [0, count($this->readings) - 1]; $low < $high;) {
            $middle = intdiv($low + $high, 2);
            [$low, $high] = $this->readings[$middle][1] >= $total ? [$low, $middle] : [$middle + 1, $high];
        }

        return $this->readings[$low][0];
    }

    /** @return array{LocalDate, int} */
    private function last(): array
    {
        return $this->readings[count($this->readings) - 1];
    }
}
