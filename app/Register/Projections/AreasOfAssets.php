<?php

declare(strict_types=1);

namespace App\Register\Projections;

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
        DB::update(
            'UPDATE asset_summaries n JOIN assets a ON a.id = n.asset_id SET n.area_id = '.self::OF_PATH.
                ' WHERE a.path LIKE ?',
            [$path.'%'],
        );
    }

    public function keepMany(int ...$assetIds): void
    {
        DB::table('asset_summaries as n')
            ->join('assets as a', 'a.id', '=', 'n.asset_id')
            ->whereIn('n.asset_id', $assetIds)
            ->update(['n.area_id' => DB::raw(self::OF_PATH)]);
    }
}
