<?php

declare(strict_types=1);

namespace App\Planning\Extension;

use App\Planning\Queries\SchedulesOf;
use App\Planning\Wording\ScheduleWording;
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
        $known = app(SchedulesOf::class);
        $schedules = $known->asset($subject->id);

        return [
            'planning.section',
            [
                'schedules' => $schedules,
                'rounds' => $known->rounds($subject->id),
                'assetId' => $subject->id,
                'sayer' => app(ScheduleWording::class),
            ],
            $schedules->where('ended', false)->count(),
        ];
    }
}
