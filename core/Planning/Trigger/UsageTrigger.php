<?php

declare(strict_types=1);

namespace Sundial\Planning\Trigger;

use Sundial\Support\InvalidInput;

/** Every so many units of a counter, counted in totals (thousandths) from an anchor, with a carry-over. */
final readonly class UsageTrigger
{
    private function __construct(public int $every, public int $anchor, public CarryOver $carryOver)
    {
    }

    /**
     * @param  int  $every  thousandths of the counter's unit, above 0
     * @param  int  $anchor  the total at which counting starts
     *
     * @throws InvalidInput
     */
    public static function every(int $every, int $anchor, CarryOver $carryOver): self
    {
        return $every > 0
            ? new self($every, $anchor, $carryOver)
            : throw InvalidInput::because(
                'out_of_range',
                'usage_every',
                'The number of units must be above 0.',
                $every,
            );
    }

    /** The same interval counted from another total. */
    public function anchoredAt(int $total): self
    {
        return new self($this->every, $total, $this->carryOver);
    }

    /** The first point strictly above a total: anchor + k x every, k from 1. */
    public function pointAfter(int $total): int
    {
        return $this->anchor + max(1, intdiv(max(0, $total - $this->anchor), $this->every) + 1) * $this->every;
    }

    /**
     * Whether a visit that a reading had made due has lost its ground: the readings that stand no longer reach what
     * it was due at.
     *
     * @param  bool  $expected  whether the date was only expected when its order was made
     * @param  int|null  $dueTotal  thousandths at which it was due
     * @param  int|null  $total  thousandths that stand now
     */
    public static function lostItsGround(Leading $led, bool $expected, ?int $dueTotal, ?int $total): bool
    {
        return $led === Leading::Usage && ! $expected && $dueTotal !== null && ($total ?? 0) < $dueTotal;
    }
}
