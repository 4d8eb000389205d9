<?php

declare(strict_types=1);

namespace Sundial\Stock;

use Sundial\Life\GammaFunction;
use Sundial\Support\InvalidInput;

/** How many are asked for while resupply takes its time, where they are asked for one by one and at random. */
final readonly class PoissonDemand
{
    private const MOST = 100_000;

    private function __construct(public float $mean)
    {
    }

    /** @throws InvalidInput negative_mean */
    public static function of(float $mean): self
    {
        return $mean >= 0 && is_finite($mean)
            ? new self($mean)
            : throw InvalidInput::because('negative_mean', 'mean', 'A mean lies at 0 or above.', $mean);
    }

    /** P(X = k), in logarithms, so that large means do not vanish. */
    public function exactly(int $k): float
    {
        return match (true) {
            $k < 0 => 0.0,
            $this->mean <= 0.0 => $k === 0 ? 1.0 : 0.0,
            default => exp($k * log($this->mean) - $this->mean - GammaFunction::log($k + 1)),
        };
    }

    /** P(X <= k). */
    public function atMost(int $k): float
    {
        if ($k < 0) {
            return 0.0;
        }
        if ($k > $this->mean) {
            return 1 - $this->tail($k + 1, 0);
        }
        $term = $this->exactly($k);
        $sum = $term;
        for ($i = $k; $i > 0 && $term > $sum * 1e-18; $i--) {
            $term *= $i / $this->mean;
            $sum += $term;
        }

        return min(1.0, $sum);
    }

    /**
     * The smallest whole s with P(X <= s) at the service level or above it (as in Sherbrooke, Optimal Inventory
     * Modeling of Systems).
     *
     * @throws InvalidInput target_out_of_range
     */
    public function needed(float $serviceLevel): int
    {
        if ($serviceLevel < 0 || $serviceLevel >= 1) {
            throw InvalidInput::because(
                'target_out_of_range',
                'service_level',
                'A service level lies from 0 to below 1; nothing is ever quite certain.',
                $serviceLevel,
            );
        }
        $s = max(0, (int) ($this->mean - 12 * sqrt($this->mean) - 10));
        while ($s < self::MOST && $this->atMost($s) < $serviceLevel) {
            $s++;
        }

        return $s;
    }

    /** E[(X - s)+]: how many are missing on average. */
    public function shortage(int $s): float
    {
        if ($s >= $this->mean) {
            return $this->tail($s + 1, 1);
        }
        $less = 0.0;
        for ($k = 0; $k < $s; $k++) {
            $less += ($s - $k) * $this->exactly($k);
        }

        return $this->mean - $s + $less;
    }

    /** The sum from k on of P(X = i), by 1 (power 0) or by i - k + 1 (power 1): the tail itself, no difference. */
    private function tail(int $k, int $power): float
    {
        $term = $this->exactly($k);
        $sum = 0.0;
        for ($i = $k; $i < $k + self::MOST; $i++) {
            $adds = $term * ($power === 0 ? 1 : $i - $k + 1);
            $sum += $adds;
            $term *= $this->mean / ($i + 1);
            if ($adds <= $sum * 1e-18 && $i > $this->mean) {
                break;
            }
        }

        return $sum;
    }
}
