<?php

declare(strict_types=1);

namespace App\Planning\Extension;

use App\Planning\Models\Schedule;
use App\Register\Extension\OnCopy;
use App\Register\Extension\OnMerge;
use App\Register\Models\Asset;
use Illuminate\Support\Facades\DB;

/** The schedules that would go over when assets are merged, or be put on a copy of one. */
final readonly class SchedulesFollow implements OnCopy, OnMerge
{
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
            ...array_values(array_map(
                static fn (
                    string $name,
                ): string => "“{$name}” would then stand on it twice: end one of them afterwards",
                $twice,
            )),
        ];
    }

    public function wouldTake(Asset $from): array
    {
        return array_values(
            Schedule::query()
                ->where('asset_id', $from->id)
                ->where('ended', false)
                ->whereNull('round_id')
                ->orderBy('name')
                ->pluck('name')
                ->all(),
        );
    }
}
