<?php

declare(strict_types=1);

namespace Sundial\Support;

/** Amounts of money, kept as whole cents of the site's currency. Never pass through a float. */
final readonly class Money
{
    /**
     * The cents that a text says: "12 500.5" is 1 250 050. A comma is read as the decimal point, thin and plain
     * spaces are passed over.
     *
     * @throws InvalidInput unless it is an amount with at most two decimals, below 10^11
     */
    public static function parse(string $text, string $field = 'amount'): int
    {
        $plain = str_replace([' ', "\u{202f}", "\u{a0}", ','], ['', '', '', '.'], trim($text));
        if (preg_match('/^(-?)(\d{1,11})(?:\.(\d{1,2}))?$/D', $plain, $part) !== 1) {
            throw InvalidInput::because(
                'not_an_amount',
                $field,
                "“{$text}” cannot be read as an amount of money. Write it such as 12500 or 12500.50.",
                $text,
            );
        }
        $cents = (int) $part[2] * 100 + (int) str_pad($part[3] ?? '', 2, '0');

        return $part[1] === '-' ? -$cents : $cents;
    }

    /** The amount written plainly, as a form or a file takes it: 12500.50. */
    public static function plain(int $cents): string
    {
        return ($cents < 0 ? '-' : '').
            intdiv(abs($cents), 100).
            '.'.
            str_pad((string) (abs($cents) % 100), 2, '0', STR_PAD_LEFT);
    }
}
