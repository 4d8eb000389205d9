<?php

declare(strict_types=1);

namespace Sundial\Stock;

/**
 * How many days it took until something came: the median and the 80th percentile of those seen, percentiles of type 7
 * (Hyndman and Fan 1996), rounded up to whole days.
 */
final readonly class LeadTime
{
    private function __construct(public int $seen, public int $median, public int $mostly)
    {
    }

    /** @return self|null null: none was seen */
    public static function of(int ...$days): ?self
    {
        if ($days === []) {
            return null;
        }
        sort($days);

        return new self(count($days), self::at($days, 5), self::at($days, 8));
    }

    /**
     * The value at position (n - 1) p between the sorted ones, rounded up.
     *
     * @param  non-empty-list<int>  $sorted
     * @param  int  $tenths  p in tenths
     */
    private static function at(array $sorted, int $tenths): int
    {
        $position = (count($sorted) - 1) * $tenths;
        $below = intdiv($position, 10);
        $above = min($below + 1, count($sorted) - 1);
        $between = ($sorted[$above] - $sorted[$below]) * ($position % 10);

        return $sorted[$below] + intdiv($between + 9, 10);
    }
}
