<?php

declare(strict_types=1);

namespace App\Stores\Inputs;

use LogicException;
use Sundial\Costing\UnitPrice;
use Sundial\Import\CellKind;
use Sundial\Import\Column;
use Sundial\Support\InvalidInput;

/** What is said of a part; only what is named changes. */
final readonly class PartInput
{
    public const FACTS = [
        'number',
        'name',
        'unit',
        'price',
        'currency',
        'supplier_id',
        'lead_days',
        'class',
        'criticality',
        'note',
        'retired',
    ];

    /** @param  array<string, string|int|bool|null>  $facts */
    private function __construct(public array $facts)
    {
    }

    /**
     * @param  array<string, string|int|bool|null>  $facts  price: as it is written, "6.3333"
     *
     * @throws InvalidInput if the price is none, or has no currency
     * @throws LogicException if one is no fact of a part
     */
    public static function of(array $facts): self
    {
        $other = array_diff(array_keys($facts), self::FACTS);
        if ($other !== []) {
            throw new LogicException('No fact of a part: '.implode(', ', $other));
        }
        if (array_key_exists('price', $facts)) {
            $typed = trim((string) $facts['price']);
            $facts['price'] = $typed === '' ? null : UnitPrice::parse($typed)->plain();
            $facts['currency'] = $typed === '' ? null : $facts['currency'] ?? throw InvalidInput::because(
                'no_currency',
                'currency',
                'Say in which currency the price is.',
            );
        }

        return new self($facts);
    }

    /** @return list<Column> what a part holds, as a file names it */
    public static function columns(): array
    {
        return [
            Column::text('number', 60)->needed()->saying('by which the row is known again'),
            Column::text('name', 120)->saying('a new part needs it'),
            Column::text('unit', 12)->saying('pc if nothing is said'),
            Column::text('price', 20)->saying('of one unit, with four places at most'),
            Column::text('currency', 3)->saying('such as EUR; a price needs it'),
            Column::text('supplier', 100)->saying('by name; others are added under Suppliers'),
            Column::whole('lead_days', 0, 999)->saying('days until it comes, once it is ordered'),
            Column::text('class', 60)->saying('what it is looked for under: Seals, Bearings'),
            Column::choice('criticality', ['A', 'B', 'C'])->saying('A: a machine stands without it'),
            Column::text('note', 500),
            Column::of('in_use', CellKind::YesNo),
        ];
    }
}
