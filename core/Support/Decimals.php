<?php

declare(strict_types=1);

namespace Sundial\Support;

/**
 * Exact decimals with a fixed number of places, kept as whole units of the last place. Never passes through a float.
 */
final readonly class Decimals
{
    /**
     * The units that a text says: "33.333" with 4 places is 333 330.
     *
     * @param  int  $places  from 0 to 6
     *
     * @throws InvalidInput unless it is a number with at most so many places, below 10^11
     */
    public static function parse(string $text, int $places, string $field): int
    {
        if (preg_match('/^(-?)(\d{1,11})(?:\.(\d{1,'.max(1, $places).'}))?$/D', trim($text), $part) !== 1) {
            throw InvalidInput::because(
                'not_a_number',
                $field,
                "“{$text}” cannot be read as a number with at most {$places} places, such as 12.5.",
                $text,
            );
        }
        $units = (int) $part[2] * 10 ** $places + (int) str_pad($part[3] ?? '', $places, '0');

        return $part[1] === '-' ? -$units : $units;
    }
}
