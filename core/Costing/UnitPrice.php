<?php

declare(strict_types=1);

namespace Sundial\Costing;

use Sundial\Support\Decimals;
use Sundial\Support\InvalidInput;

/** What a unit of a part costs, to four places of the currency: 6.3333 is 63 333 ten-thousandths. */
final readonly class UnitPrice
{
    private const PLACES = 4;

    private function __construct(public int $tenThousandths)
    {
    }

    /**
     * A comma is read as the decimal point, thin and plain spaces are passed over.
     *
     * @throws InvalidInput unless it is a number with at most four places; negative_price
     */
    public static function parse(string $text, string $field = 'price'): self
    {
        $plain = str_replace([' ', "\u{202f}", "\u{a0}", ','], ['', '', '', '.'], trim($text));

        return self::of(Decimals::parse($plain, self::PLACES, $field), $field);
    }

    /** @throws InvalidInput negative_price */
    public static function of(int $tenThousandths, string $field = 'price'): self
    {
        return $tenThousandths < 0
            ? throw InvalidInput::because('negative_price', $field, 'A price lies at 0 or above.', $tenThousandths)
            : new self($tenThousandths);
    }

    /**
     * What so many cost, in cents, rounded once, half away from zero; a return is below zero.
     *
     * @param  int  $thousandths  the quantity
     */
    public function times(int $thousandths): int
    {
        return LineCost::of($thousandths, $this->tenThousandths);
    }

    /** As a form and a file write it, with two places at least: 6.3333, 12.50. */
    public function plain(): string
    {
        $places = rtrim(str_pad((string) ($this->tenThousandths % 10000), self::PLACES, '0', STR_PAD_LEFT), '0');

        return intdiv($this->tenThousandths, 10000).'.'.str_pad($places, 2, '0');
    }
}
