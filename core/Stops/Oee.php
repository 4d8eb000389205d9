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

    /**
     * By how many minutes each loss differs from another's, if the other had been planned for as long as this one:
     * below 0, it lost less.
     *
     * @return array{stops: float, speed: float, rejects: float, good: float}|null null where one had no planned time
     */
    public function against(self $other): ?array
    {
        if ($this->planned === 0 || $other->planned === 0) {
            return null;
        }
        $scale = $this->planned / $other->planned;
        $theirs = $other->losses();
        $mine = $this->losses();

        return [
            'stops' => $mine['stops'] - $theirs['stops'] * $scale,
            'speed' => $mine['speed'] - $theirs['speed'] * $scale,
            'rejects' => $mine['rejects'] - $theirs['rejects'] * $scale,
            'good' => $mine['good'] - $theirs['good'] * $scale,
        ];
    }

    /** As it was kept: seconds, and ideal seconds as exact decimals. */
    public static function kept(int $planned, int $run, string $ideal, string $good): self
    {
        return new self($planned, $run, BigDecimal::of($ideal), BigDecimal::of($good));
    }

    /**
     * The ideal seconds for a piece that would put performance at 100 %, where one product was made at this ideal time
     * and more came than it allows; null where nothing is above it.
     */
    public function idealThatFits(string $idealSeconds): ?float
    {
        return $this->isAboveIdeal() ? (float) $idealSeconds * $this->run / $this->ideal->toFloat() : null;
    }

    private static function share(float $part, float $whole): ?float
    {
        return $whole === 0.0 ? null : $part / $whole;
    }
}
