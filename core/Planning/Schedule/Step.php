<?php

declare(strict_types=1);

namespace Sundial\Planning\Schedule;

/** What something that happened makes of a schedule: its next state, and the visits that passed by it. */
final readonly class Step
{
    /** @param  list<PassedVisit>  $passed  missed after a completion, suspended after a hold; in their order */
    private function __construct(public ScheduleState $state, public array $passed, public ?int $doneTotal)
    {
    }

    /**
     * To a state.
     *
     * @param  list<PassedVisit>  $passed
     * @param  int|null  $doneTotal  the total of its counter when the visit was done, thousandths
     */
    public static function to(ScheduleState $state, array $passed = [], ?int $doneTotal = null): self
    {
        return new self($state, $passed, $doneTotal);
    }
}
