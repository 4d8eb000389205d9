<?php

declare(strict_types=1);

namespace App\Work\Extension;

use App\Register\Extension\OnMerge;
use App\Register\Models\Asset;
use Illuminate\Support\Facades\DB;

/** The orders and requests that would go over when assets are merged. */
final readonly class OrdersFollow implements OnMerge
{
    public function wouldFollow(Asset $gone, Asset $kept): array
    {
        $follow = [];
        foreach (['work_orders' => 'work order', 'requests' => 'request'] as $table => $one) {
            $count = DB::table($table)->where('asset_id', $gone->id)->count();
            if ($count > 0) {
                $follow[] = $count === 1 ? "1 {$one}" : "{$count} {$one}s";
            }
        }

        return $follow;
    }
}
