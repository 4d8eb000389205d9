<?php

declare(strict_types=1);

namespace Sundial\Stock;

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
