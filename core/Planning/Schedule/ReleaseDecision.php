<?php

declare(strict_types=1);

namespace Sundial\Planning\Schedule;

use Sundial\Calendar\LocalDate;

/** Whether an order is made today for the next visit of a schedule, and if not, why. */
final readonly class ReleaseDecision
{
    private function __construct(public ?LeftBecause $because)
    {
    }

    /**
     * On day t an order is made if t has reached the release day and no visit of the schedule is in hand, it is
     * neither paused nor
     * ended, the planned point lies in its season, and the asset is in service or standby on t.
     *
     * @param  LocalDate  $on  the day that is asked about
     */
    public static function of(LocalDate $on, PlannedVisit $visit, Holds $holds, MethodState $method): self
    {
        [$dates, $point] = [$visit->dates, $visit->point];

        return new self(
            match (true) {
                $holds->inHand => LeftBecause::InHand,
                $holds->ended => LeftBecause::Ended,
                $holds->heldFrom !== null => LeftBecause::Paused,
                $method === MethodState::Draft => LeftBecause::MethodMissing,
                $dates === null || $point === null => LeftBecause::NoDate,
                $visit->ends !== null && $point->isAfter($visit->ends) => LeftBecause::Ended,
                ! $visit->season->holds($point) => LeftBecause::OutOfSeason,
                ! $holds->assetInUse => LeftBecause::AssetNotInUse,
                $on->isBefore($dates->release) => LeftBecause::LeadNotCome,
                default => null,
            },
        );
    }

    /** Whether an order is made. */
    public function releases(): bool
    {
        return $this->because === null;
    }
}
