<?php

declare(strict_types=1);

namespace App\Stores\Demand;

/** What takes a part on a day to come. */
enum DemandKind: string
{
    case Visit = 'visit to come';
    case Planned = 'planned order';
    case Approved = 'approved order, short';
}
