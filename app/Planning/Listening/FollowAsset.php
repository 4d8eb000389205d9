<?php

declare(strict_types=1);

namespace App\Planning\Listening;

use App\Planning\Actions\SaveSchedule;
use App\Planning\Models\Schedule;
use App\Planning\Projections\AssetNearness;
use App\Platform\Audit\Actor;
use App\Platform\Sites\SiteDays;
use App\Register\CopyListener;
use App\Register\MergeListener;
use App\Register\Models\Asset;
use Illuminate\Support\Facades\DB;
use Sundial\Calendar\LocalDate;

/** Schedules go over when two assets are merged, and are put on copies of an asset. */
final readonly class FollowAsset implements CopyListener, MergeListener
{
    public function __construct(
        private SaveSchedule $save,
        private AssetNearness $refresh,
        private HoldSchedulesOfAsset $hold,
        private SiteDays $days,
    ) {
    }

    public function merged(Asset $gone, Asset $kept): void
    {
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
        $kept->life_state->isInUse() ? $this->hold->inUseAgain($kept, $today) : $this->hold->outOfUse($kept, $today);
        ($this->refresh)($kept->id, $gone->id);
    }

    public function wouldFollow(Asset $gone, Asset $kept): array
    {
        $count = Schedule::query()->where('asset_id', $gone->id)->where('ended', false)->count();
        $twice = DB::table('schedules as g')
            ->join('schedules as k', 'k.method_id', '=', 'g.method_id')
            ->where('g.asset_id', $gone->id)
            ->where('k.asset_id', $kept->id)
            ->where('g.ended', false)
            ->where('k.ended', false)
            ->distinct()
            ->pluck('g.name')
            ->all();

        return [
            ...$count > 0 ? [$count === 1 ? '1 schedule' : "{$count} schedules"] : [],
            ...array_map(
                static fn (
                    string $name,
                ): string => "“{$name}” would then stand on it twice: end one of them afterwards",
                $twice,
            ),
        ];
    }

    public function copied(Actor $by, Asset $from, Asset $to, LocalDate $start, array $meters): void
    {
        foreach (
            Schedule::query()
                ->where('asset_id', $from->id)
                ->where('ended', false)
                ->whereNull('round_id')
                ->orderBy('id')
                ->get() as $schedule
        ) {
            if (
                ($schedule->meter_id !== null && ! isset($meters[$schedule->meter_id])) ||
                ($schedule->gauge_id !== null && ! isset($meters[$schedule->gauge_id]))
            ) {
                continue;
            }
            $weekdays = Schedule::numbers($schedule->weekdays);
            ($this->save)(
                $by,
                null,
                $to,
                [
                    'weekdays' => $weekdays,
                    'nth_weekday' => $weekdays[0] ?? null,
                    'months' => Schedule::numbers($schedule->months),
                    'anchor_on' => (string) $start,
                    'last_done_on' => null,
                    'ends_on' => null,
                    'meter_id' => $schedule->meter_id === null ? null : $meters[$schedule->meter_id],
                    'usage_last' => $schedule->meter_id === null ? null : '0',
                    'gauge_id' => $schedule->gauge_id === null ? null : $meters[$schedule->gauge_id],
                ] +
                    $schedule->only([
                        'name',
                        'method_id',
                        'team_id',
                        'rule',
                        'every',
                        'unit',
                        'nth',
                        'non_working',
                        'late_share',
                        'early_share',
                        'least_gap',
                        'lead',
                        'lead_unit',
                        'near_days',
                        'tolerance_days',
                        'approve_at_once',
                        'usage_every',
                        'condition_beyond',
                        'condition_limit',
                        'condition_readings',
                        'condition_hysteresis',
                    ]),
            );
        }
    }

    public function wouldTake(Asset $from): array
    {
        return Schedule::query()
            ->where('asset_id', $from->id)
            ->where('ended', false)
            ->whereNull('round_id')
            ->orderBy('name')
            ->pluck('name')
            ->all();
    }
}
