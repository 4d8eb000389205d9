<?php

declare(strict_types=1);

namespace Sundial\Files;

use Sundial\Support\InvalidInput;

/**
 * What was drawn over a photo: arrows, rings, freehand lines and words, at places given in thousandths of the
 * photo's width and height, so
 * that they hold at any size. The photo itself stays as it was taken.
 */
final readonly class PhotoMarks
{
    public const TOOLS = ['arrow', 'ring', 'line', 'text'];

    private const MOST = 100;

    private const MOST_POINTS = 400;

    /** @param  list<array{tool: string, points: list<array{int, int}>, text: string}>  $marks */
    private function __construct(public array $marks)
    {
    }

    /**
     * @param  mixed  $given  a list of marks, each with tool, points and text
     *
     * @throws InvalidInput unless each mark is one of the tools with points within the photo
     */
    public static function of(mixed $given): self
    {
        if (! is_array($given) || ! array_is_list($given) || count($given) > self::MOST) {
            throw self::unreadable();
        }

        return new self(array_map(self::mark(...), $given));
    }

    /** @return array{tool: string, points: list<array{int, int}>, text: string} */
    private static function mark(mixed $given): array
    {
        $tool = is_array($given) ? $given['tool'] ?? null : null;
        $points = is_array($given) ? $given['points'] ?? null : null;
        $text = is_array($given) && is_string($given['text'] ?? '') ? trim($given['text'] ?? '') : '';
        if (
            ! is_string($tool) ||
            ! in_array($tool, self::TOOLS, true) ||
            ! is_array($points) ||
            mb_strlen($text) > 120
        ) {
            throw self::unreadable();
        }
        $needed = ['arrow' => [2, 2], 'ring' => [2, 2], 'line' => [2, self::MOST_POINTS], 'text' => [1, 1]][$tool];
        if (count($points) < $needed[0] || count($points) > $needed[1] || ($tool === 'text' && $text === '')) {
            throw self::unreadable();
        }

        return [
            'tool' => $tool,
            'points' => array_map(self::point(...), array_values($points)),
            'text' => $tool === 'text' ? $text : '',
        ];
    }

    /** @return array{int, int} */
    private static function point(mixed $given): array
    {
        [$x, $y] = is_array($given) ? [$given[0] ?? null, $given[1] ?? null] : [null, null];

        return is_int($x) && is_int($y) && $x >= 0 && $x <= 1000 && $y >= 0 && $y <= 1000
            ? [$x, $y]
            : throw self::unreadable();
    }

    private static function unreadable(): InvalidInput
    {
        return InvalidInput::because(
            'no_marks',
            'marks',
            'What was drawn could not be read, so it was not saved. Draw it again: at most '.
                self::MOST.
                ' marks, words of at most 120 characters.',
        );
    }
}
