<?php

declare(strict_types=1);

namespace App\Stores\Events;

use App\Platform\Audit\Actor;
use App\Stores\Models\PurchaseLine;
use Sundial\Costing\UnitPrice;

/** What was bought in for something has come: it goes there, never to the shelf. */
final readonly class BoughtInArrived
{
    public function __construct(
        public Actor $by,
        public PurchaseLine $line,
        public int $thousandths,
        public UnitPrice $price,
    ) {
    }
}
