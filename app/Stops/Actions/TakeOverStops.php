<?php

declare(strict_types=1);

namespace App\Stops\Actions;

use App\Register\Events\AssetsMerged;
use App\Stops\Models\Stop;
use App\Stops\Projections\ShiftSums;
use App\Stops\Projections\StopShifts;
use Illuminate\Support\Facades\DB;
use Sundial\Support\InvalidInput;

/** Stops go over when two assets are merged. */
final readonly class TakeOverStops
{
    public function __construct(private KeepDownSince $keep, private ShiftSums $sums, private StopShifts $shifts)
    {
    }

    /** A line stays one; where both are lines, they are not one machine. */
    private function lines(int $gone, int $kept): void
    {
        if (DB::table('plant_lines')->whereIn('asset_id', [$gone, $kept])->count() > 1) {
            throw InvalidInput::because('lines', 'other', 'Both are lines with shifts of their own. They stay two.');
        }
        DB::table('plant_lines')->where('asset_id', $gone)->update(['asset_id' => $kept]);
        DB::statement('UPDATE IGNORE line_parts SET asset_id = ? WHERE asset_id = ?', [$kept, $gone]);
        DB::table('line_parts')->where('asset_id', $gone)->delete();
        DB::table('maintenance_calls')->where('asset_id', $gone)->update(['asset_id' => $kept]);
    }

    public function __invoke(AssetsMerged $merge): void
    {
        [$gone, $kept] = [$merge->gone, $merge->kept];
        $open = Stop::standing()
            ->whereIn('open_on', [$gone->id, $kept->id])
            ->lockForUpdate()
            ->get();
        if ($open->count() > 1) {
            throw InvalidInput::because(
                'down',
                'other',
                'Both are down at the moment. Say that one of them runs again first.',
            );
        }
        DB::table('stops')
            ->where('asset_id', $gone->id)
            ->update(['asset_id' => $kept->id]);
        DB::table('failures')
            ->where('asset_id', $gone->id)
            ->update(['asset_id' => $kept->id]);
        $caused = DB::table('stops')
            ->where('cause_asset_id', $gone->id)
            ->groupBy('asset_id')
            ->selectRaw('asset_id, MIN(from_at) as since')
            ->pluck('since', 'asset_id');
        DB::table('stops')
            ->where('cause_asset_id', $gone->id)
            ->update(['cause_asset_id' => $kept->id]);
        DB::table('short_stops')
            ->where('asset_id', $gone->id)
            ->update(['asset_id' => $kept->id]);
        $this->lines($gone->id, $kept->id);
        ($this->keep)($gone->id, $kept->id);
        $first = Stop::standing()->where('asset_id', $kept->id)->min('from_at');
        if ($first !== null) {
            $this->sums->stood($gone->id, $first, null);
            $this->sums->stood($kept->id, $first, null);
        }
        foreach ($caused as $assetId => $since) {
            $this->shifts->keep((int) $assetId, (string) $since, null);
        }
    }
}
