<?php

declare(strict_types=1);

namespace Sundial\Planning\Trigger;

use Sundial\Meters\Beyond;
use Sundial\Support\InvalidInput;

/**
 * A gauge beyond a limit for so many readings in a row. Values in thousandths of its unit; a reading equal to the
 * limit is inside.
 *
 * What has fallen due stays due until the work is done or skipped. Completion arms it again; after a skip it is
 * armed again only by a reading
 * back inside by the hysteresis.
 */
final readonly class ConditionTrigger
{
    private function __construct(
        public Beyond $beyond,
        public int $limit,
        public int $readings,
        public int $hysteresis,
    ) {
    }

    /**
     * @param  int  $readings  so many in a row, 1 to 20
     * @param  int  $hysteresis  how far back inside arms it again: 0 and more
     *
     * @throws InvalidInput out_of_range
     */
    public static function of(Beyond $beyond, int $limit, int $readings = 1, int $hysteresis = 0): self
    {
        if ($readings < 1 || $readings > 20) {
            throw InvalidInput::outside('condition_readings', $readings, 1, 20);
        }
        if ($hysteresis < 0) {
            throw InvalidInput::outside('condition_hysteresis', $hysteresis, 0);
        }

        return new self($beyond, $limit, $readings, $hysteresis);
    }

    /**
     * The place of the reading that makes it due; null while none does.
     *
     * Above 75, 2 in a row: 73, 76, 74, 77, 78 is due at the last.
     *
     * @param  list<int>  $values  since the last completion or skip, oldest first
     */
    public function dueAt(array $values, Arming $arming = Arming::Armed): ?int
    {
        $run = 0;
        foreach ($values as $i => $value) {
            $arming = $arming === Arming::Waiting && $this->isBackInside($value) ? Arming::Armed : $arming;
            $run = $arming === Arming::Armed && $this->isBeyond($value) ? $run + 1 : 0;
            if ($run >= $this->readings) {
                return $i;
            }
        }

        return null;
    }

    /**
     * How many of the last readings lie beyond in a row: how near it is.
     *
     * @param  list<int>  $values
     */
    public function run(array $values): int
    {
        $run = 0;
        for ($i = count($values) - 1; $i >= 0 && $this->isBeyond($values[$i]); $i--) {
            $run++;
        }

        return $run;
    }

    private function isBeyond(int $value): bool
    {
        return $this->beyond === Beyond::High ? $value > $this->limit : $value < $this->limit;
    }

    private function isBackInside(int $value): bool
    {
        return $this->beyond === Beyond::High
            ? $value <= $this->limit - $this->hysteresis
            : $value >= $this->limit + $this->hysteresis;
    }
}
