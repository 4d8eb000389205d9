<?php

declare(strict_types=1);

namespace Sundial\Planning\Record;

use Sundial\Calendar\LocalDate;
use Sundial\Support\Rounding;

/**
 * How well a schedule was kept in a period: of the visits whose planned day and tolerance end in it, those that were
 * done on time.
 *
 * Missed and skipped visits count against it; suspended ones are not handed in.
 */
final readonly class Compliance
{
    private function __construct(
        public int $visits,
        public int $onTime,
        public int $late,
        public int $early,
        public int $leftOut,
        public ?int $meanDays,
    ) {
    }

    /**
     * @param  iterable<PastVisit>  $visits
     * @param  LocalDate  $from  the first day of the period
     * @param  LocalDate  $to  its last day
     */
    public static function of(iterable $visits, LocalDate $from, LocalDate $to): self
    {
        [$onTime, $late, $early, $leftOut, $days, $done] = [0, 0, 0, 0, 0, 0];
        foreach ($visits as $visit) {
            $over = $visit->planned->plusDays($visit->toleranceDays);
            if ($over->isBefore($from) || $over->isAfter($to)) {
                continue;
            }
            if ($visit->done === null) {
                $leftOut++;

                continue;
            }
            $visit->isOnTime() ? $onTime++ : ($visit->late > 0 ? $late++ : $early++);
            $days += $visit->planned->daysUntil($visit->done);
            $done++;
        }

        return new self(
            $onTime + $late + $early + $leftOut,
            $onTime,
            $late,
            $early,
            $leftOut,
            $done === 0 ? null : Rounding::divideHalfAwayFromZero(10 * $days, $done),
        );
    }

    /** On time of all, in whole per cent, half away from zero; null without a visit. */
    public function percent(): ?int
    {
        return $this->visits === 0 ? null : Rounding::divideHalfAwayFromZero(100 * $this->onTime, $this->visits);
    }

    /** How many visits were done. */
    public function done(): int
    {
        return $this->visits - $this->leftOut;
    }
}
