<?php

declare(strict_types=1);

namespace App\Stores\Inputs;

use Sundial\Calendar\LocalDate;
use Sundial\Costing\UnitPrice;
use Sundial\Support\InvalidInput;
use Sundial\Support\Quantity;

/** On which terms a supplier has a part, and from which day on at which price; no price: it stays as it is. */
final readonly class SupplyInput
{
    /** @param  array<string, string|int|null>  $facts  as they are kept */
    private function __construct(public array $facts, public ?UnitPrice $price, public LocalDate $from)
    {
    }

    /**
     * @param  array<string, string|null>  $typed
     *
     * @throws InvalidInput if price or quantity are none
     */
    public static function typed(array $typed, LocalDate $today): self
    {
        $of = static fn (string $field): ?string => trim((string) ($typed[$field] ?? '')) === ''
            ? null
            : trim((string) $typed[$field]);
        $price = $of('their_price') === null ? null : UnitPrice::parse($of('their_price'), 'their_price');
        $from = $of('price_from') === null ? $today : LocalDate::parse($of('price_from'));
        $least = $of('least') === null ? null : Quantity::parse($of('least'), 'least');
        if ($least !== null && $least <= 0) {
            throw InvalidInput::because('out_of_range', 'least', 'Say how many at least, or leave it empty.');
        }

        return new self([
            'their_number' => $of('their_number'),
            'lead_days' => $of('their_days') === null ? null : (int) $of('their_days'),
            'least' => $least === null ? null : Quantity::plain($least),
        ], $price, $from);
    }
}
