<?php

declare(strict_types=1);

namespace App\Stores\Events;

use App\Platform\Audit\Actor;
use App\Stores\Models\Part;

/** Two records turned out to be one part: what names the one that goes is to name the other. Both are held. */
final readonly class PartsMerged
{
    public function __construct(public Actor $by, public Part $gone, public Part $kept)
    {
    }
}
