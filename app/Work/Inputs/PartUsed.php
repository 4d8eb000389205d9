<?php

declare(strict_types=1);

namespace App\Work\Inputs;

use App\Stores\Inputs\LotsTyped;
use App\Stores\Models\Part;
use App\Work\Models\OrderPart;
use Sundial\Costing\SpentOn;
use Sundial\Costing\UnitPrice;
use Sundial\Stock\Consent;
use Sundial\Support\InvalidInput;
use Sundial\Support\Quantity;
use Sundial\Work\Plan\PartSource;

/** A part that was used on an order, or given back, and what one of it costs. */
final readonly class PartUsed
{
    private function __construct(
        public ?int $lineId,
        public ?int $partId,
        public string $name,
        public string $unit,
        public int $thousandths,
        public ?UnitPrice $price,
        public ?string $note,
        public SpentOn $on = SpentOn::Plan,
        public ?int $rowId = null,
        public PartSource $source = PartSource::FromStore,
        public Consent $consent = Consent::NotAsked,
        public ?int $storeId = null,
        public string $field = 'used_quantity',
        public ?LotsTyped $lots = null,
    ) {
    }

    /** On one of the assets of the order; null: on all of them. */
    public function onRow(?int $rowId): self
    {
        return new self(...[...get_object_vars($this), 'rowId' => $rowId]);
    }

    /** What is taken may be promised elsewhere: whoever takes it was asked, and has the right or not. */
    public function consenting(Consent $consent): self
    {
        return new self(...[...get_object_vars($this), 'consent' => $consent]);
    }

    /** The field of the form that asks how many: what is refused is told there. */
    public function typedIn(string $field): self
    {
        return new self(...[...get_object_vars($this), 'field' => $field]);
    }

    /** Which batch, or which serial numbers; null: those go that go first. */
    public function lots(LotsTyped $lots): self
    {
        return new self(...[...get_object_vars($this), 'lots' => $lots]);
    }

    /** From this store; null: where it is promised, else where most is free. */
    public function from(?int $storeId): self
    {
        return new self(...[...get_object_vars($this), 'storeId' => $storeId]);
    }

    /** By another part that may be taken instead: it answers the same line. */
    public function replacedBy(Part $part, string $currency): self
    {
        return new self(...[
            ...get_object_vars($this),
            'partId' => $part->id,
            'name' => $part->name,
            'unit' => $part->unit,
            'price' => $part->priceIn($currency),
        ]);
    }

    /** At what it cost in the end, not at what was planned. */
    public function costing(UnitPrice $price): self
    {
        return new self(...[...get_object_vars($this), 'price' => $price]);
    }

    public function spentOn(SpentOn $on): self
    {
        return new self(...[...get_object_vars($this), 'on' => $on]);
    }

    /** @throws InvalidInput if the quantity is 0 */
    public static function ofLine(OrderPart $line, int $thousandths, ?string $note = null): self
    {
        return new self(
            $line->id,
            $line->part_id,
            $line->name,
            $line->unit,
            self::some($thousandths),
            $line->price === null ? null : UnitPrice::parse($line->price),
            $note,
            source: $line->source,
        );
    }

    /** @throws InvalidInput if the quantity is 0 */
    public static function ofPart(Part $part, int $thousandths, string $currency, ?string $note = null): self
    {
        return new self(
            null,
            $part->id,
            $part->name,
            $part->unit,
            self::some($thousandths),
            $part->priceIn($currency),
            $note,
        );
    }

    /**
     * Something that was bought at a shop.
     *
     * @throws InvalidInput if the quantity is 0
     */
    public static function bought(string $name, int $thousandths, UnitPrice $price, ?string $note = null): self
    {
        return new self(
            null,
            null,
            mb_substr($name, 0, 120),
            'pc',
            self::some($thousandths),
            $price,
            $note,
            source: PartSource::BoughtIn,
        );
    }

    public function words(): string
    {
        $count = abs($this->thousandths);

        return Quantity::words($count)." {$this->unit} {$this->name}";
    }

    private static function some(int $thousandths): int
    {
        return $thousandths === 0
            ? throw InvalidInput::because('out_of_range', 'used_quantity', 'Say how many were used.')
            : $thousandths;
    }
}
