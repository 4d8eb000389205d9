<?php

declare(strict_types=1);

namespace App\Register\Queries;

use App\Register\Models\Asset;
use App\Register\Models\Location;
use Illuminate\Support\Facades\DB;
use Sundial\Calendar\LocalDate;

/** What stands directly in an asset or at a location. */
final class DirectContent
{
    /** @return list<AssetLine> */
    public function assets(Asset|Location $of, LocalDate $today): array
    {
        return array_values(
            DB::table('assets as a')
                ->leftJoin('asset_summaries as n', 'n.asset_id', '=', 'a.id')
                ->join('equipment_classes as c', 'c.id', '=', 'a.class_id')
                ->where($of instanceof Asset ? 'a.parent_id' : 'a.location_id', $of->id)
                ->orderBy('a.tag')
                ->limit(300)
                ->get([...AssetLine::COLUMNS, 'c.name as class_name'])
                ->map(static fn (object $row): AssetLine => AssetLine::of($row, $today))
                ->values()
                ->all(),
        );
    }

    /** @return list<Location> */
    public function locations(Location $of): array
    {
        return array_values(Location::query()->where('parent_id', $of->id)->orderBy('tag')->get()->values()->all());
    }
}
