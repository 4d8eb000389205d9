<?php

declare(strict_types=1);

namespace App\Register\Policies;

use App\People\Models\User;
use App\Register\Models\Meter;
use App\Register\Models\Reading;

/** Who strikes a reading out. */
final readonly class ReadingPolicy
{
    public function __construct(private MeterPolicy $meters)
    {
    }

    public function strike(User $person, Reading $reading): bool
    {
        return $this->meters->strike($person, Meter::query()->findOrFail($reading->meter_id), $reading);
    }
}
