<?php

declare(strict_types=1);

namespace App\Stops\Queries;

use App\Register\Models\Asset;
use App\Stops\Models\Line;
use App\Stops\Models\LineTablet;
use App\Stops\Models\Product;
use Illuminate\Support\Collection;

/** What the settings of a line offer. */
final readonly class LineSettings
{
    private const MOST = 300;

    /** @return Collection<int, Asset> what stands in it, or beside it in the same place */
    public function candidates(Line $line): Collection
    {
        $asset = $line->asset;

        return Asset::query()
            ->where('site_id', $line->site_id)
            ->whereKeyNot($asset->id)
            ->where('life_state', '<>', 'retired')
            ->where(static fn ($any) => $any
                ->where('path', 'like', addcslashes($asset->path, '%_\\').'%')
                ->when($asset->location_id !== null, static fn ($beside) => $beside
                    ->orWhere('location_id', $asset->location_id))
                ->orWhereIn('id', $line->parts->modelKeys()))
            ->orderBy('tag')
            ->limit(self::MOST)
            ->get(['id', 'tag', 'name'])
            ->toBase();
    }

    /** @return Collection<int, Product> by name, those no longer made last */
    public function products(int $siteId): Collection
    {
        return Product::query()->where('site_id', $siteId)->orderBy('retired')->orderBy('name')->get()->toBase();
    }

    /** @return Collection<int, LineTablet> those that may still sign in */
    public function tablets(int $lineId): Collection
    {
        return LineTablet::query()
            ->where('line_id', $lineId)
            ->whereNull('revoked_at')
            ->orderBy('name')
            ->get()
            ->toBase();
    }
}
