<?php

declare(strict_types=1);

namespace App\Work\Extension;

use App\Register\Extension\OnMerge;
use App\Register\Models\Asset;
use Illuminate\Support\Facades\DB;

/** The orders that would go over when assets are merged. */
final readonly class OrdersFollow implements OnMerge
{
    public function wouldFollow(Asset $gone, Asset $kept): array
    {
        $count = DB::table('work_orders')->where('asset_id', $gone->id)->count();

        return $count > 0 ? [$count === 1 ? '1 work order' : "{$count} work orders"] : [];
    }
}
