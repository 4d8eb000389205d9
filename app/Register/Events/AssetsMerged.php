<?php

declare(strict_types=1);

namespace App\Register\Events;

use App\Register\Models\Asset;

/** Two records turned out to be one asset: what hangs on the one that goes is to hang on the other. Both are held. */
final readonly class AssetsMerged
{
    public function __construct(public Asset $gone, public Asset $kept)
    {
    }
}
