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

    public function isReached(): bool
    {
        return $this->point === null ? $this->position < 0 : $this->position <= $this->point;
    }
}
