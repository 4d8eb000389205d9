<?php

declare(strict_types=1);

namespace App\Register\Queries;

use App\Register\Models\Asset;
use Illuminate\Support\Facades\DB;
use stdClass;

/** An asset with its summary and the names of what it refers to, in one statement. */
final readonly class AssetNames
{
    public function of(Asset $asset): stdClass
    {
        return DB::table('assets as a')
            ->join('equipment_classes as c', 'c.id', '=', 'a.class_id')
            ->leftJoin('asset_summaries as n', 'n.asset_id', '=', 'a.id')
            ->leftJoin('teams as t', 't.id', '=', 'a.team_id')
            ->leftJoin('cost_centres as cc', 'cc.id', '=', 'a.cost_centre_id')
            ->leftJoin('suppliers as su', 'su.id', '=', 'a.supplier_id')
            ->where('a.id', $asset->id)
            ->firstOrFail([
                'a.*',
                'n.*',
                'a.id',
                'c.name as class_name',
                't.name as team_name',
                'cc.code as centre_code',
                'cc.name as centre_name',
                'su.name as supplier_name',
                DB::raw('COALESCE(n.open_orders, 0) as open_orders'),
            ]);
    }
}
