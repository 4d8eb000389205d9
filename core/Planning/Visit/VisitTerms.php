<?php

declare(strict_types=1);

namespace Sundial\Planning\Visit;

use Sundial\Support\InvalidInput;
use Sundial\Support\Rounding;

/** What was agreed about the days around a planned one: the lead, from when it is near, and what is on time. */
final readonly class VisitTerms
{
    private function __construct(
        public LeadTime $lead,
        public ?int $near,
        public ?int $tolerance,
        public DaySetBy $setBy,
    ) {
    }

    /**
     * @param  int|null  $near days before the date from which a visit is near; null: the greater of twice the lead
     *     and 10 % of the interval
     * @param  int|null  $tolerance  days either side; null: 10 % of the interval, at least 1
     *
     * @throws InvalidInput when near or tolerance is negative
     */
    public static function of(
        LeadTime $lead,
        ?int $near = null,
        ?int $tolerance = null,
        DaySetBy $setBy = DaySetBy::Plant,
    ): self {
        foreach (['near' => $near, 'tolerance' => $tolerance] as $field => $value) {
            if ($value !== null && $value < 0) {
                throw InvalidInput::outside($field, $value, 0);
            }
        }

        return new self($lead, $near, $tolerance, $setBy);
    }

    /** Days before the date from which a visit is near. */
    public function nearDays(int $interval): int
    {
        return $this->near ?? max(2 * $this->lead->inDays($interval), self::tenth($interval));
    }

    /** Days before the date on which a visit is on time. */
    public function daysBefore(int $interval): int
    {
        return $this->tolerance ?? max(1, self::tenth($interval));
    }

    /** Days after the date on which a visit is on time. */
    public function daysAfter(int $interval): int
    {
        return $this->setBy === DaySetBy::Law ? 0 : $this->daysBefore($interval);
    }

    private static function tenth(int $interval): int
    {
        return Rounding::divideHalfAwayFromZero($interval, 10);
    }
}
