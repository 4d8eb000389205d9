<?php

declare(strict_types=1);

namespace Sundial\Support;

/** Text in which each line says one thing, such as tools or points to lock. */
final readonly class TextLines
{
    /** @return list<string> the lines that hold something, without the blanks around them */
    public static function of(string $text): array
    {
        return array_values(
            array_filter(
                array_map(trim(...), preg_split('/\R/u', $text) ?: []),
                static fn (string $line): bool => $line !== '',
            ),
        );
    }

    /**
     * The words of a text that names one thing after the other, parted by lines, blanks, commas or semicolons.
     *
     * @return list<string>
     */
    public static function words(string $text): array
    {
        return self::of((string) preg_replace('/[\s,;]+/u', "\n", $text));
    }

    /** All lines of several texts, each once; null if there is none. */
    public static function merged(?string ...$texts): ?string
    {
        $lines = self::of(implode("\n", $texts));

        return $lines === [] ? null : implode("\n", array_unique($lines));
    }
}
