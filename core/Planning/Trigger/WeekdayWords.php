<?php

declare(strict_types=1);

namespace Sundial\Planning\Trigger;

use Sundial\Calendar\LocalDate;
use Sundial\Support\InvalidInput;

/** Weekdays and months as people write them in a file: "Mon, Thu", "Mar Apr May" or their numbers. */
final readonly class WeekdayWords
{
    private const DAYS = [1 => 'Mon', 'Tue', 'Wed', 'Thu', 'Fri', 'Sat', 'Sun'];

    /**
     * The numbers of the weekdays, 1 for Monday, in order.
     *
     * @return list<int>
     *
     * @throws InvalidInput that names the word
     */
    public static function days(string $text, string $key): array
    {
        return self::numbers($text, self::DAYS, $key);
    }

    /**
     * The numbers of the months, in order.
     *
     * @return list<int>
     *
     * @throws InvalidInput that names the word
     */
    public static function months(string $text, string $key): array
    {
        return self::numbers($text, LocalDate::MONTHS, $key);
    }

    /**
     * Weekdays as a file holds them.
     *
     * @param  list<int>  $days
     */
    public static function ofDays(array $days): string
    {
        return implode(' ', array_map(static fn (int $day): string => self::DAYS[$day], $days));
    }

    /**
     * Months as a file holds them.
     *
     * @param  list<int>  $months
     */
    public static function ofMonths(array $months): string
    {
        return implode(' ', array_map(static fn (int $month): string => LocalDate::MONTHS[$month], $months));
    }

    /**
     * @param  array<int, string>  $words
     * @return list<int>
     */
    private static function numbers(string $text, array $words, string $key): array
    {
        $numbers = [];
        foreach (preg_split('/[\s,;]+/', trim($text), -1, PREG_SPLIT_NO_EMPTY) ?: [] as $word) {
            $number = ctype_digit($word)
                ? (int) $word
                : array_search(ucfirst(strtolower(substr($word, 0, 3))), $words, true);
            if ($number === false || ! isset($words[$number])) {
                throw InvalidInput::because(
                    'not_known',
                    $key,
                    "“{$word}” is none of: ".implode(', ', $words).'.',
                    $word,
                );
            }
            $numbers[$number] = $number;
        }
        ksort($numbers);

        return array_values($numbers);
    }
}
