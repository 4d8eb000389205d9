<?php

declare(strict_types=1);

namespace Sundial\Register;

use Sundial\Support\InvalidInput;

/**
 * The short code on an asset's label: five characters that stand for its number, and one that checks them. It
 * outlives a change of tag.
 *
 * The number is spread by number x 7 654 321 + 123 457 modulo 28^5 (a permutation, as 7 654 321 is coprime with 28),
 * so that neighbours differ.
 * No vowels, no 0, 1: nothing that reads as a word or as another character. The check is the sum of digits weighted
 * 1, 3, 5, 9, 11 modulo
 * 28: every single mistyped character is noticed.
 */
final readonly class ShortCode
{
    private const ALPHABET = 'BCDFGHJKLMNPQRSTVWXZ23456789';

    private const SIZE = 17210368;

    private const FACTOR = 7654321;

    private const SHIFT = 123457;

    private const WEIGHTS = [1, 3, 5, 9, 11];

    private function __construct(public int $number, public string $code)
    {
    }

    /** @throws InvalidInput outside 1 to 17 210 367 */
    public static function of(int $number): self
    {
        if ($number < 1 || $number >= self::SIZE) {
            throw InvalidInput::outside('number', $number, 1, self::SIZE - 1);
        }
        $spread = ($number * self::FACTOR + self::SHIFT) % self::SIZE;
        $digits = [];
        for ($i = 0; $i < 5; $i++) {
            $digits[] = $spread % 28;
            $spread = intdiv($spread, 28);
        }

        return new self(
            $number,
            implode(
                '',
                array_map(static fn (int $digit): string => self::ALPHABET[$digit], [
                    ...$digits,
                    self::check($digits),
                ]),
            ),
        );
    }

    /**
     * The code as somebody typed it: small letters and dashes are fine.
     *
     * @throws InvalidInput when it is no code, or one character of it is wrong
     */
    public static function parse(string $typed): self
    {
        $plain = strtoupper(str_replace(['-', ' '], '', $typed));
        $digits = array_map(
            static fn (string $character): int|false => strpos(self::ALPHABET, $character),
            str_split($plain),
        );
        if (strlen($plain) !== 6 || in_array(false, $digits, true)) {
            throw InvalidInput::because(
                'no_code',
                'code',
                "“{$typed}” is no code of a label: it has six letters and digits.",
                $typed,
            );
        }
        $check = array_pop($digits);
        $spread = 0;
        foreach (array_reverse($digits) as $digit) {
            $spread = $spread * 28 + (int) $digit;
        }
        $number = ((($spread - self::SHIFT + self::SIZE) % self::SIZE) * self::inverse()) % self::SIZE;
        if ($check !== self::check(array_map(intval(...), $digits)) || $number < 1) {
            throw InvalidInput::because(
                'mistyped',
                'code',
                "“{$typed}” is mistyped somewhere: its last character does not fit the others.",
                $typed,
            );
        }

        return self::of($number);
    }

    /** @param  list<int>  $digits */
    private static function check(array $digits): int
    {
        return array_sum(
            array_map(static fn (int $digit, int $weight): int => $digit * $weight, $digits, self::WEIGHTS),
        ) % 28;
    }

    /** The inverse of the factor modulo the size, by the extended Euclidean algorithm. */
    private static function inverse(): int
    {
        [$a, $b, $x, $y] = [self::FACTOR, self::SIZE, 1, 0];
        while ($b !== 0) {
            [$a, $b, $x, $y] = [$b, $a % $b, $y, $x - intdiv($a, $b) * $y];
        }

        return (($x % self::SIZE) + self::SIZE) % self::SIZE;
    }
}
