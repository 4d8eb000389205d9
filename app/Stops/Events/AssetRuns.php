<?php

declare(strict_types=1);

namespace App\Stops\Events;

use App\Register\Models\Asset;

/** A machine that stood is about to run again; a floor above may know why it must not. The asset is held. */
final readonly class AssetRuns
{
    public function __construct(public Asset $asset)
    {
    }
}
