<?php

declare(strict_types=1);

namespace Sundial\Work\Plan;

use Sundial\Costing\WorkedTime;
use Sundial\Support\InvalidInput;
use Sundial\Support\Quantity;
use Sundial\Support\TextLines;

/**
 * A plan that was pasted as text, a line each: "2 fitter 3 h" is labour, "P-0117 x 1" is a part, and everything else
 * a step, with its minutes at the end if they are known: "Draw the shaft seal 50 min".
 */
final readonly class PlanText
{
    private const MOST = 200;

    /** "50 min", "3 h", "1 h 10", "1:10": a bare number could be anything. */
    private const TIME = '\d{1,4}\s*(?:min|h)(?:\s*\d{1,2}(?:\s*min)?)?|\d{1,2}:[0-5]\d';

    /**
     * @param  list<string>  $trades  names that are known; a line that names another is a step
     * @return list<TypedLine>
     *
     * @throws InvalidInput nothing_typed, too_many
     */
    public static function read(string $text, array $trades): array
    {
        $lines = TextLines::of($text);
        if ($lines === []) {
            throw InvalidInput::because('nothing_typed', 'lines', 'Paste at least one line.');
        }
        if (count($lines) > self::MOST) {
            throw InvalidInput::because('too_many', 'lines', 'At most '.self::MOST.' lines at once.', count($lines));
        }

        return array_map(
            static fn (string $line): TypedLine => self::part($line) ??
                self::labour($line, $trades) ??
                self::step($line),
            $lines,
        );
    }

    /**
     * Parts that were used, a line each: "P-0117 x 2", or the number alone for one.
     *
     * @return list<TypedLine>
     */
    public static function parts(string $text): array
    {
        return array_map(
            static fn (string $line): TypedLine => self::part($line) ?? TypedLine::part($line, 1000),
            TextLines::of($text),
        );
    }

    private static function part(string $line): ?TypedLine
    {
        if (preg_match('/^(\S+)\s*[x×*]\s*(\d{1,6}(?:[.,]\d{1,3})?)$/u', $line, $found) !== 1) {
            return null;
        }

        return TypedLine::part($found[1], Quantity::parse($found[2], 'lines'));
    }

    /** @param  list<string>  $trades */
    private static function labour(string $line, array $trades): ?TypedLine
    {
        if (preg_match('/^(\d{1,2})\s*[x×]?\s+(\D.*?)\s+(\d.*)$/u', $line, $found) !== 1) {
            return null;
        }
        foreach ($trades as $trade) {
            $isNamed = in_array(
                mb_strtolower($found[2]),
                [mb_strtolower($trade), mb_strtolower("{$trade}s")],
                true,
            );
            $minutes = $isNamed ? self::minutes($found[3]) : null;
            if ($minutes !== null) {
                return TypedLine::labour((int) $found[1], $trade, $minutes);
            }
        }

        return null;
    }

    private static function step(string $line): TypedLine
    {
        if (preg_match('/^(.+?)[\s,]+('.self::TIME.')$/u', $line, $found) === 1) {
            $minutes = self::minutes($found[2]);
            if ($minutes !== null) {
                return TypedLine::step($found[1], $minutes);
            }
        }

        return TypedLine::step($line, 0);
    }

    private static function minutes(string $typed): ?int
    {
        try {
            return WorkedTime::minutes($typed, 'lines');
        } catch (InvalidInput) {
            return null;
        }
    }
}
