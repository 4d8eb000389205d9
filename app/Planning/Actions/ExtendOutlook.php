<?php

declare(strict_types=1);

namespace App\Planning\Actions;

use App\Planning\Models\Schedule;
use App\Planning\Projections\ComingVisits;
use App\Planning\Projections\PutOffVisits;
use App\Platform\Clock\Clock;
use App\Platform\Sites\Site;
use App\Register\Models\Meter;
use App\Register\Projections\MeterStanding;
use Illuminate\Support\Facades\DB;

/**
 * What a new day changes by itself: the rates of counters, whose window moves on, and the far end of the outlook.
 * Harmless when run twice.
 */
final readonly class ExtendOutlook
{
    /** Days after which the rate of a counter that nobody read is taken afresh. */
    private const RATES = 7;

    public function __construct(
        private MeterStanding $stand,
        private ComingVisits $keep,
        private Clock $clock,
        private PutOffVisits $later,
    ) {
    }

    public function __invoke(Site $site): void
    {
        $today = $site->dayOf($this->clock->now());
        $stale = Meter::query()
            ->where('site_id', $site->id)
            ->whereNotNull('last_on')
            ->where(
                static fn ($any) => $any
                    ->whereNull('stands_on')
                    ->orWhere('stands_on', '<=', (string) $today->plusDays(-self::RATES)),
            )
            ->whereIn(
                'id',
                Schedule::query()
                    ->where('site_id', $site->id)
                    ->whereNotNull('meter_id')
                    ->where('ended', false)
                    ->select('meter_id'),
            );
        foreach ($stale->orderBy('id')->pluck('id') as $id) {
            DB::transaction(fn () => $this->stand->ofTheDay(Meter::query()->lockForUpdate()->findOrFail((int) $id)));
        }
        if ($this->later->isOn()) {
            return;
        }
        $short = Schedule::standings()
            ->where('schedule_standings.site_id', $site->id)
            ->where('ended', false)
            ->where(
                static fn ($any) => $any
                    ->whereNull('outlook_until')
                    ->orWhere('outlook_until', '<', (string) $today->plusDays(5 * 366)),
            );
        foreach ($short->orderBy('schedules.id')->pluck('schedules.id') as $id) {
            DB::transaction(fn () => ($this->keep)(Schedule::query()->lockForUpdate()->findOrFail((int) $id)));
        }
    }
}
