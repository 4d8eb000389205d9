<?php

declare(strict_types=1);

namespace App\Work\Extension;

use App\Planning\Models\Schedule;
use App\Platform\Extension\SheetSection;
use App\Platform\Subject;
use App\Work\Queries\ScheduleRecord;
use Sundial\Access\Right;

/** How a schedule was kept, and what that says about its interval, on its own sheet. */
final readonly class IntervalKept implements SheetSection
{
    public function kind(): string
    {
        return 'schedule';
    }

    public function position(): int
    {
        return 10;
    }

    public function title(): string
    {
        return 'How it is kept';
    }

    public function right(): Right
    {
        return Right::SeePlant;
    }

    public function view(Subject $subject): array
    {
        $schedule = Schedule::query()->findOrFail($subject->id);

        return ['work.kept', app(ScheduleRecord::class)->of($schedule) + ['schedule' => $schedule], null];
    }
}
