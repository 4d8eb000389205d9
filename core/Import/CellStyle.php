<?php

declare(strict_types=1);

namespace Sundial\Import;

/** How the cells of a file are to be read. */
final readonly class CellStyle
{
    private function __construct(public NumberStyle $numbers, public DateOrder $dates, public EmptyCell $empty)
    {
    }

    /** As chosen. */
    public static function of(
        NumberStyle $numbers,
        DateOrder $dates = DateOrder::YearFirst,
        EmptyCell $empty = EmptyCell::Keep,
    ): self {
        return new self($numbers, $dates, $empty);
    }

    /**
     * The likely one: where cells are kept apart by semicolons, the comma is the decimal sign. Empty cells keep what
     * stands.
     */
    public static function guess(string $text): self
    {
        return self::of(\Sundial\Support\Csv::separator($text) === ';' ? NumberStyle::Comma : NumberStyle::Point);
    }
}
