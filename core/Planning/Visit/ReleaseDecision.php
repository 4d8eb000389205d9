<?php

declare(strict_types=1);

namespace Sundial\Planning\Visit;

use Sundial\Calendar\LocalDate;
use Sundial\Calendar\Season;

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
     * @param  VisitDates|null  $visit  null when no date can be expected, because the counter has no rate
     * @param  LocalDate|null  $point the calendar point before non-working days moved it; null when a counter
     *     leads: the planned day counts
     * @param  LocalDate|null  $ends  the last day on which a visit may be planned
     * @param  bool  $methodInForce  whether its method has a revision in force
     */
    public static function of(
        LocalDate $today,
        ?VisitDates $visit,
        Season $season,
        ?LocalDate $point,
        bool $visitInHand,
        bool $paused,
        bool $ended,
        bool $assetInUse,
        ?LocalDate $ends = null,
        bool $methodInForce = true,
    ): self {
        $point ??= $visit?->planned;

        return new self(
            match (true) {
                $visitInHand => LeftBecause::InHand,
                $ended => LeftBecause::Ended,
                $paused => LeftBecause::Paused,
                ! $methodInForce => LeftBecause::MethodMissing,
                $visit === null || $point === null => LeftBecause::NoDate,
                $ends !== null && $point->isAfter($ends) => LeftBecause::Ended,
                ! $season->holds($point) => LeftBecause::OutOfSeason,
                ! $assetInUse => LeftBecause::AssetNotInUse,
                $today->isBefore($visit->release) => LeftBecause::LeadNotCome,
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
