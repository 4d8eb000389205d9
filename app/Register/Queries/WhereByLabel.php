<?php

declare(strict_types=1);

namespace App\Register\Queries;

use App\Register\Models\Asset;
use App\Register\Models\Location;

/** The asset, or the place, of a site that a typed tag means; an asset also by its code or scanned label. */
final readonly class WhereByLabel
{
    public function __construct(private AssetByLabel $assets)
    {
    }

    /** An asset before a place of the same tag. */
    public function __invoke(int $siteId, string $given): Asset|Location|null
    {
        return ($this->assets)($siteId, $given) ??
            Location::query()->where('site_id', $siteId)->where('tag', trim($given))->first();
    }
}
