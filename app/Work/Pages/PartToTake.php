<?php

declare(strict_types=1);

namespace App\Work\Pages;

/** A planned part that is proposed at the finish: as many as were planned and not booked yet. */
final readonly class PartToTake
{
    public function __construct(public int $id, public string $name, public string $unit, public string $left)
    {
    }
}
