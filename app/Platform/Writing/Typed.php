<?php

declare(strict_types=1);

namespace App\Platform\Writing;

use Illuminate\Http\Request;
use Sundial\Calendar\LocalDate;
use Sundial\Support\InvalidInput;

/** What somebody typed into one field: a list where a word is wanted is no word. */
final class Typed
{
    /** The word in a field of the body or the address; another where there is none. */
    public static function word(Request $request, string $field, string $otherwise = ''): string
    {
        $typed = $request->input($field);

        return is_string($typed) || is_int($typed) ? (string) $typed : $otherwise;
    }

    /**
     * The same of a line that a program or a file gives, where a number may stand for its word.
     *
     * @param  array<mixed>  $line
     */
    public static function text(array $line, string $key): string
    {
        $given = $line[$key] ?? null;

        return is_string($given) || is_int($given) || is_float($given) ? (string) $given : '';
    }

    /** The id in a field; null where there is none. */
    public static function id(Request $request, string $field): ?int
    {
        $typed = self::word($request, $field);

        return preg_match('/^[0-9]{1,18}$/D', $typed) === 1 ? (int) $typed : null;
    }

    /** The day in a field of an address; another one where there is none, or none that can be. */
    public static function day(Request $request, string $field, LocalDate $otherwise): LocalDate
    {
        $typed = self::word($request, $field);
        // Years of this and the last century: what lies beyond was mistyped.
        if (preg_match('/^(19|20)/', $typed) !== 1) {
            return $otherwise;
        }
        try {
            return LocalDate::parse($typed, $field);
        } catch (InvalidInput) {
            return $otherwise;
        }
    }

    /**
     * The words in several fields, of those that hold one: what a list is filtered by.
     *
     * @return array<string, string>
     */
    public static function words(Request $request, string ...$fields): array
    {
        $words = array_map(static fn (string $field): string => self::word($request, $field), $fields);

        return array_filter(array_combine($fields, $words), static fn (string $word): bool => $word !== '');
    }
}
