<?php

declare(strict_types=1);

namespace App\Planning\Queries;

use App\Planning\Models\Schedule;
use Sundial\Calendar\LocalDate;
use Sundial\Planning\Schedule\Done;
use Sundial\Planning\Schedule\Holds;
use Sundial\Planning\Trigger\VisitInHand;

/** When a schedule would fall due after its next visit, were that done on a day; nothing is saved. */
final readonly class NextAfter
{
    public function __construct(private FactsOf $facts)
    {
    }

    public function __invoke(Schedule $schedule, LocalDate $day): ?LocalDate
    {
        $facts = $this->facts->kept($schedule);
        [$rule, $state] = [$schedule->agreed(), $schedule->state()];
        $visit = VisitInHand::of(
            $schedule->standing->leading,
            $state->calendar?->point,
            $state->usage?->due,
            $state->number,
        );
        $then = $rule->completed($state, Done::on($visit, $day), $facts)->state;

        return $rule->standing($then, Holds::none(), $facts)->due->planned;
    }
}
