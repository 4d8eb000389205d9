<?php

declare(strict_types=1);

namespace Sundial\Costing;

use Sundial\Support\InvalidInput;

/**
 * A time that somebody worked, as people write it: "2", "2:30", "2.5", "2,5", "2 h 30", "90 min". A number alone is
 * hours.
 */
final readonly class WorkedTime
{
    /**
     * @return int whole minutes, half a minute up
     *
     * @throws InvalidInput unreadable
     */
    public static function minutes(string $typed, string $field): int
    {
        $text = mb_strtolower(trim($typed));
        if (preg_match('/^(\d{1,2}):([0-5]\d)$/D', $text, $found) === 1) {
            return 60 * (int) $found[1] + (int) $found[2];
        }
        if (preg_match('/^(?:(\d{1,2})\s*h)?\s*(?:(\d{1,4})\s*(?:min|m)?)?$/D', $text, $found) === 1 && $text !== '') {
            $isBare = ctype_digit($text);

            return $isBare ? 60 * (int) $text : 60 * (int) ($found[1] ?? 0) + (int) ($found[2] ?? 0);
        }
        if (preg_match('/^(\d{1,2})[.,](\d{1,2})\s*h?$/D', $text, $found) === 1) {
            return 60 * (int) $found[1] + intdiv(60 * (int) str_pad($found[2], 2, '0') + 50, 100);
        }
        throw InvalidInput::because(
            'unreadable',
            $field,
            "“{$typed}” is no time that was worked. Write it as 2:30, 2.5 or 90 min.",
            $typed,
        );
    }

    /** As it stands in the field: 2:30. */
    public static function typed(int $minutes): string
    {
        return sprintf('%d:%02d', intdiv($minutes, 60), $minutes % 60);
    }
}
