<?php

declare(strict_types=1);

namespace App\Work\Inputs;

use App\Stores\Models\Part;
use Sundial\Costing\UnitPrice;
use Sundial\Support\InvalidInput;
use Sundial\Support\Money;
use Sundial\Support\Quantity;
use Sundial\Work\Plan\PartSource;

/** A line that is put into the plan of an order: the table that keeps it, what it holds, and what is said of it. */
final readonly class PlanLine
{
    private const MOST_MINUTES = 9999;

    /**
     * @param  array<string, string|int|null>  $row
     * @param  int|null  $step  the position of the step that it is for; null: for the whole order
     */
    private function __construct(
        public string $table,
        public array $row,
        public string $words,
        public ?int $step = null,
    ) {
    }

    /** The same for one asset of the order alone: a part can be. */
    public function forAsset(?int $assetId): self
    {
        return new self($this->table, ['asset_id' => $assetId] + $this->row, $this->words, $this->step);
    }

    /** The same for one step alone: labour and parts can be. */
    public function forStep(?int $position): self
    {
        return new self($this->table, $this->row, $this->words, $position);
    }

    /** @throws InvalidInput missing, out_of_range */
    public static function step(string $text, int $minutes = 0): self
    {
        if (trim($text) === '') {
            throw InvalidInput::because('missing', 'text', 'Say what is to be done.');
        }

        return new self(
            'order_steps',
            ['text' => mb_substr(trim($text), 0, 250), 'minutes' => self::checked($minutes), 'answer' => 'tick'],
            'a step',
        );
    }

    /**
     * People of a trade: our own, or sent by a contractor at what was agreed.
     *
     * @throws InvalidInput out_of_range
     */
    public static function labour(int $tradeId, int $people, int $minutes, ?Contracted $by = null): self
    {
        if ($people < 1 || $people > 99) {
            throw InvalidInput::outside('people', $people, 1, 99);
        }

        return new self(
            'order_labour',
            [
                'trade_id' => $tradeId,
                'people' => $people,
                'minutes' => self::checked(max(1, $minutes)),
                ...$by?->row() ?? [],
            ],
            'labour',
        );
    }

    /**
     * A part of the catalogue.
     *
     * @param  string  $currency  of the site; a price in another one is not taken
     *
     * @throws InvalidInput unless the quantity lies above 0
     */
    public static function part(Part $part, int $thousandths, PartSource $source, string $currency): self
    {
        return new self(
            'order_parts',
            [
                'part_id' => $part->id,
                'name' => $part->name,
                'unit' => $part->unit,
                'quantity' => Quantity::plain(self::above($thousandths)),
                'source' => $source->value,
                'price' => $part->priceIn($currency)?->plain(),
            ],
            "part {$part->number}",
        );
    }

    /**
     * Something that the catalogue does not hold, bought in for this order.
     *
     * @throws InvalidInput
     */
    public static function boughtIn(string $name, int $thousandths, ?UnitPrice $price): self
    {
        if (trim($name) === '') {
            throw InvalidInput::because('missing', 'part', 'Choose a part, or say what is bought in.');
        }

        return new self(
            'order_parts',
            [
                'name' => mb_substr(trim($name), 0, 120),
                'unit' => 'pc',
                'quantity' => Quantity::plain(self::above($thousandths)),
                'source' => PartSource::BoughtIn->value,
                'price' => $price?->plain(),
            ],
            trim($name),
        );
    }

    /** @throws InvalidInput */
    public static function service(string $what, ?int $supplierId, ?string $amount): self
    {
        if (trim($what) === '') {
            throw InvalidInput::because('missing', 'what', 'Say what somebody else is to do.');
        }
        $cents = trim((string) $amount) === '' ? null : Money::parse((string) $amount, 'amount');
        if ($cents !== null && $cents < 0) {
            throw InvalidInput::outside('amount', (string) $amount, 0);
        }

        return new self(
            'order_services',
            ['what' => mb_substr(trim($what), 0, 200), 'supplier_id' => $supplierId, 'planned_cents' => $cents],
            'a service',
        );
    }

    private static function above(int $thousandths): int
    {
        return $thousandths > 0
            ? $thousandths
            : throw InvalidInput::because('out_of_range', 'quantity', 'The quantity lies above 0.', $thousandths);
    }

    private static function checked(int $minutes): int
    {
        return $minutes >= 0 && $minutes <= self::MOST_MINUTES
            ? $minutes
            : throw InvalidInput::outside('minutes', $minutes, 0, self::MOST_MINUTES);
    }
}
