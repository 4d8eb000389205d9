<?php

declare(strict_types=1);

namespace Sundial\Stock;

use Brick\Math\BigInteger;
use Brick\Math\RoundingMode;
use Sundial\Costing\UnitPrice;
use Sundial\Support\InvalidInput;

/** What an issue took and what came back of it: a return takes its share of the value, the last one the rest. */
final readonly class IssuedStock
{
    /**
     * @param  int  $quantity  thousandths that were issued
     * @param  int  $cents  their value
     * @param  int  $left  thousandths that did not come back yet
     * @param  int  $centsLeft  the value that did not
     */
    private function __construct(
        private int $quantity,
        private int $cents,
        public int $left,
        public int $centsLeft,
    ) {
    }

    public static function of(int $quantity, int $cents): self
    {
        return new self($quantity, $cents, $quantity, $cents);
    }

    /** What one of it cost, to four places. */
    public function unitPrice(): ?UnitPrice
    {
        return StockBalance::standing($this->quantity, $this->cents, null)->average();
    }

    /**
     * @return array{int, self} the value of so many, and what is still out
     *
     * @throws InvalidInput return_exceeds_issue
     */
    public function giveBack(int $quantity): array
    {
        if ($quantity > $this->left) {
            throw InvalidInput::because(
                'return_exceeds_issue',
                'quantity',
                'More comes back than is still out of that issue.',
                $quantity,
            );
        }
        $share = BigInteger::of($this->cents)
            ->multipliedBy($quantity)
            ->dividedBy($this->quantity, RoundingMode::HALF_UP)
            ->toInt();
        $cents = $quantity === $this->left ? $this->centsLeft : min($share, $this->centsLeft);

        return [$cents, new self($this->quantity, $this->cents, $this->left - $quantity, $this->centsLeft - $cents)];
    }
}
