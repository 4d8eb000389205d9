<?php

declare(strict_types=1);

namespace Sundial\Stock;

/**
 * Which parts carry the value that is used in a year: A those that make up the first 80 % of it, B those up to 95 %, C
 * the rest, and all that was not used (the usual ABC analysis by yearly value).
 */
final readonly class YearlyValue
{
    private const A = 80;

    private const B = 95;

    private const AFTER = ['A' => 90, 'B' => 180, 'C' => 365];

    /** @return array<string, int> days after which each class is counted again */
    public static function countCycle(): array
    {
        return self::AFTER;
    }

    public static function countedAgainAfter(string $class): int
    {
        return self::AFTER[$class] ?? self::AFTER['C'];
    }

    /**
     * @param  array<int, int>  $cents  used in a year, by part
     * @return array<int, string> A, B or C by part
     */
    public static function classes(array $cents): array
    {
        arsort($cents);
        $all = array_sum(array_map(static fn (int $one): int => max(0, $one), $cents));
        $classes = [];
        $before = 0;
        foreach ($cents as $part => $one) {
            $classes[$part] = match (true) {
                $one <= 0 => 'C',
                $before * 100 < $all * self::A => 'A',
                $before * 100 < $all * self::B => 'B',
                default => 'C',
            };
            $before += max(0, $one);
        }

        return $classes;
    }
}
