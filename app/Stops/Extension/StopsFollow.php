<?php

declare(strict_types=1);

namespace App\Stops\Extension;

use App\Register\Extension\OnMerge;
use App\Register\Models\Asset;
use App\Stops\Models\Stop;

/** The stops that would go over when assets are merged. */
final readonly class StopsFollow implements OnMerge
{
    public function wouldFollow(Asset $gone, Asset $kept): array
    {
        $count = Stop::query()->where('asset_id', $gone->id)->count();

        return $count > 0 ? [$count === 1 ? '1 stop' : "{$count} stops"] : [];
    }
}
