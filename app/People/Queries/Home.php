<?php

declare(strict_types=1);

namespace App\People\Queries;

use App\People\Models\User;
use Sundial\Access\Right;

/** Where somebody starts: whoever works on orders with their orders, everybody else with the register. */
final class Home
{
    public function __invoke(User $person): string
    {
        $worksOnly = $person->may(Right::WorkOnOwnOrders) && ! $person->may(Right::PlanOrders);

        return $worksOnly ? '/orders?mine=1' : ($person->may(Right::SeeOwnLine) ? '/assets' : '/me');
    }
}
