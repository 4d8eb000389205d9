<?php

declare(strict_types=1);

namespace App\Stops\Queries;

use App\Platform\Clock\Clock;
use App\Platform\Sites\Site;
use Illuminate\Support\Facades\DB;
use Sundial\Life\RateRatio;
use Sundial\Stops\Reliability;
use Sundial\Stops\RequiredTime;
use Sundial\Stops\Span;
use Sundial\Support\InvalidInput;

/** Whether stops of a reason come more rarely since a day: counted over the operating time before and after it. */
final readonly class DidItHelp
{
    private const HOUR = 3600;

    public function __construct(private ReliabilityOf $reliability, private Clock $clock)
    {
    }

    /** @throws InvalidInput no_events, no_exposure */
    public function __invoke(Site $site, HelpAsked $asked): RateRatio
    {
        $on = RequiredTime::midnight($asked->on, $site->zone());
        $until = RequiredTime::midnight($asked->on->plusDays(-$asked->leftOut), $site->zone());
        $from = RequiredTime::midnight($asked->on->plusDays(-$asked->leftOut - $asked->days), $site->zone());
        $now = max($on, $this->clock->now()->getTimestamp());
        $before = Span::between($from, $until);
        $after = Span::between($on, $now);
        $assets = $asked->assetId === null ? $this->thatStood($site, $asked->reason) : [$asked->assetId];

        return RateRatio::of(
            $this->count($site, $asked, $before),
            $this->operating($site, $before, $assets),
            $this->count($site, $asked, $after),
            $this->operating($site, $after, $assets),
        );
    }

    private function count(Site $site, HelpAsked $asked, Span $period): int
    {
        return DB::table('stops')
            ->where('site_id', $site->id)
            ->where('reason', $asked->reason)
            ->whereNull('struck_at')
            ->where('from_at', '>=', gmdate('Y-m-d H:i:s', $period->from))
            ->where('from_at', '<', gmdate('Y-m-d H:i:s', $period->to))
            ->when($asked->assetId !== null, static fn ($some) => $some->where('asset_id', $asked->assetId))
            ->count();
    }

    /**
     * @param  list<int>  $assets
     * @return float hours
     */
    private function operating(Site $site, Span $period, array $assets): float
    {
        $asked = ReliabilityAsked::roundTheClock($site, $period);
        $sum = Reliability::without(0);
        foreach ($assets as $asset) {
            $sum = Reliability::sum($sum, $this->reliability->asset($asked, $asset));
        }

        return $sum->operating() / self::HOUR;
    }

    /** @return list<int> */
    private function thatStood(Site $site, string $reason): array
    {
        return array_values(
            DB::table('stops')
                ->where('site_id', $site->id)
                ->where('reason', $reason)
                ->whereNull('struck_at')
                ->distinct()
                ->pluck('asset_id')
                ->map(static fn (mixed $id): int => (int) $id)
                ->all(),
        );
    }
}
