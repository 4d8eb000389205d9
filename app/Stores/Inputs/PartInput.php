<?php

declare(strict_types=1);

namespace App\Stores\Inputs;

use LogicException;
use Sundial\Costing\UnitPrice;
use Sundial\Import\CellKind;
use Sundial\Import\Column;
use Sundial\Register\Criticality;
use Sundial\Support\InvalidInput;
use Sundial\Support\Quantity;

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
        'buy_unit',
        'buy_of',
        'issue_unit',
        'issue_of',
        'tracked',
        'shelf_days',
        'repair_days',
        'scrapped_percent',
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

        foreach (['buy', 'issue'] as $what) {
            if (array_key_exists("{$what}_of", $facts)) {
                $facts = self::pack($facts, $what);
            }
        }

        return new self($facts);
    }

    /**
     * @param  array<string, string|int|bool|null>  $facts
     * @return array<string, string|int|bool|null>
     */
    private static function pack(array $facts, string $what): array
    {
        $name = trim((string) ($facts["{$what}_unit"] ?? ''));
        $of = trim((string) $facts["{$what}_of"]);
        if ($name === '' && $of === '') {
            return ["{$what}_unit" => null, "{$what}_of" => null] + $facts;
        }
        $holds = $of === '' ? 0 : Quantity::parse($of, "{$what}_of");
        if ($name === '' || $holds <= 0) {
            throw InvalidInput::because(
                'no_pack',
                $name === '' ? "{$what}_unit" : "{$what}_of",
                'Say what it is called and how many it holds, or leave both empty.',
            );
        }

        return ["{$what}_unit" => $name, "{$what}_of" => Quantity::plain($holds)] + $facts;
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
            Column::choice('criticality', Criticality::letters())->saying('A: a machine stands without it'),
            Column::text('note', 500),
            Column::text('buy_unit', 12)->saying('what it is bought in, such as box; empty: its unit'),
            Column::text('buy_of', 20)->saying('so many units are in one'),
            Column::text('issue_unit', 12)->saying('what it is handed over in; empty: its unit'),
            Column::text('issue_of', 20)->saying('so many units are in one'),
            Column::choice('tracked', ['batch', 'serial'])->saying('where each batch or each piece is followed'),
            Column::whole('shelf_days', 1, 9999)->saying('days that it keeps'),
            Column::whole('repair_days', 1, 999)->saying('days until one that is sent for repair comes back'),
            Column::whole('scrapped_percent', 0, 100)->saying('of those that are sent for repair'),
            Column::of('in_use', CellKind::YesNo),
        ];
    }
}
