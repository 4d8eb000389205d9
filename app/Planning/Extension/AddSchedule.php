<?php

declare(strict_types=1);

namespace App\Planning\Extension;

use App\Planning\Queries\SchedulesOf;
use App\Platform\Access\Rights;
use App\Platform\Extension\SheetAction;
use App\Platform\Subject;
use App\Register\Queries\IsRetired;
use Sundial\Access\Right;

/** Offers a schedule to an asset: strongly while it has none. */
final class AddSchedule implements SheetAction
{
    public function kind(): string
    {
        return 'asset';
    }

    public function offer(Subject $subject): ?array
    {
        $isRetired = app(IsRetired::class)->asset($subject->id);

        return Rights::has(Right::WritePlans) && ! $isRetired
            ? [
                'label' => 'Add a schedule',
                'href' => "/assets/{$subject->id}/schedules/new",
                'strong' => app(SchedulesOf::class)->asset($subject->id)->where('ended', false)->isEmpty(),
            ]
            : null;
    }
}
