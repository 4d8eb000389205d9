<?php

declare(strict_types=1);

namespace App\Stops\Queries;

use App\Register\Models\Asset;

/** The asset of a tag at a site. */
final readonly class AssetOfTag
{
    public function __invoke(int $siteId, string $tag): ?Asset
    {
        return Asset::query()->where('site_id', $siteId)->where('tag', trim($tag))->first();
    }
}
