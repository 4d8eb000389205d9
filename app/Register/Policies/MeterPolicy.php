<?php

declare(strict_types=1);

namespace App\Register\Policies;

use App\People\Models\User;
use App\Register\Models\Asset;
use App\Register\Models\Meter;
use App\Register\Models\Reading;
use App\Register\Queries\VisibleLines;
use Sundial\Access\Right;

/** Who sees, reads and changes a meter: it follows its asset. */
final readonly class MeterPolicy
{
    public function __construct(private VisibleLines $reach)
    {
    }

    public function view(User $person, Meter $meter): bool
    {
        return $this->may($person, Right::SeeOwnLine, $meter);
    }

    public function read(User $person, Meter $meter): bool
    {
        return $this->may($person, Right::TakeReadings, $meter);
    }

    public function update(User $person, Meter $meter): bool
    {
        return $this->may($person, Right::WriteRegister, $meter);
    }

    /** Readings are struck out by whoever took them, and by those who write the register. */
    public function strike(User $person, Meter $meter, Reading $reading): bool
    {
        return $this->may($person, Right::WriteRegister, $meter) ||
            ($reading->user_id === $person->id && $this->read($person, $meter));
    }

    private function may(User $person, Right $right, Meter $meter): bool
    {
        return $person->may($right, $meter->site_id) &&
            $this->reach->holds($person, Asset::query()->findOrFail($meter->asset_id));
    }
}
