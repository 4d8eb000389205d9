<?php

declare(strict_types=1);

namespace App\Work\Extension;

use App\Planning\Models\Schedule;
use App\Platform\Access\Rights;
use App\Platform\Extension\SheetAction;
use App\Platform\Subject;
use Sundial\Access\Right;

/** Offers to make the order of a schedule's next visit before its lead has come. */
final class ReleaseEarly implements SheetAction
{
    public function kind(): string
    {
        return 'schedule';
    }

    public function offer(Subject $subject): ?array
    {
        $schedule = Rights::has(Right::Release) ? Schedule::query()->find($subject->id) : null;
        $may =
            $schedule !== null &&
            ! $schedule->ended &&
            $schedule->held_from === null &&
            $schedule->standing->in_hand === null &&
            $schedule->standing->next_due_on !== null;

        return $may
            ? [
                'label' => "Release visit {$schedule->standing->next_number} now",
                'href' => "/schedules/{$schedule->id}/release",
                'strong' => false,
                'post' => true,
            ]
            : null;
    }
}
