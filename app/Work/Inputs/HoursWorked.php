<?php

declare(strict_types=1);

namespace App\Work\Inputs;

use App\People\Models\User;
use Sundial\Costing\Overtime;

/** How long somebody worked, and at which kind of time. */
final readonly class HoursWorked
{
    public function __construct(public User $person, public int $minutes, public Overtime $overtime)
    {
    }
}
