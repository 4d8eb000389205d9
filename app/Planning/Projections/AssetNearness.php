<?php

declare(strict_types=1);

namespace App\Planning\Projections;

use App\Planning\Models\Schedule;
use App\Platform\Sites\SiteDays;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use Sundial\Calendar\LocalDate;
use Sundial\Planning\Trigger\Leading;
use Sundial\Planning\Visit\Nearness;

/**
 * Brings the nearness of schedules and the summary rows of their assets up to date, as lists, Today and the horizon
 * read them: after a schedule changed, and when a day begins.
 */
final readonly class AssetNearness
{
    public function __construct(private SiteDays $days, private PutOffNearness $later)
    {
    }

    public function __invoke(int ...$assetIds): void
    {
        $assetIds = array_filter($assetIds, fn (int $id): bool => ! $this->later->takes($id));
        if ($assetIds === []) {
            return;
        }
        DB::transaction(function () use ($assetIds): void {
            $all = Schedule::standings()
                ->whereIn('asset_id', $assetIds)
                ->where(static fn ($any) => $any->where('ended', false)->orWhereNotNull('nearness'))
                ->orderByRaw('next_due_on IS NULL')
                ->orderBy('next_due_on')
                ->orderBy('id')
                ->get()
                ->groupBy('asset_id');
            $sites = $all->map(static fn (Collection $schedules): int => $schedules[0]->site_id ?? 0)->all();
            $without = array_diff($assetIds, array_keys($sites));
            $sites +=
                $without === [] ? [] : DB::table('assets')->whereIn('id', $without)->pluck('site_id', 'id')->all();
            $rows = [];
            foreach ($sites as $assetId => $siteId) {
                $schedules = $all->get($assetId) ?? new Collection();
                $today = $this->days->today((int) $siteId);
                $this->stamp($schedules, $today);
                $rows[] =
                    ['asset_id' => $assetId, 'site_id' => $siteId] +
                    self::summary($schedules->where('ended', false)->whereNull('held_from'), $today);
            }
            DB::table('asset_summaries')->upsert($rows, ['asset_id'], array_slice(array_keys($rows[0]), 2));
        });
    }

    /** @param  Collection<int, Schedule>  $schedules */
    private function stamp(Collection $schedules, LocalDate $today): void
    {
        $alike = [];
        foreach ($schedules as $schedule) {
            // Every other change of a schedule is saved with its nearness; taking visits in hand and the calendar go
            // past that.
            $stands = $schedule->standing;
            $inHand = $stands->isInHand() && $schedule->held_from === null;
            if (
                ($inHand && $stands->nearness !== Nearness::InHand) ||
                ($stands->nearness_changes_on !== null && $stands->nearness_changes_on <= (string) $today)
            ) {
                $now = $schedule->nearnessOn($today);
                $alike["{$now['nearness']} {$now['nearness_changes_on']}"][] = [$schedule->id, $now];
            }
        }
        foreach ($alike as $same) {
            DB::table('schedule_standings')->whereIn('schedule_id', array_column($same, 0))->update($same[0][1]);
        }
    }

    /** @param  Collection<int, Schedule>  $going nearest first
     * @return array<string, mixed> */
    private static function summary(Collection $going, LocalDate $today): array
    {
        $next = $going->first(
            static fn (Schedule $schedule): bool => ! $schedule->standing->isInHand() &&
                $schedule->standing->next_due_on !== null,
        );
        $hand = $going->first(static fn (Schedule $schedule): bool => $schedule->standing->isInHand());
        $other =
            $next === null || $next->standing->calendar_on === null || $next->standing->usage_on === null
                ? null
                : ($next->standing->leading === Leading::Usage
                    ? $next->standing->calendar_on
                    : $next->standing->usage_on);
        $lateFrom = $going->whereNull('standing.visit_id')->min('standing.late_from');
        [$nearness, $changesOn] = [null, null];
        if ($next !== null) {
            [$near, $due, $late] = [
                LocalDate::parse((string) $next->standing->near_from),
                LocalDate::parse((string) $next->standing->next_due_on),
                Schedule::day($lateFrom),
            ];
            [$nearness, $changesOn] = [
                Nearness::on($today, $near, $due, $late),
                Nearness::changesOn($today, $near, $due, $late),
            ];
        }
        $nearness = Nearness::together($nearness, $hand !== null);

        return [
            'base_on' => $next?->standing->base_on,
            'next_due_on' => $next?->standing->next_due_on,
            'near_from' => $next?->standing->near_from,
            'release_on' => $next?->standing->release_on,
            'late_from' => $lateFrom,
            'expected' => $next->standing->expected ?? false,
            'other_due_on' => $other,
            'headline' => $next === null ? null : mb_substr($next->name, 0, 120),
            'hand_base_on' => $hand?->standing->base_on,
            'hand_due_on' => $hand?->standing->next_due_on,
            'hand_label' => $hand?->standing->in_hand,
            'urgency' => $nearness?->rank() ?? Nearness::NO_RANK,
            'urgent_on' => ($nearness === Nearness::InHand ? $hand : $next)?->standing->next_due_on,
            'changes_on' => self::text($changesOn),
        ];
    }

    private static function text(?LocalDate $day): ?string
    {
        return $day === null ? null : (string) $day;
    }
}
