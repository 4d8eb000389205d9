<?php

declare(strict_types=1);

namespace App\Planning\Extension;

use App\Planning\Models\Schedule;
use App\Platform\Extension\SheetSection;
use App\Platform\Subject;
use Sundial\Access\Right;

/** The schedules on an asset's sheet. */
final class AssetSchedules implements SheetSection
{
    public function kind(): string
    {
        return 'asset';
    }

    public function position(): int
    {
        return 20;
    }

    public function title(): string
    {
        return 'Schedules';
    }

    public function right(): Right
    {
        return Right::SeePlant;
    }

    public function view(Subject $subject): array
    {
        $schedules = Schedule::query()->where('asset_id', $subject->id)->with(['method', 'meter'])->orderBy('ended')->orderByRaw('next_due_on IS NULL')->orderBy('next_due_on')->get();

        return ['planning.section', ['schedules' => $schedules, 'assetId' => $subject->id], $schedules->where('ended', false)->count()];
    }
}
