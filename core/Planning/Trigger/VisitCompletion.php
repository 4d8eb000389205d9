<?php

declare(strict_types=1);

namespace Sundial\Planning\Trigger;

use Sundial\Calendar\LocalDate;

/** A completed visit of a schedule with any triggers: what it counts on with, and why. */
final readonly class VisitCompletion
{
    /** Made by {@see Triggers::complete()}. */
    public function __construct(
        public Triggers $triggers,
        public ?LocalDate $nextPoint,
        public ?int $nextTotal,
        public Leading $led,
        public ?Completion $byDate,
        public ?UsageCompletion $byUse,
    ) {
    }

    /** How many points of the leading trigger passed without a visit. */
    public function missed(): int
    {
        return count($this->byDate->missed ?? ($this->byUse->missed ?? []));
    }
}
