<?php

declare(strict_types=1);

namespace Sundial\Stock;

use Sundial\Costing\UnitPrice;
use Sundial\Support\InvalidInput;

/**
 * How many to hold so that failures of one exposure find one with a wanted certainty. What visits take is planned
 * demand, beside it and never added into the mean: mixing one exposure's failures with another's visits is the classic
 * error.
 */
final readonly class Spares
{
    private function __construct(
        public float $mean,
        public int $s,
        private PoissonDemand $demand,
    ) {
    }

    /** @throws InvalidInput target_out_of_range */
    public static function against(FailureDemand $failures, float $serviceLevel): self
    {
        $demand = PoissonDemand::of($failures->mean);

        return new self($failures->mean, $demand->needed($serviceLevel), $demand);
    }

    /** The reorder point where each is bought again as it goes: -1 means that none is held. */
    public function pointOneForOne(): int
    {
        return $this->s - 1;
    }

    /** The probability that so many are enough for one exposure. */
    public function noStockOut(int $s): float
    {
        return $this->demand->atMost($s);
    }

    /** The share of demands that is met at once where so many are held one for one. */
    public function metAtOnce(int $s): float
    {
        return $this->demand->atMost($s - 1);
    }

    public function shortage(int $s): float
    {
        return $this->demand->shortage($s);
    }

    /** @return list<int> what is worth comparing: from four below to two above */
    public function rows(): array
    {
        return range(max(0, $this->s - 4), $this->s + 2);
    }

    /**
     * What the usual sum says, to be shown beside: one interval's failures and a year's visits, rounded up. It adds
     * demand of two different times and asks for no certainty.
     *
     * @param  int  $visits  thousandths that visits take in a year
     */
    public static function usualSum(FailureDemand $failures, float $interval, int $visits): int
    {
        // What lies a hair above a whole number by its binary fraction alone is that number.
        return (int) ceil($failures->within($interval) + $visits / 1000 - 1e-9);
    }

    /** Cents that it costs in a year to hold so many, at a share of their price in percent. */
    public static function holdingCost(int $s, UnitPrice $price, float $percent): int
    {
        return (int) round($price->times($s * 1000) * $percent / 100);
    }

    /**
     * The most that visits take in any half-open window as long as the exposure, in thousandths.
     *
     * @param  list<array{float, int}>  $visits  when, in the unit of the exposure, and thousandths
     */
    public static function planned(array $visits, Exposure $exposure): int
    {
        $most = 0;
        foreach ($visits as [$from]) {
            $sum = 0;
            foreach ($visits as [$at, $quantity]) {
                $sum += $at >= $from && $at < $from + $exposure->length ? $quantity : 0;
            }
            $most = max($most, $sum);
        }

        return $most;
    }
}
