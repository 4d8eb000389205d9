<?php

declare(strict_types=1);

namespace App\Work\Queries;

use App\Planning\Models\Schedule;
use App\Planning\Queries\LadderOf;
use App\Planning\Queries\NextAfter;
use App\Planning\Queries\PlannedWork;
use App\Platform\Sites\SiteDays;
use App\Register\Models\Asset;
use App\Work\Orders\MakeOrders;
use Illuminate\Database\Eloquent\Builder;
use Sundial\Calendar\LocalDate;
use Sundial\Planning\Schedule\LeftBecause;
use Sundial\Planning\Visit\TakeAlong;

/**
 * The visits that could be taken along by work on an asset: of its schedules, of what stands inside it, and of what
 * is stopped together with it.
 */
final readonly class AlongWith
{
    private const MOST = 40;

    public function __construct(private LadderOf $ladders, private NextAfter $nextAfter, private SiteDays $days)
    {
    }

    /**
     * @param  LocalDate  $day  the planned day of the order
     * @return list<array{schedule: Schedule, offer: TakeAlong, minutes: int, name: string, next: LocalDate|null,
     *     otherwise: LocalDate|null}> by date
     */
    public function __invoke(Asset $asset, LocalDate $day): array
    {
        $today = $this->days->today($asset->site_id);
        $offers = [];
        foreach (
            $this->candidates($asset, $day)
                ->with([...MakeOrders::LOADED, 'meter'])
                ->orderBy('next_due_on')
                ->orderBy('id')
                ->limit(self::MOST)
                ->get() as $schedule
        ) {
            $because = $schedule->releaseDecision($today)->because;
            $planned = Schedule::day($schedule->standing->next_due_on);
            $offer =
                $planned === null || ($because !== null && $because !== LeftBecause::LeadNotCome)
                    ? null
                    : TakeAlong::on($day, $planned, $schedule->standing->interval_days);
            if ($offer === null) {
                continue;
            }
            $level = $this->ladders->next($schedule);
            $doneOn = LocalDate::later($day, $today);
            $offers[] = [
                'schedule' => $schedule,
                'offer' => $offer,
                'minutes' => PlannedWork::ofNext($schedule, $level)->minutes,
                'name' => LadderOf::named($schedule->name, $schedule->method->inForce?->ladder, $level),
                'next' => ($this->nextAfter)($schedule, $doneOn),
                'otherwise' => ($this->nextAfter)($schedule, LocalDate::later($offer->planned, $today)),
            ];
        }

        return $offers;
    }

    /** Whether any might be: without a look at the rule of each. */
    public function any(Asset $asset, LocalDate $day): bool
    {
        return $this->candidates($asset, $day)->exists();
    }

    /** The day of the visit that comes first there, and not before today. */
    public function firstDay(Asset $asset, LocalDate $today): LocalDate
    {
        $first = $this->on($asset)->min('next_due_on');

        return $first === null ? $today : LocalDate::later($today, LocalDate::parse((string) $first));
    }

    /**
     * @return Builder<Schedule> those due within their window of a day, or just beyond it: which of them are is
     *     for TakeAlong to say
     */
    private function candidates(Asset $asset, LocalDate $day): Builder
    {
        return $this->on($asset)->whereRaw(
            'next_due_on <= ? + INTERVAL GREATEST(?, CEIL(interval_days * ? / 100)) DAY',
            [(string) $day, TakeAlong::LEAST_WINDOW, TakeAlong::WINDOW_SHARE],
        );
    }

    /** @return Builder<Schedule> with a next visit that no order covers */
    private function on(Asset $asset): Builder
    {
        $assets = Asset::query()
            ->where(static function ($any) use ($asset): void {
                $any->where('path', 'like', "{$asset->path}%");
                if ($asset->tie_id !== null) {
                    $any->orWhere('tie_id', $asset->tie_id);
                }
            })
            ->select('id');

        return Schedule::joinable()->whereIn('asset_id', $assets);
    }
}
