<?php

declare(strict_types=1);

namespace Sundial\Ask;

/**
 * Finds the word that was meant: the nearest known one by edits (Levenshtein), one for short words, two from five
 * letters on.
 */
final readonly class Spelling
{
    /** @param  list<string>  $words in lower case */
    private function __construct(private array $words)
    {
    }

    /** @param  iterable<string>  $texts names in which the known words stand */
    public static function of(iterable $texts): self
    {
        $words = [];
        foreach ($texts as $text) {
            foreach (self::split($text) as $word) {
                $words[$word] = true;
            }
        }
        $sorted = array_map(strval(...), array_keys($words));
        sort($sorted);

        return new self($sorted);
    }

    /** @return list<string> the words of a text, in lower case, without marks */
    public static function split(string $text): array
    {
        return array_values(
            array_filter(
                preg_split('/[^\p{L}\p{N}]+/u', mb_strtolower($text)) ?: [],
                static fn (string $word): bool => mb_strlen($word) > 2 && preg_match('/\p{L}/u', $word) === 1,
            ),
        );
    }

    /**
     * The known word nearest to what was typed, or to its beginning while it is still being typed; null when none is
     * near enough.
     */
    public function nearest(string $typed): ?string
    {
        $typed = mb_strtolower($typed);
        $length = mb_strlen($typed);
        if ($length < 3 || $length > 40) {
            return null;
        }
        $best = null;
        $least = $length < 5 ? 2 : 3;
        foreach ($this->words as $word) {
            if (abs(mb_strlen($word) - $length) < $least && ($edits = levenshtein($typed, $word)) < $least) {
                [$best, $least] = [$word, $edits];
            } elseif (
                $length > 4 &&
                mb_strlen($word) > $length &&
                ($edits = levenshtein($typed, mb_substr($word, 0, $length))) < $least - 1
            ) {
                [$best, $least] = [$word, $edits + 1];
            }
        }

        return $best;
    }
}
