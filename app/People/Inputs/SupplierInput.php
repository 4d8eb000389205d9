<?php

declare(strict_types=1);

namespace App\People\Inputs;

use LogicException;
use Sundial\Import\CellKind;
use Sundial\Import\Column;

/** What is said of a supplier; only what is named changes. */
final readonly class SupplierInput
{
    /** How much each word of a supplier may hold, in form and file. */
    public const WORDS = [
        'serves' => 250,
        'contact' => 100,
        'phone' => 40,
        'email' => 120,
        'website' => 200,
        'address' => 1000,
        'notes' => 5000,
    ];

    public const FACTS = ['name', 'contractor', 'active', 'serves', 'contact', 'phone', 'email', 'website', 'address',
        'notes'];

    /** @param  array<string, string|bool|null>  $facts */
    private function __construct(public array $facts)
    {
    }

    /**
     * @param  array<string, string|bool|null>  $facts  by their names
     *
     * @throws LogicException if one is no fact of a supplier
     */
    public static function of(array $facts): self
    {
        $other = array_diff(array_keys($facts), self::FACTS);

        return $other === []
            ? new self($facts)
            : throw new LogicException('No fact of a supplier: '.implode(', ', $other));
    }

    /** @return list<Column> what a supplier holds, as a file names it */
    public static function columns(): array
    {
        $columns = [Column::text('name', 100)->needed(), Column::of('contractor', CellKind::YesNo)];
        foreach (self::WORDS as $key => $most) {
            $columns[] = Column::text($key, $most, $key === 'email' ? 'e-mail' : null);
        }

        return [...$columns, Column::of('in_use', CellKind::YesNo)];
    }
}
