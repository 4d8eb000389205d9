<?php

declare(strict_types=1);

namespace Sundial\Planning\Ladder;

use Sundial\Support\InvalidInput;

/**
 * A service ladder: levels of work from small to large, each with a multiple that divides the next. The larger
 * contains the smaller.
 *
 * A visit takes the highest level that has a multiple above the number of the last visit completed at that level or
 * higher, up to its own
 * number. With multiples 1, 2, 4 the visits are S M S L S M S L; if visit 4 (L) is missed, visit 5 is L, 6 M, 7 S, 8 L.
 */
final readonly class Ladder
{
    public const MOST = 6;

    /** @param  array<int, string>  $names  by multiple, smallest first */
    private function __construct(public array $names)
    {
    }

    /**
     * @param  array<int, string>  $names  by multiple
     *
     * @throws InvalidInput unless there are two levels or more, the first with multiple 1, each dividing the
     *     next, with different names
     */
    public static function of(array $names): self
    {
        ksort($names);
        $names = array_map(trim(...), $names);
        $multiples = array_keys($names);
        if (count($names) < 2 || count($names) > self::MOST) {
            throw InvalidInput::because(
                'levels',
                'ladder',
                'A ladder has two to '.self::MOST.' levels, such as “small 1, large 4”.',
            );
        }
        if ($multiples[0] !== 1) {
            throw InvalidInput::because(
                'first',
                'ladder',
                'The smallest level has the multiple 1: it is done at every visit.',
            );
        }
        foreach (array_slice($multiples, 1) as $i => $multiple) {
            if ($multiple % $multiples[$i] !== 0) {
                throw InvalidInput::because(
                    'divides',
                    'ladder',
                    "{$multiples[$i]} does not divide {$multiple}; each level falls on a visit of the level below it.",
                );
            }
        }
        if (
            count(array_unique(array_map(mb_strtolower(...), $names))) < count($names) ||
            in_array('', $names, true)
        ) {
            throw InvalidInput::because('names', 'ladder', 'Each level needs a name of its own.');
        }

        return new self($names);
    }

    /**
     * Reads "small 1, medium 2, large 4"; nothing for an empty text.
     *
     * @throws InvalidInput that says how it is written
     */
    public static function parse(string $text): ?self
    {
        $names = [];
        $parts = array_filter(
            array_map(trim(...), explode(',', $text)),
            static fn (string $part): bool => $part !== '',
        );
        foreach ($parts as $part) {
            if (
                preg_match('/^(\S.{0,29}?)\s+(\d{1,3})$/Du', $part, $found) !== 1 ||
                isset($names[(int) $found[2]])
            ) {
                throw InvalidInput::because(
                    'not_read',
                    'ladder',
                    "“{$part}” cannot be read as a level. Write the levels with their multiples, such as “small 1, ".
                        'medium 2, large 4”.',
                    $text,
                );
            }
            $names[(int) $found[2]] = $found[1];
        }

        return $names === [] ? null : self::of($names);
    }

    /** The multiple of the level that the visit of this number takes. */
    public function levelAt(int $number, LadderCount $count): int
    {
        $level = 1;
        foreach (array_keys($this->names) as $multiple) {
            if (intdiv($number, $multiple) * $multiple > $count->lastAt($multiple)) {
                $level = $multiple;
            }
        }

        return $level;
    }

    /**
     * The count of a ladder that begins with the visit of this number, as if every visit before it had been done at
     * its level.
     */
    public function startingAt(int $number): LadderCount
    {
        $count = LadderCount::none();
        foreach (array_keys($this->names) as $multiple) {
            $count = $count->done(intdiv(max(0, $number - 1), $multiple) * $multiple, $multiple);
        }

        return $count;
    }

    /**
     * The levels of the visits to come, each done at its own.
     *
     * @return list<int> multiples
     */
    public function coming(int $number, LadderCount $count, int $many): array
    {
        $levels = [];
        for ($i = 0; $i < $many; $i++) {
            $levels[] = $level = $this->levelAt($number + $i, $count);
            $count = $count->done($number + $i, $level);
        }

        return $levels;
    }

    /**
     * The name of a level; of the highest that it contains, where the ladder has none with this multiple (any more).
     */
    public function name(int $multiple): string
    {
        $name = '';
        foreach ($this->names as $level => $word) {
            $name = $level <= $multiple ? $word : $name;
        }

        return $name;
    }

    /** As it is written: "small 1, medium 2, large 4". */
    public function text(): string
    {
        return implode(
            ', ',
            array_map(
                static fn (int $multiple, string $name): string => "{$name} {$multiple}",
                array_keys($this->names),
                $this->names,
            ),
        );
    }
}
