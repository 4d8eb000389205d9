<?php

declare(strict_types=1);

namespace App\Stops\Projections;

use App\Stops\Models\ShiftRecord;
use App\Stops\Queries\SignalsAround;
use Illuminate\Support\Facades\DB;
use Sundial\Stops\SignalRules;

/** Keeps how many a line made in each minute, as its counters say; made anew around each signal that comes. */
final readonly class LineCounts
{
    public function keep(int $lineId, SignalsAround $around): void
    {
        $rows = [];
        foreach (SignalRules::output($around->signals) as $minute => [$pieces, $rejected]) {
            if ($minute >= $around->from && $minute < $around->to) {
                $rows[] = [
                    'line_id' => $lineId,
                    'minute_at' => ShiftRecord::at($minute),
                    'pieces' => $pieces,
                    'rejected' => min($rejected, $pieces),
                ];
            }
        }
        DB::table('line_counts')
            ->where('line_id', $lineId)
            ->where('minute_at', '>=', ShiftRecord::at($around->from))
            ->where('minute_at', '<', ShiftRecord::at($around->to))
            ->delete();
        foreach (array_chunk($rows, 500) as $some) {
            DB::table('line_counts')->insert($some);
        }
    }
}
