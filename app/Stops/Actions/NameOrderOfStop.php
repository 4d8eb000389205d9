<?php

declare(strict_types=1);

namespace App\Stops\Actions;

use App\Platform\Subject;
use App\Stops\Models\Stop;
use Illuminate\Support\Facades\DB;

/** Names, on a stop of the same site, the order that was made of it. */
final readonly class NameOrderOfStop
{
    public function __invoke(int $stopId, Subject $order, string $label): void
    {
        DB::table('stops')
            ->where('site_id', $order->siteId)
            ->where('id', $stopId)
            ->whereNull('subject_id')
            ->update(Stop::mendedBy($order, $label));
    }
}
