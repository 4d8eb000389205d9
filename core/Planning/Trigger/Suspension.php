<?php

declare(strict_types=1);

namespace Sundial\Planning\Trigger;

use Sundial\Calendar\Interval;
use Sundial\Calendar\LocalDate;

/**
 * What becomes of a schedule that was held up (paused, or its asset out of service) and goes on.
 *
 * Points that passed meanwhile are suspended: they count neither as done nor as missed. A fixed schedule takes its
 * next point on or after
 * the return; a floating one already past is due on the day of return, or
 * where its season begins when it returns outside of it. A visit that was late before the hold stays late.
 */
final readonly class Suspension
{
    /** @param  list<LocalDate>  $suspended dates of the points of three years that passed meanwhile */
    private function __construct(
        public LocalDate $nextPoint,
        public array $suspended,
        public ?LocalDate $newAnchor,
    ) {
    }

    /**
     * What the schedule goes on with.
     *
     * @param  LocalDate  $nextPoint  the point that stood next when it was held up
     * @param  LocalDate  $heldFrom  the first day of the hold
     * @param  LocalDate  $return  the day on which it goes on
     */
    public static function lifted(
        CalendarTrigger $trigger,
        LocalDate $nextPoint,
        LocalDate $heldFrom,
        LocalDate $return,
    ): self {
        $date = $trigger->dateOf($nextPoint);
        if ($date->isBefore($heldFrom) || ! $date->isBefore($return)) {
            return new self($nextPoint, [], null);
        }
        if ($trigger->points instanceof Interval && $trigger->carryOver->late > 0) {
            $due = $trigger->season->onward($return);

            return new self($due, [], $due);
        }
        [$suspended, $nextPoint] = $trigger->passed($nextPoint, $return);

        return new self($nextPoint, $suspended, null);
    }
}
