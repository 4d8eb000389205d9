<?php

declare(strict_types=1);

namespace App\Stops\Queries;

use App\Stops\Models\Line;
use App\Stops\Models\Product;

/** A line by the tag of its asset, and products by their number. */
final readonly class LineByTag
{
    public function find(int $siteId, string $tag): ?Line
    {
        return Line::query()
            ->with(['asset', 'parts'])
            ->where('site_id', $siteId)
            ->where('retired', false)
            ->whereHas('asset', static fn ($asset) => $asset->where('tag', $tag))
            ->first();
    }

    /** @return array<string, int> ids by number */
    public function products(int $siteId): array
    {
        return array_map(intval(...), Product::query()->where('site_id', $siteId)->pluck('id', 'number')->all());
    }
}
