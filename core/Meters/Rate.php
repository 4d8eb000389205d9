<?php

declare(strict_types=1);

namespace Sundial\Meters;

use Sundial\Support\Rounding;

/** How fast a counter rises: thousandths of its unit in so many days, as an exact fraction in lowest terms. */
final readonly class Rate
{
    private function __construct(public int $thousandths, public int $days)
    {
    }

    /** @param  int  $days  at least 1 */
    public static function of(int $thousandths, int $days): self
    {
        [$a, $b] = [abs($thousandths), $days];
        while ($b > 0) {
            [$a, $b] = [$b, $a % $b];
        }

        return new self(intdiv($thousandths, max(1, $a)), intdiv($days, max(1, $a)));
    }

    /** An expected use per year as a rate per day, the year of 365.25 days. */
    public static function perYear(int $thousandths): self
    {
        return self::of($thousandths * 100, 36525);
    }

    /** -1, 0 or 1, as this rate is below, equal to or above the other. */
    public function compare(self $other): int
    {
        return $this->thousandths * $other->days <=> $other->thousandths * $this->days;
    }

    /** This rate, so many times. */
    public function times(int $factor): self
    {
        return self::of($this->thousandths * $factor, $this->days);
    }

    /** Thousandths in so many days, half away from zero. */
    public function over(int $days): int
    {
        return Rounding::divideHalfAwayFromZero($this->thousandths * $days, $this->days);
    }

    /**
     * Whole days until so many thousandths are used, rounded down; null at a rate of 0, or when it takes more than
     * 100 years.
     */
    public function daysFor(int $thousandths): ?int
    {
        if ($this->thousandths <= 0) {
            return null;
        }
        $days = Rounding::divideDown($thousandths * $this->days, $this->thousandths);

        return $days > 36525 ? null : $days;
    }

    /**
     * Percentile of type 7 (linear between order statistics) of rates, exact.
     *
     * @param  non-empty-list<self>  $rates
     * @param  int  $tenths  1 for the 10th percentile, 9 for the 90th
     */
    public static function percentile(array $rates, int $tenths): self
    {
        usort($rates, static fn (self $a, self $b): int => $a->compare($b));
        $place = (count($rates) - 1) * $tenths;
        $low = $rates[intdiv($place, 10)];
        $high = $rates[min(count($rates) - 1, intdiv($place, 10) + 1)];
        $part = $place % 10;

        return self::of(
            (10 - $part) * $low->thousandths * $high->days + $part * $high->thousandths * $low->days,
            10 * $low->days * $high->days,
        );
    }
}
