<?php

declare(strict_types=1);

namespace App\Planning\Actions;

use App\Planning\Projections\AssetNearness;
use App\Platform\Sites\SiteDays;
use App\Register\Events\AssetsMerged;
use App\Register\Events\LifeStateChanged;
use Illuminate\Support\Facades\DB;

/** Schedules and stations of rounds go over when two assets are merged. */
final readonly class TakeOverSchedules
{
    public function __construct(
        private AssetNearness $refresh,
        private HoldSchedulesOfAsset $hold,
        private SiteDays $days,
    ) {
    }

    public function __invoke(AssetsMerged $merge): void
    {
        [$gone, $kept] = [$merge->gone, $merge->kept];
        foreach (['schedules', 'coming_visits'] as $table) {
            DB::table($table)
                ->where('asset_id', $gone->id)
                ->update(['asset_id' => $kept->id]);
        }
        // A round that walked both walks the one that is kept once.
        DB::table('stations')
            ->where('asset_id', $gone->id)
            ->whereIn('round_id', DB::table('stations')->where('asset_id', $kept->id)->pluck('round_id'))
            ->delete();
        DB::table('stations')
            ->where('asset_id', $gone->id)
            ->update(['asset_id' => $kept->id]);
        $today = $this->days->today($kept->site_id);
        // What was held up on the one goes on where the other is in use, and the other way round.
        ($this->hold)(new LifeStateChanged($kept, $today));
        ($this->refresh)($kept->id, $gone->id);
    }
}
