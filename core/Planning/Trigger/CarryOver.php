<?php

declare(strict_types=1);

namespace Sundial\Planning\Trigger;

use Sundial\Support\InvalidInput;
use Sundial\Support\Rounding;

/**
 * What share of lateness, and of earliness, moves the next date: 0 % keeps to the calendar, 100 % counts from
 * completion.
 */
final readonly class CarryOver
{
    private function __construct(public int $late, public int $early, public int $leastGap)
    {
    }

    /**
     * @param  int  $late  per cent, 0 to 100
     * @param  int  $early  per cent, 0 to 100
     * @param  int  $leastGap  days that have to lie between a completion and the next visit, 0 to 999
     *
     * @throws InvalidInput
     */
    public static function of(int $late, int $early, int $leastGap = 0): self
    {
        $limits = [
            'late_share' => [$late, 100],
            'early_share' => [$early, 100],
            'least_gap' => [$leastGap, 999],
        ];
        foreach ($limits as $field => [$value, $most]) {
            if ($value < 0 || $value > $most) {
                throw InvalidInput::outside($field, $value, 0, $most);
            }
        }

        return new self($late, $early, $leastGap);
    }

    /** Keep to the calendar, whatever was late or early. */
    public static function fixed(): self
    {
        return new self(0, 0, 0);
    }

    /** Count from completion. */
    public static function floating(): self
    {
        return new self(100, 100, 0);
    }

    /** The share that applies to a visit done so many days late (negative: early; 0 counts as early). */
    public function share(int $daysLate): int
    {
        return $daysLate > 0 ? $this->late : $this->early;
    }

    /** share % of a difference in days, in whole days, half away from zero. */
    public static function part(int $share, int $days): int
    {
        return Rounding::divideHalfAwayFromZero($share * $days, 100);
    }
}
