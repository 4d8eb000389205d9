<?php

declare(strict_types=1);

namespace App\Planning\Queries;

use App\Register\Models\Meter;
use Sundial\Calendar\LocalDate;
use Sundial\Meters\CounterHistory;
use Sundial\Meters\CounterStanding;

/**
 * A counter that goes on at its rate, for looking ahead without its readings: whether the due total was reached is
 * taken from where the schedule stands.
 */
final readonly class ExpectedCounter implements CounterHistory
{
    public function __construct(private Meter $meter, private int $due, private ?LocalDate $reached)
    {
    }

    public function standing(): ?CounterStanding
    {
        return $this->meter->standing();
    }

    public function totalAt(int $instant, LocalDate $day): ?int
    {
        return $this->standing()?->on($day);
    }

    public function dayReached(int $total): ?LocalDate
    {
        return $total <= $this->due ? $this->reached : null;
    }
}
