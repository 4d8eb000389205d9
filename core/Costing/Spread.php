<?php

declare(strict_types=1);

namespace Sundial\Costing;

/**
 * How an order that is worked on several assets spreads what is booked on all of them: line by line, by equal shares or
 * by planned minutes, to the cent and the second. What is booked on one of them stays there. One that was left out
 * weighs nothing; where nothing weighs, all that were not left out weigh the same, and all of them where every one
 * was.
 */
final readonly class Spread
{
    /** @param  non-empty-array<int, int>  $weights  by asset */
    private function __construct(private array $weights)
    {
    }

    /**
     * @param  non-empty-array<int, int>  $minutes  planned on each asset
     * @param  list<int>  $leftOut  of these
     */
    public static function over(SpreadBy $by, array $minutes, array $leftOut = []): self
    {
        $in = static fn (int $one): bool => ! in_array($one, $leftOut, true);
        $weights = [];
        foreach ($minutes as $one => $planned) {
            $weights[$one] = match (true) {
                ! $in($one) => 0,
                $by === SpreadBy::Equal => 1,
                default => $planned,
            };
        }
        if (array_sum($weights) === 0) {
            foreach (array_keys($weights) as $one) {
                $weights[$one] = $in($one) ? 1 : 0;
            }
        }

        return new self($weights);
    }

    /**
     * Of one line: what each asset carries. Only those that carry something are named.
     *
     * @param  int|null  $only  the asset on which it was booked; null: all
     * @param  int|null  $cents  null: unknown, for each that carries some of it
     * @param  int  $seconds  of work
     * @return array<int, array{int|null, int}> cents and seconds by asset; the parts add up to the whole
     */
    public function line(?int $only, ?int $cents, int $seconds): array
    {
        if ($only !== null) {
            return [$only => [$cents, $seconds]];
        }
        $assets = array_keys($this->weights);
        $weights = array_values($this->weights);
        $money = Allocation::of($cents ?? 0, $weights);
        $time = Allocation::of($seconds, $weights);
        $shares = [];
        foreach ($assets as $i => $asset) {
            if ($money[$i] !== 0 || $time[$i] !== 0 || ($cents === null && $this->carries($i))) {
                $shares[$asset] = [$cents === null ? null : $money[$i], $time[$i]];
            }
        }

        return $shares;
    }

    private function carries(int $i): bool
    {
        return array_sum($this->weights) === 0 || array_values($this->weights)[$i] > 0;
    }
}
