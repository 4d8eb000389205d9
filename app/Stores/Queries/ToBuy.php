<?php

declare(strict_types=1);

namespace App\Stores\Queries;

use App\Stores\Demand\DayDemand;

/** What should be bought, with all that will be taken, from which it was found. */
final readonly class ToBuy
{
    /**
     * @param  list<Proposal>  $proposals  the earliest that is short first
     * @param  list<DayDemand>  $asked
     */
    public function __construct(public array $proposals, public array $asked)
    {
    }
}
