<?php

declare(strict_types=1);

namespace Sundial\Stops;

use Brick\Math\BigDecimal;

/**
 * Overall equipment effectiveness in its time form (ISO 22400-2): planned time, the time it ran, and the ideal time of
 * what was made and of what was good. Over shifts, lines and days the times are added, then divided; shares are never
 * averaged.
 */
final readonly class Oee
{
    private function __construct(
        public int $planned,
        public int $run,
        public BigDecimal $ideal,
        public BigDecimal $good,
    ) {
    }

    /**
     * @param  int  $planned  seconds
     * @param  int  $run  seconds of them
     */
    public static function of(int $planned, int $run, ProductRun ...$made): self
    {
        $ideal = BigDecimal::zero();
        $good = BigDecimal::zero();
        foreach ($made as $one) {
            $ideal = $ideal->plus($one->ideal());
            $good = $good->plus($one->goodIdeal());
        }

        return new self($planned, $run, $ideal, $good);
    }

    public static function none(): self
    {
        return self::of(0, 0);
    }

    public function plus(self $other): self
    {
        return new self(
            $this->planned + $other->planned,
            $this->run + $other->run,
            $this->ideal->plus($other->ideal),
            $this->good->plus($other->good),
        );
    }

    public static function sum(self ...$some): self
    {
        return array_reduce($some, static fn (self $sum, self $one): self => $sum->plus($one), self::none());
    }

    /** Null without planned time. */
    public function availability(): ?float
    {
        return self::share((float) $this->run, (float) $this->planned);
    }

    /** Null where it never ran. */
    public function performance(): ?float
    {
        return self::share($this->ideal->toFloat(), (float) $this->run);
    }

    /** By ideal time, not by pieces; null where nothing was made. */
    public function quality(): ?float
    {
        return self::share($this->good->toFloat(), $this->ideal->toFloat());
    }

    /** Null without planned time. */
    public function oee(): ?float
    {
        return self::share($this->good->toFloat(), (float) $this->planned);
    }

    /** Whether more was made than the ideal rate allows: the rate is wrong. Compared exactly. */
    public function isAboveIdeal(): bool
    {
        return $this->ideal->isGreaterThan($this->run);
    }

    /**
     * Where the planned minutes went; the four add up to them. Speed may lie below 0, where the ideal rate is wrong.
     *
     * @return array{stops: float, speed: float, rejects: float, good: float} minutes
     */
    public function losses(): array
    {
        return [
            'stops' => ($this->planned - $this->run) / 60,
            'speed' => BigDecimal::of($this->run)->minus($this->ideal)->toFloat() / 60,
            'rejects' => $this->ideal->minus($this->good)->toFloat() / 60,
            'good' => $this->good->toFloat() / 60,
        ];
    }

    private static function share(float $part, float $whole): ?float
    {
        return $whole === 0.0 ? null : $part / $whole;
    }
}
