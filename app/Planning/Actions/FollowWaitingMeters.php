<?php

declare(strict_types=1);

namespace App\Planning\Actions;

use App\Platform\Clock\Clock;
use App\Platform\Sites\SiteDays;
use App\Register\Events\ReadingTaken;
use App\Register\Models\Meter;
use Illuminate\Support\Facades\DB;

/**
 * Lets the schedules of meters follow whose readings came many at once. Each meter is one transaction, and its lines
 * go with it: harmless when run twice, at the same moment, or after being killed half-way.
 */
final readonly class FollowWaitingMeters
{
    private const AT_ONCE = 100;

    public function __construct(
        private CountSchedulesOnMeter $count,
        private SiteDays $sites,
        private Clock $clock,
    ) {
    }

    /**
     * @param  int|null  $siteId  the meters of one site alone
     * @return int how many meters were followed
     */
    public function __invoke(?int $siteId = null): int
    {
        for ($followed = 0; ($waiting = $this->waiting($siteId)) !== []; $followed += count($waiting)) {
            foreach ($waiting as $meterId => $last) {
                DB::transaction(fn () => $this->follow($meterId, $last));
            }
        }

        return $followed;
    }

    /** @return array<int, int> the last line of each meter, by its id */
    private function waiting(?int $siteId): array
    {
        $lines = DB::table('meters_to_follow as w');
        if ($siteId !== null) {
            $lines->join('meters as m', 'm.id', '=', 'w.meter_id')->where('m.site_id', $siteId);
        }

        return $lines
            ->groupBy('w.meter_id')
            ->orderBy('w.meter_id')
            ->limit(self::AT_ONCE)
            ->selectRaw('w.meter_id, MAX(w.id) as last')
            ->pluck('last', 'meter_id')
            ->map(static fn (mixed $last): int => (int) $last)
            ->all();
    }

    private function follow(int $meterId, int $last): void
    {
        // As whoever takes a reading holds it: what is counted is what stands when its schedules are held.
        $meter = Meter::query()->lockForUpdate()->findOrFail($meterId);
        ($this->count)(new ReadingTaken($meter, $this->sites->site($meter->site_id)->dayOf($this->clock->now())));
        DB::table('meters_to_follow')->where('meter_id', $meterId)->where('id', '<=', $last)->delete();
    }
}
