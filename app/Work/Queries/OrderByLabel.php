<?php

declare(strict_types=1);

namespace App\Work\Queries;

use App\Work\Models\WorkOrder;

/** The order of a site that a typed number means: "W-2231", "w2231" or "2231". */
final readonly class OrderByLabel
{
    public function __invoke(int $siteId, string $typed): ?WorkOrder
    {
        return preg_match('/^\s*w?[-\s]?(\d{1,15})\s*$/i', $typed, $found) === 1
            ? WorkOrder::query()->where('site_id', $siteId)->where('number', (int) $found[1])->first()
            : null;
    }
}
