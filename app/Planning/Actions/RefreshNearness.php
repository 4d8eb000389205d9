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
            $going = Schedule::query()->where('asset_id', $assetId)->where('ended', false)->whereNull('held_from')->orderBy('next_due_on')->orderBy('id')->get();
            $next = $going->first(static fn (Schedule $schedule): bool => $schedule->in_hand === null);
            $hand = $going->first(static fn (Schedule $schedule): bool => $schedule->in_hand !== null);
            DB::table('asset_nearness')->upsert([[
                'asset_id' => $assetId,
                'base_on' => $next?->base_on, 'next_due_on' => $next?->next_due_on, 'near_from' => $next?->near_from, 'release_on' => $next?->release_on,
                'headline' => $next === null ? null : mb_substr($next->name, 0, 120),
                'hand_base_on' => $hand?->base_on, 'hand_due_on' => $hand?->next_due_on, 'hand_label' => $hand?->in_hand,
            ]], ['asset_id'], ['base_on', 'next_due_on', 'near_from', 'release_on', 'headline', 'hand_base_on', 'hand_due_on', 'hand_label']);
        });
    }
}
