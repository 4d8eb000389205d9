<?php

declare(strict_types=1);

namespace Sundial\Support;

/**
 * Decimals with three places, kept as whole thousandths: readings, units of a counter, quantities. Never passes
 * through a float.
 */
final readonly class Quantity
{
    /**
     * The thousandths that a text says: "4 100.5" is 4 100 500. A comma is read as the decimal point, thin and plain
     * spaces are passed over.
     *
     * @throws InvalidInput unless it is a number with at most three places, below 10^11
     */
    public static function parse(string $text, string $field = 'value'): int
    {
        // With three places, as a database writes it, which is asked for thousands of times.
        if (preg_match('/^-?\d{1,11}\.\d{3}$/D', $text) === 1) {
            return (int) str_replace('.', '', $text);
        }
        $plain = str_replace([' ', "\u{202f}", "\u{a0}", ','], ['', '', '', '.'], trim($text));
        if (preg_match('/^(-?)(\d{1,11})(?:\.(\d{1,3}))?$/D', $plain, $part) !== 1) {
            throw InvalidInput::because(
                'not_a_quantity',
                $field,
                "“{$text}” cannot be read as a number. Write it such as 4100 or 4100.5, with at most three places.",
                $text,
            );
        }
        $thousandths = (int) $part[2] * 1000 + (int) str_pad($part[3] ?? '', 3, '0');

        return $part[1] === '-' ? -$thousandths : $thousandths;
    }

    /** The number written plainly, as a database takes it: -0.500. */
    public static function plain(int $thousandths): string
    {
        return ($thousandths < 0 ? '-' : '').
            intdiv(abs($thousandths), 1000).
            '.'.
            str_pad((string) (abs($thousandths) % 1000), 3, '0', STR_PAD_LEFT);
    }

    /** The number as people read it, with as many places as it has: "2", "0.25", "4 100.5". */
    public static function words(int $thousandths): string
    {
        return $thousandths % 1000 === 0
            ? self::text($thousandths)
            : rtrim(self::text($thousandths, 3), '0');
    }

    /** The number as people read it, to so many places, half away from zero: "4 100.5". */
    public static function text(int $thousandths, int $places = 0): string
    {
        $unit = 10 ** (3 - min(3, max(0, $places)));
        $rounded = Rounding::divideHalfAwayFromZero($thousandths, $unit) * $unit;
        $whole = implode(
            "\u{202f}",
            array_map(strrev(...), array_reverse(str_split(strrev((string) intdiv(abs($rounded), 1000)), 3))),
        );

        return ($rounded < 0 ? '−' : '').
            $whole.
            ($places > 0
                ? '.'.substr(str_pad((string) (abs($rounded) % 1000), 3, '0', STR_PAD_LEFT), 0, $places)
                : '');
    }
}
