<?php

declare(strict_types=1);

namespace App\Planning\Actions;

use App\Planning\Models\Schedule;
use Illuminate\Support\Facades\DB;

/** Brings the summary row of an asset up to date after one of its schedules changed: what lists filter and sort by. */
final class RefreshNearness
{
    public function __invoke(int $assetId): void
    {
        DB::transaction(static function () use ($assetId): void {
            $going = Schedule::query()->where('asset_id', $assetId)->where('ended', false)->whereNull('held_from')->orderByRaw('next_due_on IS NULL')->orderBy('next_due_on')->orderBy('id')->get();
            $next = $going->first(static fn (Schedule $schedule): bool => $schedule->in_hand === null && $schedule->next_due_on !== null);
            $hand = $going->first(static fn (Schedule $schedule): bool => $schedule->in_hand !== null);
            $free = $going->whereNull('in_hand');
            $other = $next === null || $next->calendar_on === null || $next->usage_on === null ? null : ($next->leading === 'usage' ? $next->calendar_on : $next->usage_on);
            $row = [
                'base_on' => $next?->base_on, 'next_due_on' => $next?->next_due_on, 'near_from' => $next?->near_from, 'release_on' => $next?->release_on, 'late_from' => $free->min('late_from'), 'expected' => $next->expected ?? false,
                'other_due_on' => $other, 'headline' => $next === null ? null : mb_substr($next->name, 0, 120),
                'hand_base_on' => $hand?->base_on, 'hand_due_on' => $hand?->next_due_on, 'hand_label' => $hand?->in_hand,
            ];
            DB::table('asset_nearness')->upsert([['asset_id' => $assetId] + $row], ['asset_id'], array_keys($row));
        });
    }
}
