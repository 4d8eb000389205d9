<?php

declare(strict_types=1);

namespace App\Register\Queries;

use App\Register\Models\Asset;
use App\Register\Models\Location;
use Illuminate\Support\Facades\DB;
use Sundial\Calendar\LocalDate;

/** What stands directly in an asset or at a location. */
final class Inside
{
    /** @return list<AssetLine> */
    public function assets(Asset|Location $of, LocalDate $today): array
    {
        return DB::table('assets as a')->leftJoin('asset_nearness as n', 'n.asset_id', '=', 'a.id')->join('equipment_classes as c', 'c.id', '=', 'a.class_id')
            ->where($of instanceof Asset ? 'a.parent_id' : 'a.location_id', $of->id)->orderBy('a.tag')->limit(300)
            ->get(['a.id', 'a.tag', 'a.name', 'a.life_state', 'c.name as class_name', 'n.base_on', 'n.next_due_on', 'n.near_from', 'n.release_on', 'n.headline', 'n.hand_label', 'n.hand_due_on', 'n.hand_base_on', 'n.late_from', 'n.down_since', 'n.expected', 'n.other_due_on', DB::raw('COALESCE(n.open_orders, 0) as open_orders')])
            ->map(static fn (object $row): AssetLine => AssetLine::of($row, $today))->values()->all();
    }

    /** @return list<Location> */
    public function locations(Location $of): array
    {
        return Location::query()->where('parent_id', $of->id)->orderBy('tag')->get()->values()->all();
    }
}
