<?php

declare(strict_types=1);

namespace App\Register\Queries;

use App\Register\Models\Asset;
use Sundial\Register\ShortCode;
use Sundial\Support\SundialException;

/**
 * The asset that a typed tag, a short code, or the address of a scanned label means; of a merged one, the asset that
 * is kept.
 */
final class AssetByLabel
{
    /** A tag of the site, or the code of an asset of any. */
    public function anywhere(int $siteId, string $given): ?Asset
    {
        $text = trim($given);
        $code = preg_match('~(?:^|/a/)([0-9A-Z]{6})$~iD', $text, $part) === 1 ? $part[1] : null;
        $asset = $text === '' ? null : Asset::query()->where('site_id', $siteId)->where('tag', $text)->first();
        try {
            $asset ??= $code === null ? null : Asset::query()->find(ShortCode::parse($code)->number);
        } catch (SundialException) {
            return null;
        }

        return $asset?->merged_into_id === null ? $asset : Asset::query()->find($asset->merged_into_id);
    }

    /** The same, where only an asset of the site will do. */
    public function __invoke(int $siteId, string $given): ?Asset
    {
        $asset = $this->anywhere($siteId, $given);

        return $asset?->site_id === $siteId ? $asset : null;
    }
}
