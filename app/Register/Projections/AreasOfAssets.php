<?php

declare(strict_types=1);

namespace App\Register\Projections;

use Closure;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;

/**
 * Keeps beside the summary of an asset the place of the site's first level in which it stands, so that what stands
 * how in each area is counted from one index; none once it is retired. Harmless when run twice.
 */
final readonly class AreasOfAssets
{
    /** The area as the path of an asset says it, in SQL: "/L12/A40/" stands in the place 12. */
    public const OF_PATH = "IF(a.life_state = 'retired', NULL, ".
        "CAST(SUBSTRING(SUBSTRING_INDEX(a.path, '/', 2), 3) AS UNSIGNED))";

    /** @param  string  $path  of what was moved, added or changed: it, and all inside it */
    public function keep(string $path): void
    {
        $this->set(static fn (Builder $some) => $some->where('a.path', 'like', "{$path}%"));
    }

    public function keepMany(int ...$assetIds): void
    {
        $this->set(static fn (Builder $some) => $some->whereIn('n.asset_id', $assetIds));
    }

    /** @param  Closure(Builder): mixed  $of  of which */
    private function set(Closure $of): void
    {
        DB::table('asset_summaries as n')
            ->join('assets as a', 'a.id', '=', 'n.asset_id')
            ->tap($of)
            ->update(['n.area_id' => DB::raw(self::OF_PATH)]);
    }
}
