<?php

declare(strict_types=1);

namespace App\Stores\Inputs;

use Sundial\Costing\UnitPrice;
use Sundial\Support\InvalidInput;

/** What came of one line of a purchase: so many are kept, so many go back, at which price. */
final readonly class Delivered
{
    private function __construct(
        public int $lineId,
        public int $kept,
        public int $sentBack,
        public ?UnitPrice $price,
        public ?string $note,
        public LotsTyped $lots,
    ) {
    }

    /**
     * @param  int  $kept  thousandths
     * @param  UnitPrice|null  $price  as it was billed; null: as agreed
     *
     * @throws InvalidInput no_quantity
     */
    public static function of(int $lineId, int $kept, ?UnitPrice $price = null): self
    {
        return $kept < 0
            ? throw InvalidInput::because('no_quantity', "lines.{$lineId}", 'What came is nothing or more.', $kept)
            : new self($lineId, $kept, 0, $price, null, LotsTyped::of(null));
    }

    /**
     * Wrong or damaged: it goes back, and is still to come.
     *
     * @throws InvalidInput no_quantity
     */
    public function sendingBack(int $thousandths, ?string $note): self
    {
        return $thousandths < 0
            ? throw InvalidInput::because('no_quantity', "back.{$this->lineId}", 'It is nothing or more.', $thousandths)
            : new self($this->lineId, $this->kept, $thousandths, $this->price, $note, $this->lots);
    }

    /** The batch, or the serial numbers, of those that are kept. */
    public function lots(LotsTyped $lots): self
    {
        return new self($this->lineId, $this->kept, $this->sentBack, $this->price, $this->note, $lots);
    }
}
