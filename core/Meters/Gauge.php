<?php

declare(strict_types=1);

namespace Sundial\Meters;

use Sundial\Support\InvalidInput;

/**
 * A meter that shows any value, such as a temperature or a pressure, with the limits between which it should stay.
 * All in thousandths of its unit.
 */
final readonly class Gauge
{
    private function __construct(
        public ?int $low,
        public ?int $high,
        public int $hysteresis,
        public int $decimals,
    ) {
    }

    /**
     * @param  int|null  $low  readings below it lie beyond; null for no such limit
     * @param  int|null  $high  readings above it lie beyond
     * @param  int  $hysteresis  how far back inside a reading has to be before it counts as back: 0 and more
     * @param  int  $decimals  places that it shows, 0 to 3
     *
     * @throws InvalidInput when the limits cross, or leave no room for the hysteresis
     */
    public static function of(?int $low = null, ?int $high = null, int $hysteresis = 0, int $decimals = 0): self
    {
        if ($decimals < 0 || $decimals > 3) {
            throw InvalidInput::outside('decimals', $decimals, 0, 3);
        }
        if ($hysteresis < 0) {
            throw InvalidInput::because('out_of_range', 'hysteresis', 'The hysteresis is 0 or more.', $hysteresis);
        }
        if ($low !== null && $high !== null && $low >= $high) {
            throw InvalidInput::because(
                'crossed',
                'high_limit',
                'The upper limit must lie above the lower one.',
                $high,
            );
        }
        if ($low !== null && $high !== null && $low + $hysteresis > $high - $hysteresis) {
            throw InvalidInput::because(
                'no_room',
                'hysteresis',
                'With this hysteresis nothing lies inside both limits. Make it smaller.',
                $hysteresis,
            );
        }

        return new self($low, $high, $hysteresis, $decimals);
    }

    /**
     * Which limit the gauge lies beyond after readings, null for none. A reading equal to a limit is inside; once
     * beyond, it is back only when a
     * reading lies inside by the hysteresis.
     *
     * @param  list<int>  $readings  oldest first
     */
    public function beyond(array $readings): ?Beyond
    {
        return array_reduce($readings, $this->after(...));
    }

    /** The same after one more reading, where it stood so before. */
    public function after(?Beyond $was, int $value): ?Beyond
    {
        return match (true) {
            $this->high !== null && $value > $this->high => Beyond::High,
            $this->low !== null && $value < $this->low => Beyond::Low,
            $was === Beyond::High &&
                $this->high !== null &&
                $value > $this->high - $this->hysteresis => Beyond::High,
            $was === Beyond::Low &&
                $this->low !== null &&
                $value < $this->low + $this->hysteresis => Beyond::Low,
            default => null,
        };
    }
}
