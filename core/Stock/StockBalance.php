<?php

declare(strict_types=1);

namespace Sundial\Stock;

use Brick\Math\BigInteger;
use Brick\Math\RoundingMode;
use Sundial\Costing\UnitPrice;
use Sundial\Support\InvalidInput;

/**
 * What of a part is on hand in a store, and what it is worth, by moving average: the value is an exact running total of
 * the values of its movements, each rounded once to the cent, half up. Source: design page 2, section 3 (definition).
 */
final readonly class StockBalance
{
    /**
     * @param  int  $onHand  thousandths of the unit
     * @param  int  $cents  what they are worth
     * @param  UnitPrice|null  $last  the last average that was shown; null before the first receipt
     */
    private function __construct(public int $onHand, public int $cents, private ?UnitPrice $last)
    {
    }

    public static function none(): self
    {
        return new self(0, 0, null);
    }

    /** As it stands after its last movement. */
    public static function standing(int $onHand, int $cents, ?UnitPrice $last): self
    {
        return new self($onHand, $cents, $last);
    }

    /** Value / on hand to four places, for display alone; null where nothing is on hand. */
    public function average(): ?UnitPrice
    {
        return $this->onHand === 0
            ? null
            : UnitPrice::of(self::share($this->cents, 1000 * 100, $this->onHand));
    }

    /** The average that holds where nothing is on hand any more: the last that was shown. */
    public function lastAverage(): ?UnitPrice
    {
        return $this->average() ?? $this->last;
    }

    /**
     * Takes in so many at a price.
     *
     * @throws InvalidInput no_quantity
     */
    public function receive(int $quantity, UnitPrice $price): StockMove
    {
        self::checkSome($quantity);

        return $this->by($quantity, $price->times($quantity));
    }

    /**
     * Takes in so many whose value is known, such as what another store sent.
     *
     * @throws InvalidInput no_quantity
     */
    public function receiveWorth(int $quantity, int $cents): StockMove
    {
        self::checkSome($quantity);

        return $this->by($quantity, $cents);
    }

    /**
     * Gives out so many: their share of the value; all of it with the last one.
     *
     * @throws InvalidInput no_quantity, insufficient_stock
     */
    public function issue(int $quantity): StockMove
    {
        self::checkSome($quantity);
        if ($quantity > $this->onHand) {
            throw InvalidInput::because(
                'insufficient_stock',
                'quantity',
                'There is less on hand than that.',
                $quantity,
            );
        }

        return $this->by(-$quantity, -$this->worth($quantity));
    }

    /**
     * Takes back some of what was given out, at the value it left with.
     *
     * @return array{StockMove, IssuedStock} and what is still out
     *
     * @throws InvalidInput no_quantity, return_exceeds_issue
     */
    public function takeBack(int $quantity, IssuedStock $issued): array
    {
        self::checkSome($quantity);
        [$cents, $left] = $issued->giveBack($quantity);

        return [$this->by($quantity, $cents), $left];
    }

    /**
     * Sets what was counted: the difference at value / on hand; up from nothing at the last average shown, or at a
     * price where there is none yet.
     *
     * @throws InvalidInput no_price, negative_count
     */
    public function count(int $counted, ?UnitPrice $price = null): StockMove
    {
        if ($counted < 0) {
            throw InvalidInput::because('negative_count', 'counted', 'A count is nothing or more.', $counted);
        }
        $difference = $counted - $this->onHand;
        if ($this->onHand > 0 || $difference === 0) {
            $cents = $counted === 0 ? -$this->cents : $this->worth(abs($difference)) * ($difference <=> 0);

            return $this->by($difference, $cents);
        }
        $at = $price ?? $this->last ?? throw InvalidInput::because(
            'no_price',
            'price',
            'Nothing is known of what it is worth. Give a price.',
        );

        return $this->by($difference, $at->times($difference));
    }

    /** Value x quantity / on hand, half up; all of it for all there is. */
    private function worth(int $quantity): int
    {
        return match (true) {
            $this->onHand === 0 => 0,
            $quantity === $this->onHand => $this->cents,
            default => self::share($this->cents, $quantity, $this->onHand),
        };
    }

    /** a x b / c, half up, whatever the size of a x b. */
    private static function share(int $a, int $b, int $c): int
    {
        return BigInteger::of($a)->multipliedBy($b)->dividedBy($c, RoundingMode::HALF_UP)->toInt();
    }

    private function by(int $quantity, int $cents): StockMove
    {
        $after = new self($this->onHand + $quantity, $this->cents + $cents, null);

        return StockMove::of(
            $quantity,
            $cents,
            new self($after->onHand, $after->cents, $after->average() ?? $this->lastAverage()),
        );
    }

    private static function checkSome(int $quantity): void
    {
        if ($quantity <= 0) {
            throw InvalidInput::because('no_quantity', 'quantity', 'Give a quantity above nothing.', $quantity);
        }
    }
}
