<?php

declare(strict_types=1);

namespace Sundial\Stock;

use Sundial\Life\Renewal;
use Sundial\Life\Weibull;
use Sundial\Support\InvalidInput;

/**
 * How many of a part its failures ask for in one exposure: by the rate of many units of mixed ages, or unit by unit
 * where their ages are known (Barlow and Proschan, Mathematical Theory of Reliability).
 */
final readonly class FailureDemand
{
    /** @param  list<float>|null  $perUnit  null: by the rate of mixed ages */
    private function __construct(
        public float $mean,
        public ?float $rate,
        public ?array $perUnit,
        private float $perTime,
    ) {
    }

    /**
     * Failures of one unit in one unit of time, as they were counted.
     *
     * @param  int  $thousandths  what they used
     */
    public static function counted(int $thousandths, float $units, float $time): float
    {
        return $units > 0 && $time > 0 ? $thousandths / 1000 / $units / $time : 0.0;
    }

    /** What they ask for in another time than the exposure. */
    public function within(float $time): float
    {
        return $this->perTime * $time;
    }

    /** A rate that somebody typed or counted: failures of one unit in one unit of time. */
    public static function atRate(float $rate, float $units, Exposure $exposure): self
    {
        if ($units < 0 || $rate < 0) {
            throw InvalidInput::because('invalid_units', 'units', 'Units and rates lie at 0 or above.', $units);
        }

        return new self($rate * $units * $exposure->length, $rate, null, $rate * $units);
    }

    /** @throws InvalidInput invalid_interval, invalid_units */
    public static function ofUnits(Maintained $unit, float $units, Exposure $exposure): self
    {
        return self::atRate($unit->rate(), $units, $exposure);
    }

    /**
     * @param  list<float>  $ages
     *
     * @throws InvalidInput invalid_interval, invalid_age
     */
    public static function ofAges(Maintained $unit, array $ages, Exposure $exposure): self
    {
        foreach ($ages as $age) {
            if ($age < 0) {
                throw InvalidInput::because('invalid_age', 'ages', 'An age lies at 0 or above.', $age);
            }
        }
        $perUnit = $exposure->length <= 0.0
            ? array_map(static fn (): float => 0.0, $ages)
            : self::each($unit, $ages, $exposure->length);

        $sum = array_sum($perUnit);

        return new self($sum, null, $perUnit, $exposure->length > 0 ? $sum / $exposure->length : 0.0);
    }

    /**
     * @param  list<float>  $ages
     * @return list<float>
     */
    private static function each(Maintained $unit, array $ages, float $span): array
    {
        if ($unit->policy === FailurePolicy::PatchedUp) {
            return array_map(
                static fn (float $age): float => self::patched($unit->life, $age, $span, (float) $unit->interval),
                $ages,
            );
        }
        $renewal = Renewal::within($span, $unit->life, $unit->interval);

        return array_map(static fn (float $age): float => $renewal->ofAge($age), $ages);
    }

    /** The hazard goes on along its age, and starts anew where it comes to the interval. */
    private static function patched(Weibull $life, float $age, float $span, float $interval): float
    {
        $left = max(0.0, $interval - $age);
        if ($span <= $left) {
            return $life->hazard($age + $span) - $life->hazard($age);
        }
        $rest = $span - $left;
        $cycles = floor($rest / $interval);

        return $life->hazard(max($interval, $age)) - $life->hazard($age) +
            $cycles * $life->hazard($interval) +
            $life->hazard($rest - $cycles * $interval);
    }
}
