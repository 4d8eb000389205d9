<?php

declare(strict_types=1);

namespace App\Stops\Actions;

use App\Platform\Subject;
use Illuminate\Support\Facades\DB;

/** Names, on a stop, the order that was made of it. */
final readonly class NameOrderOfStop
{
    public function __invoke(int $siteId, int $stopId, Subject $order, string $label): void
    {
        DB::table('stops')
            ->where('site_id', $siteId)
            ->where('id', $stopId)
            ->whereNull('subject_id')
            ->update([
                'subject_kind' => $order->kind,
                'subject_id' => $order->id,
                'subject_label' => mb_substr($label, 0, 120),
            ]);
    }
}
