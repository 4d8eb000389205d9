<?php

declare(strict_types=1);

namespace App\Planning\Actions;

use App\Planning\Models\Schedule;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;

/** Brings the summary rows of assets up to date after one of their schedules changed: what lists filter and sort by. */
final class RefreshNearness
{
    public function __invoke(int ...$assetIds): void
    {
        DB::transaction(static function () use ($assetIds): void {
            $all = Schedule::query()->whereIn('asset_id', $assetIds)->where('ended', false)->whereNull('held_from')->orderByRaw('next_due_on IS NULL')->orderBy('next_due_on')->orderBy('id')->get()->groupBy('asset_id');
            $rows = array_map(static fn (int $assetId): array => ['asset_id' => $assetId] + self::summary($all->get($assetId) ?? new Collection), array_values(array_unique($assetIds)));
            if ($rows !== []) {
                DB::table('asset_nearness')->upsert($rows, ['asset_id'], array_slice(array_keys($rows[0]), 1));
            }
        });
    }

    /** @param  Collection<int, Schedule>  $going nearest first
     * @return array<string, mixed> */
    private static function summary(Collection $going): array
    {
        $next = $going->first(static fn (Schedule $schedule): bool => $schedule->in_hand === null && $schedule->next_due_on !== null);
        $hand = $going->first(static fn (Schedule $schedule): bool => $schedule->in_hand !== null);
        $other = $next === null || $next->calendar_on === null || $next->usage_on === null ? null : ($next->leading === 'usage' ? $next->calendar_on : $next->usage_on);

        return [
            'base_on' => $next?->base_on, 'next_due_on' => $next?->next_due_on, 'near_from' => $next?->near_from, 'release_on' => $next?->release_on, 'late_from' => $going->whereNull('in_hand')->min('late_from'), 'expected' => $next->expected ?? false,
            'other_due_on' => $other, 'headline' => $next === null ? null : mb_substr($next->name, 0, 120), 'hand_base_on' => $hand?->base_on, 'hand_due_on' => $hand?->next_due_on, 'hand_label' => $hand?->in_hand,
        ];
    }
}
