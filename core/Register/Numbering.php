<?php

declare(strict_types=1);

namespace Sundial\Register;

use Sundial\Support\InvalidInput;

/** Tags and names that count on from one: SPN-07 is followed by SPN-08, "Spinning frame 7" by "Spinning frame 8". */
final readonly class Numbering
{
    public const MOST = 50;

    /**
     * The next tags and names for more of the same. A tag that is taken is passed over, and its name with it.
     *
     * @param  callable(string): bool  $taken  whether a tag is taken
     * @param  int  $count  how many, 1 to 50
     * @return list<array{tag: string, name: string}>
     *
     * @throws InvalidInput out of range
     */
    public static function after(string $tag, string $name, int $count, callable $taken): array
    {
        if ($count < 1 || $count > self::MOST) {
            throw InvalidInput::outside('count', $count, 1, self::MOST);
        }
        $made = [];
        for ($step = 1; count($made) < $count && $step < 10000; $step++) {
            $next = self::on($tag, $step, '-');
            if (! $taken($next)) {
                $made[] = ['tag' => $next, 'name' => self::on($name, $step, ' ')];
            }
        }

        return $made;
    }

    /** The text with its last number counted on, leading noughts kept; without a number, 2 and on is put behind it. */
    private static function on(string $text, int $step, string $join): string
    {
        if (preg_match('/^(.*?)(\d{1,15})(\D*)$/Ds', $text, $part) !== 1) {
            return $text.$join.($step + 1);
        }

        return $part[1].str_pad((string) ((int) $part[2] + $step), strlen($part[2]), '0', STR_PAD_LEFT).$part[3];
    }
}
