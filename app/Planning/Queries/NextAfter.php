<?php

declare(strict_types=1);

namespace App\Planning\Queries;

use App\Planning\Models\Schedule;
use Sundial\Calendar\LocalDate;
use Sundial\Calendar\WorkingDays;
use Sundial\Planning\Trigger\Leading;

/** When a schedule would fall due after its next visit, were that done on a day; nothing is saved. */
final readonly class NextAfter
{
    public function __construct(private ScheduleStanding $standing)
    {
    }

    public function __invoke(Schedule $schedule, LocalDate $day, WorkingDays $days): ?LocalDate
    {
        $total = $this->standing->counter($schedule)?->on($day);
        $after = $schedule
            ->triggers($days)
            ->complete(
                Leading::from($schedule->leading),
                Schedule::day($schedule->next_point_on),
                Schedule::quantity($schedule->usage_due),
                $day,
                $total,
            );
        $then = (clone $schedule)->fill(['usage_not_before' => null, 'condition_since' => '2100-01-01 00:00:00']);

        return Schedule::day(
            $this->standing->fill($then, $after->triggers, $after->nextPoint, $after->nextTotal, $day)->next_due_on,
        );
    }
}
