<?php

declare(strict_types=1);

namespace Sundial\Meters;

use Sundial\Calendar\LocalDate;
use Sundial\Support\InvalidInput;

/**
 * What a counter or a gauge showed at an instant. A replacement carries what the old meter showed last, and what the
 * new one showed first.
 */
final readonly class CounterReading
{
    private function __construct(
        public int $at,
        public LocalDate $day,
        public int $shown,
        public Turn $turn,
        public int $oldFinal,
    ) {
    }

    /**
     * @param  int  $at  epoch seconds
     * @param  LocalDate  $day  the site's local day of that instant
     * @param  int  $shown  thousandths, 0 or more
     *
     * @throws InvalidInput when it is negative
     */
    public static function of(int $at, LocalDate $day, int $shown, Turn $turn = Turn::Read, int $oldFinal = 0): self
    {
        foreach (['value' => $shown, 'old_final' => $oldFinal] as $field => $value) {
            if ($value < 0) {
                throw InvalidInput::because('negative', $field, 'A counter shows 0 or more.', $value);
            }
        }

        return new self($at, $day, $shown, $turn, $oldFinal);
    }

    /**
     * One of which only the instant and the day are asked, as its total is known and another was read after it.
     *
     * @param  int  $at  epoch seconds
     */
    public static function mark(int $at, LocalDate $day): self
    {
        return new self($at, $day, 0, Turn::Read, 0);
    }

    /**
     * The same of a gauge, which may show any value and is never unrolled.
     *
     * @param  int  $shown  thousandths
     */
    public static function ofGauge(int $at, LocalDate $day, int $shown): self
    {
        return new self($at, $day, $shown, Turn::Read, 0);
    }
}
