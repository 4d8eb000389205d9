<?php

declare(strict_types=1);

namespace Sundial\Costing;

use Generator;
use Sundial\Support\Rounding;

/**
 * How long work takes, from orders like it: the median and the 80th percentile of their booked person-minutes.
 *
 * Percentiles are those of type 7 (Hyndman and Fan 1996): the value at position (n - 1) p between the sorted ones. Of
 * 30, 40, 45, 50, 90 minutes the median is 45, and the 80th percentile 58: its position is 3.2, a fifth of the way
 * from 50 to 90.
 */
final readonly class Estimate
{
    public const LEAST = 3;

    /** @param  string  $basis  what the orders have in common */
    private function __construct(
        public string $basis,
        public int $orders,
        public int $medianTenths,
        public int $mostTenths,
    ) {
    }

    /** The median in whole minutes, half away from zero. */
    public function median(): int
    {
        return Rounding::divideHalfAwayFromZero($this->medianTenths, 10);
    }

    /** The 80th percentile in whole minutes, half away from zero. */
    public function most(): int
    {
        return Rounding::divideHalfAwayFromZero($this->mostTenths, 10);
    }

    /**
     * The first of several samples, the most alike first, that holds at least 3 orders; null when none does.
     *
     * @param  iterable<string, list<int>>  $samples minutes by what the orders have in common; may be worked out
     *     one by one
     */
    public static function from(iterable $samples): ?self
    {
        foreach ($samples as $basis => $minutes) {
            if (count($minutes) >= self::LEAST) {
                sort($minutes);

                return new self($basis, count($minutes), self::tenthsAt($minutes, 5), self::tenthsAt($minutes, 8));
            }
        }

        return null;
    }

    /**
     * From closed orders of one method at most, on one asset, on which something is booked: those with the same
     * method, ladder level and class; else method and level; else class and type; else type.
     *
     * @param  list<PastOrder>  $history
     */
    public static function like(PastOrder $wanted, array $history): ?self
    {
        return self::from(self::samples($wanted, $history));
    }

    /** @param  list<PastOrder>  $history
     * @return Generator<string, list<int>> */
    private static function samples(PastOrder $wanted, array $history): Generator
    {
        $method = static fn (PastOrder $past): bool => $past->method === $wanted->method &&
            $past->level === $wanted->level;
        $class = static fn (PastOrder $past): bool => $past->class === $wanted->class;
        $type = static fn (PastOrder $past): bool => $past->type === $wanted->type;
        $minutes = static fn (callable ...$alike): array => array_values(
            array_map(
                static fn (PastOrder $past): int => $past->minutes,
                array_filter(
                    $history,
                    static fn (PastOrder $past): bool => array_filter(
                        $alike,
                        static fn (callable $is): bool => ! $is($past),
                    ) === [],
                ),
            ),
        );
        if ($wanted->method !== null) {
            yield 'method_and_class' => $minutes($method, $class);
            yield 'method' => $minutes($method);
        }
        yield 'class_and_type' => $minutes($class, $type);
        yield 'type' => $minutes($type);
    }

    /**
     * The value at so many tenths of the way through sorted ones, in tenths; exact.
     *
     * @param  list<int>  $sorted
     */
    private static function tenthsAt(array $sorted, int $tenths): int
    {
        $position = $tenths * (count($sorted) - 1);
        [$low, $between] = [intdiv($position, 10), $position % 10];

        return 10 * $sorted[$low] + ($between === 0 ? 0 : $between * ($sorted[$low + 1] - $sorted[$low]));
    }
}
