<?php

declare(strict_types=1);

namespace Sundial\Costing;

use Sundial\Support\Rounding;

/** How long work takes, from orders like it: the median and the 80th percentile of their booked person-minutes. */
final readonly class Estimate
{
    public const LEAST = 3;

    /** @param  string  $basis  what the orders have in common */
    private function __construct(public string $basis, public int $orders, public int $median, public int $most)
    {
    }

    /**
     * The first of several samples, the most alike first, that holds at least 3 orders; null when none does.
     *
     * The median of an even number is the mean of the two in the middle, half away from zero. The 80th percentile is
     * the smallest value that at
     * least 80 % of the orders do not exceed (nearest rank): of 30, 40, 45, 50, 90 minutes the median is 45, and 80
     * % took 50 or less.
     *
     * @param  iterable<string, list<int>>  $samples minutes by what the orders have in common; may be worked out
     *     one by one
     */
    public static function from(iterable $samples): ?self
    {
        foreach ($samples as $basis => $minutes) {
            $count = count($minutes);
            if ($count >= self::LEAST) {
                sort($minutes);
                $median =
                    $count % 2 === 1
                        ? $minutes[intdiv($count, 2)]
                        : Rounding::divideHalfAwayFromZero(
                            $minutes[intdiv($count, 2) - 1] + $minutes[intdiv($count, 2)],
                            2,
                        );

                return new self($basis, $count, $median, $minutes[intdiv(4 * $count + 4, 5) - 1]);
            }
        }

        return null;
    }
}
