<?php

declare(strict_types=1);

namespace Sundial\Planning\Method;

use Sundial\Support\InvalidInput;
use Sundial\Support\Money;
use Sundial\Support\Quantity;
use Sundial\Support\TextLines;

/**
 * The parts and services of a method as text, a line each: "P-0117 x 2", "Balance the rotor; 60.00", and with
 * "from 4" at its end what only the visits of that level need. What is written reads back the same.
 */
final readonly class NeedText
{
    private const MOST = 100;

    /**
     * @return list<NeedLine>
     *
     * @throws InvalidInput too_many, or unless a quantity is a number above 0
     */
    public static function parts(string $text): array
    {
        return array_map(static function (string $line): NeedLine {
            [$said, $level] = self::level($line);
            if (preg_match('/^(\S.*?)\s*[x×*]\s*(\S+)$/u', $said, $found) !== 1) {
                return NeedLine::part($said, 1000, $level);
            }
            $quantity = Quantity::parse(str_replace(',', '.', $found[2]), 'parts');

            return $quantity > 0
                ? NeedLine::part($found[1], $quantity, $level)
                : throw InvalidInput::because('out_of_range', 'parts', "How many in “{$line}” has to lie above 0.");
        }, self::lines($text, 'parts'));
    }

    /**
     * @return list<NeedLine>
     *
     * @throws InvalidInput too_many, or unless an amount is one
     */
    public static function services(string $text): array
    {
        return array_map(static function (string $line): NeedLine {
            [$said, $level] = self::level($line);
            $parts = array_map(trim(...), explode(';', $said));
            $cents = ($parts[1] ?? '') === '' ? null : Money::parse($parts[1], 'services');

            return $parts[0] === '' || count($parts) > 2 || ($cents !== null && $cents < 0)
                ? throw InvalidInput::because(
                    'unreadable',
                    'services',
                    "“{$line}” cannot be read. Write what is done, and its cost behind “;”.",
                    $line,
                )
                : NeedLine::service($parts[0], $cents, $level);
        }, self::lines($text, 'services'));
    }

    /** @param  iterable<NeedLine>  $lines */
    public static function ofParts(iterable $lines): string
    {
        $said = [];
        foreach ($lines as $line) {
            $many = Quantity::text($line->thousandths, $line->thousandths % 1000 === 0 ? 0 : 3);
            $said[] = "{$line->words} x {$many}".self::from($line);
        }

        return implode("\n", $said);
    }

    /** @param  iterable<NeedLine>  $lines */
    public static function ofServices(iterable $lines): string
    {
        $said = [];
        foreach ($lines as $line) {
            $cost = $line->cents === null ? '' : '; '.Money::plain($line->cents);
            $said[] = "{$line->words}{$cost}".self::from($line);
        }

        return implode("\n", $said);
    }

    private static function from(NeedLine $line): string
    {
        return $line->level === 1 ? '' : " from {$line->level}";
    }

    /** @return array{string, int} what stands before "from 4", and the level */
    private static function level(string $line): array
    {
        return preg_match('/^(.+?)[\s;]+from\s+(\d{1,3})$/u', $line, $found) === 1
            ? [trim($found[1]), (int) $found[2]]
            : [$line, 1];
    }

    /**
     * @return list<string>
     *
     * @throws InvalidInput too_many
     */
    private static function lines(string $text, string $field): array
    {
        $lines = TextLines::of($text);

        return count($lines) > self::MOST
            ? throw InvalidInput::because('too_many', $field, 'At most '.self::MOST.' lines.', count($lines))
            : $lines;
    }
}
