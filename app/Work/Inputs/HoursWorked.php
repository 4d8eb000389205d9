<?php

declare(strict_types=1);

namespace App\Work\Inputs;

use App\People\Models\User;
use Sundial\Costing\WorkedMinutes;

/** How long somebody worked, by what an hour of it is paid. */
final readonly class HoursWorked
{
    public function __construct(public User $person, public WorkedMinutes $minutes)
    {
    }
}
