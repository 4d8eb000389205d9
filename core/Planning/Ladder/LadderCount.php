<?php

declare(strict_types=1);

namespace Sundial\Planning\Ladder;

/**
 * Up to which visit each level of a ladder was completed. Kept by multiples and not by names, so that it outlives a
 * change of the ladder.
 */
final readonly class LadderCount
{
    /** @param  array<int, int>  $last  number of the last visit done at a level, by its multiple */
    private function __construct(private array $last)
    {
    }

    /** Nothing was done yet. */
    public static function none(): self
    {
        return new self([]);
    }

    /**
     * As it is kept.
     *
     * @param  array<int, int>  $last  number of the last visit done at a level, by its multiple
     */
    public static function of(array $last): self
    {
        return new self($last);
    }

    /** After a visit of this number was done at a level. */
    public function done(int $number, int $multiple): self
    {
        return new self([$multiple => max($number, $this->last[$multiple] ?? 0)] + $this->last);
    }

    /** The number of the last visit done at a level with this multiple or a higher one; 0 for none. */
    public function lastAt(int $multiple): int
    {
        $last = 0;
        foreach ($this->last as $level => $number) {
            $last = $level >= $multiple ? max($last, $number) : $last;
        }

        return $last;
    }
}
