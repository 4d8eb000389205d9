<?php

declare(strict_types=1);

namespace Sundial\Stock;

/** A movement as it goes into the ledger, and what stands after it. */
final readonly class StockMove
{
    /**
     * @param  int  $quantity  thousandths, below zero for what left
     * @param  int  $cents  below zero for what left
     */
    private function __construct(public int $quantity, public int $cents, public StockBalance $after)
    {
    }

    public static function of(int $quantity, int $cents, StockBalance $after): self
    {
        return new self($quantity, $cents, $after);
    }

    /** What an issue took, as what can come back of it. */
    public function issued(): IssuedStock
    {
        return IssuedStock::of(-$this->quantity, -$this->cents);
    }
}
