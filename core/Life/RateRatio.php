<?php

declare(strict_types=1);

namespace Sundial\Life;

use Sundial\Support\InvalidInput;

/**
 * Whether events come more rarely after something than before: the ratio of two Poisson rates, over operating time. The
 * test is that of Przyborowski and Wilenski (1940): given all events, those after it are binomial. The limits are those
 * of Clopper and Pearson (1934) for its share, at 90 %.
 */
final readonly class RateRatio
{
    private const TAIL = 0.05;

    /** Probabilities that differ by no more than rounding are equal. */
    private const SLACK = 1e-7;

    /** Fewer events than this in all say nothing. */
    private const LEAST = 5;

    private function __construct(
        public int $before,
        public float $exposureBefore,
        public int $after,
        public float $exposureAfter,
    ) {
    }

    /**
     * @param  float  $exposureBefore  operating time, in the unit of the other
     *
     * @throws InvalidInput no_events, no_exposure
     */
    public static function of(int $before, float $exposureBefore, int $after, float $exposureAfter): self
    {
        if ($exposureBefore <= 0 || $exposureAfter <= 0) {
            throw InvalidInput::because('no_exposure', 'exposure', 'There is no operating time to compare.');
        }

        return $before + $after === 0
            ? throw InvalidInput::because('no_events', 'count', 'Nothing happened before or after.')
            : new self($before, $exposureBefore, $after, $exposureAfter);
    }

    public function rateBefore(): float
    {
        return $this->before / $this->exposureBefore;
    }

    public function rateAfter(): float
    {
        return $this->after / $this->exposureAfter;
    }

    /** Rate after / rate before; null where nothing happened before. */
    public function ratio(): ?float
    {
        return $this->before === 0 ? null : $this->rateAfter() / $this->rateBefore();
    }

    /** Its lower 90 % limit. */
    public function lower(): float
    {
        return $this->after === 0 ? 0.0 : $this->asRatio(
            BetaFunction::quantile(self::TAIL, (float) $this->after, $this->before + 1.0),
        );
    }

    /** Its upper 90 % limit; null where nothing happened before. */
    public function upper(): ?float
    {
        return $this->before === 0 ? null : $this->asRatio(
            BetaFunction::quantile(1 - self::TAIL, $this->after + 1.0, (float) $this->before),
        );
    }

    /** The exact two-sided p: how probable is what was seen, or what is no more probable, if nothing changed. */
    public function p(): float
    {
        $n = $this->before + $this->after;
        $share = $this->exposureAfter / ($this->exposureBefore + $this->exposureAfter);
        $seen = self::binomial($n, $this->after, $share) * (1 + self::SLACK);
        $p = 0.0;
        for ($k = 0; $k <= $n; $k++) {
            $one = self::binomial($n, $k, $share);
            $p += $one <= $seen ? $one : 0.0;
        }

        return min(1.0, $p);
    }

    /** Rarer or oftener where both 90 % limits lie on one side of 1; too few under 5 events in all. */
    public function verdict(): Verdict
    {
        $upper = $this->upper();

        return match (true) {
            $this->before + $this->after < self::LEAST => Verdict::TooFew,
            $upper !== null && $upper < 1 => Verdict::Rarer,
            $this->lower() > 1 => Verdict::Oftener,
            default => Verdict::Unclear,
        };
    }

    private function asRatio(float $share): float
    {
        return $share / (1 - $share) * $this->exposureBefore / $this->exposureAfter;
    }

    private static function binomial(int $n, int $k, float $p): float
    {
        $log = GammaFunction::log($n + 1) - GammaFunction::log($k + 1) - GammaFunction::log($n - $k + 1);

        return exp($log + $k * log($p) + ($n - $k) * log1p(-$p));
    }
}
