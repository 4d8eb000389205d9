<?php

declare(strict_types=1);

namespace App\Register\Queries;

use App\Register\Models\Asset;
use Sundial\Register\ShortCode;
use Sundial\Support\InvalidInput;

/** The asset of a site that a typed tag, a short code, or the address of a scanned label means. */
final class AssetByLabel
{
    public function __invoke(int $siteId, string $given): ?Asset
    {
        $text = trim($given);
        $asset = Asset::query()->where('site_id', $siteId)->where('tag', $text)->first();
        if ($asset !== null) {
            return $asset;
        }
        try {
            return Asset::query()->where('site_id', $siteId)->find(ShortCode::parse(basename($text))->number);
        } catch (InvalidInput) {
            return null;
        }
    }
}
