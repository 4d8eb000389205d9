<?php

declare(strict_types=1);

namespace Sundial\Stops;

/**
 * The few causes that cost most: sorted by the measure, each with its share and the share of all up to it; what is left
 * over the most that are named stands last as one.
 */
final readonly class Pareto
{
    /**
     * @param  list<array{key: string, size: int, share: float, upTo: float}>  $bars
     * @param  int  $rest  of those that are not named
     */
    private function __construct(public array $bars, public int $rest, public int $total)
    {
    }

    /** @param  array<int|string, int>  $sizes  by key; those of 0 or less are left out */
    public static function of(array $sizes, int $most): self
    {
        $sizes = array_filter($sizes, static fn (int $size): bool => $size > 0);
        // Of equal size, by key: the same input gives the same picture.
        uksort($sizes, static fn (int|string $a, int|string $b): int => [$sizes[$b], (string) $a] <=> [
            $sizes[$a],
            (string) $b,
        ]);
        $total = array_sum($sizes);
        $upTo = 0;
        $bars = [];
        foreach (array_slice($sizes, 0, $most, true) as $key => $size) {
            $upTo += $size;
            $bars[] = [
                'key' => (string) $key,
                'size' => $size,
                'share' => $size / $total,
                'upTo' => $upTo / $total,
            ];
        }

        return new self($bars, $total - $upTo, $total);
    }
}
