<?php

declare(strict_types=1);

namespace App\Stores\Inputs;

use App\Platform\Subject;
use App\Stores\Models\Part;
use Sundial\Costing\UnitPrice;
use Sundial\Support\InvalidInput;
use Sundial\Support\Quantity;

/** A line that is bought: a part for the shelf, or whatever an order wants bought in. */
final readonly class LineToBuy
{
    /** @param  array<string, mixed>  $row  as it is kept */
    private function __construct(public ?int $partId, public array $row)
    {
    }

    /** @throws InvalidInput no_quantity */
    public static function forShelf(Part $part, int $thousandths, ?UnitPrice $price, ?string $why = null): self
    {
        return new self($part->id, [
            'part_id' => $part->id,
            'name' => $part->name,
            'unit' => $part->unit,
            'pack' => $part->buy_unit,
            'pack_of' => $part->buy_of,
            'quantity' => Quantity::plain(self::checked($thousandths)),
            'price' => $price?->plain(),
            'why' => $why === null ? null : mb_substr($why, 0, 250),
        ]);
    }

    /**
     * @param  int  $line  of the plan of what it is for
     *
     * @throws InvalidInput no_quantity
     */
    public static function forOrder(
        Subject $order,
        string $label,
        int $line,
        WhatToBuy $what,
    ): self {
        return new self(null, [
            'part_id' => $what->partId,
            'subject_kind' => $order->kind,
            'subject_id' => $order->id,
            'subject_line' => $line,
            'label' => mb_substr($label, 0, 200),
            'name' => $what->name,
            'unit' => $what->unit,
            'quantity' => Quantity::plain(self::checked($what->thousandths)),
            'price' => $what->price?->plain(),
            'why' => "for {$label}",
        ]);
    }

    /** @throws InvalidInput no_quantity */
    public static function checked(int $thousandths, string $field = 'quantity'): int
    {
        return $thousandths > 0
            ? $thousandths
            : throw InvalidInput::because('no_quantity', $field, 'Say how many are bought.', $thousandths);
    }
}
