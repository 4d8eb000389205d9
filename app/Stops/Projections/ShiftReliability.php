<?php

declare(strict_types=1);

namespace App\Stops\Projections;

use App\Stops\Models\ShiftRecord;
use App\Stops\Queries\ReliabilityOfShift;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use stdClass;

/**
 * Keeps how reliable a line was in each of its shifts that is over, and while each product was made in it, so that a
 * year is added up from few rows where signals made far too many stops to look at each.
 */
final readonly class ShiftReliability
{
    /** @param  Collection<int, stdClass>  $stops  what stood in the shift */
    public function keep(ShiftRecord $record, Collection $stops, int $now): void
    {
        DB::table('shift_reliability')->where('record_id', $record->id)->delete();
        if (ShiftRecord::second($record->to_at) > $now) {
            return;
        }
        $of = $record->only(['site_id', 'line_id', 'shift', 'from_at', 'to_at']) + ['record_id' => $record->id];
        $rows = [];
        foreach (ReliabilityOfShift::of($record, $record->span(), $stops, $now) as [$productId, $is]) {
            $rows[] = [...$of, 'product_id' => $productId, ...get_object_vars($is)];
        }
        DB::table('shift_reliability')->insert($rows);
    }
}
