<?php

declare(strict_types=1);

namespace Sundial\Work\Review;

use Sundial\Work\WorkKind;

/**
 * What stands out at the review of finished work. Hours stand out when they differ from the plan by more than a fifth
 * and by more than a quarter of an hour: less is the way in which people write times down.
 */
final readonly class Review
{
    /** Percent of the planned hours. */
    private const SHARE = 20;

    /** Minutes. */
    private const LEAST = 15;

    /** @param  list<ReviewFinding>  $findings  the gravest first */
    private function __construct(public array $findings)
    {
    }

    public static function of(ReviewFacts $facts): self
    {
        $found = [
            [ReviewFinding::NoFailureRecord, $facts->missingRecords > 0],
            [ReviewFinding::UnknownCost, $facts->unknown > 0],
            [ReviewFinding::FoundFaulty, $facts->faulty > 0],
            [ReviewFinding::StepsOpen, $facts->openSteps > 0],
            [ReviewFinding::HoursOver, self::isFar($facts) && $facts->booked > $facts->planned],
            [ReviewFinding::HoursUnder, self::isFar($facts) && $facts->booked > 0 && $facts->booked < $facts->planned],
            [ReviewFinding::NothingBooked, $facts->planned > 0 && $facts->booked === 0],
            [ReviewFinding::PartsDiffer, $facts->partsApart > 0],
            [ReviewFinding::Late, $facts->daysLate > 0],
            [ReviewFinding::Unplanned, $facts->kind === WorkKind::Unplanned],
        ];

        return new self(
            array_column(array_filter($found, static fn (array $one): bool => $one[1]), 0),
        );
    }

    /** Whether it was done as planned, so that many such can be closed together. */
    public function isClean(): bool
    {
        return $this->findings === [];
    }

    /** Whether it can be closed as it stands. */
    public function canBeClosed(): bool
    {
        return array_filter($this->findings, static fn (ReviewFinding $one): bool => $one->blocks()) === [];
    }

    private static function isFar(ReviewFacts $facts): bool
    {
        $apart = abs($facts->booked - $facts->planned);

        return $facts->planned > 0 && $apart > self::LEAST && $apart * 100 > $facts->planned * self::SHARE;
    }
}
