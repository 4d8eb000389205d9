<?php

declare(strict_types=1);

namespace Sundial\Stock;

/**
 * Whether a part is to be bought: free + on order - what approved orders are short of - what the outlook takes within
 * the window, held against the reorder point, which is for unplanned demand. In thousandths. Source: design page 2,
 * section 3 (definition).
 */
final readonly class ReorderPosition
{
    private function __construct(public int $position, private ?int $point)
    {
    }

    /**
     * @param  int  $onOrder  to stock, expected within the window
     * @param  int  $demand  of visits up to and with the last day of the window, late ones included
     * @param  int|null  $point  null: only shortages propose
     */
    public static function of(PromisedStock $stock, int $onOrder, int $demand, ?int $point): self
    {
        return new self($stock->free() + $onOrder - $demand - $stock->shortages(), $point);
    }

    /**
     * How much to buy so that it stands above the point again: the usual quantity, so often as that takes; without one,
     * just what lifts it to the most that is held, else above the point by one whole unit, else out of what is short.
     *
     * @param  int|null  $usual  thousandths that are bought at a time
     * @param  int|null  $most  thousandths that are held at the most; what is short is bought all the same
     */
    public function toBuy(?int $usual, ?int $most): int
    {
        if (! $this->isReached()) {
            return 0;
        }
        $least = $this->point === null ? -$this->position : $this->point - $this->position + 1;
        if ($usual !== null) {
            return $usual * intdiv($least + $usual - 1, $usual);
        }

        // Whole units: nobody sells a thousandth above the point.
        return max(
            intdiv($least + 999, 1000) * 1000,
            $most === null ? 0 : $most - max(0, $this->position),
        );
    }

    public function isReached(): bool
    {
        return $this->point === null ? $this->position < 0 : $this->position <= $this->point;
    }
}
