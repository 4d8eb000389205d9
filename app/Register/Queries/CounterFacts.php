<?php

declare(strict_types=1);

namespace App\Register\Queries;

use App\Register\Models\Meter;
use Sundial\Calendar\LocalDate;
use Sundial\Meters\CounterHistory;
use Sundial\Meters\CounterStanding;
use Sundial\Support\Quantity;

/** The readings of a counter as a schedule asks for them; each answer is looked up once. */
final class CounterFacts implements CounterHistory
{
    /** @var array<int, LocalDate|null> */
    private array $reached = [];

    public function __construct(private readonly Meter $meter, private readonly MeterHistory $history)
    {
    }

    public function standing(): ?CounterStanding
    {
        return $this->meter->standing();
    }

    public function totalAt(int $instant, LocalDate $day): ?int
    {
        return $this->history->totalAt($this->meter, $instant, $day);
    }

    public function dayReached(int $total): ?LocalDate
    {
        if (! array_key_exists($total, $this->reached)) {
            // Totals never fall: what the last one has not come to, none has.
            $isAhead = $this->meter->last_total === null || Quantity::parse($this->meter->last_total) < $total;
            $this->reached[$total] = $isAhead ? null : $this->history->dayReached($this->meter->id, $total);
        }

        return $this->reached[$total];
    }
}
