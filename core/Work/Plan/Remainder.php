<?php

declare(strict_types=1);

namespace Sundial\Work\Plan;

use Sundial\Costing\BookedByLine;

/** What is left of a plan when work is stopped short. */
final readonly class Remainder
{
    /**
     * Minutes of each labour line that are left: what was booked of a trade is taken off the lines of that trade in
     * their order. Hours of a trade that nobody planned take nothing off.
     *
     * @param  list<array{int, int, int}>  $lines  trade, people and minutes of each
     * @param  list<array{int|null, int}>  $booked  trade and person-minutes
     * @return list<int> minutes of each person, rounded up to whole ones; 0 where nothing is left
     */
    public static function labour(array $lines, array $booked): array
    {
        $by = BookedByLine::of(
            array_map(static fn (array $line): array => [$line[0], $line[1] * $line[2]], $lines),
            array_map(static fn (array $one): array => [$one[0], $one[1], 0], $booked),
        );
        $left = [];
        foreach ($lines as $i => [, $people, $minutes]) {
            $left[] = intdiv(max(0, $people * $minutes - $by->minutes[$i]) + $people - 1, $people);
        }

        return $left;
    }

    /** So many of a part in thousandths: planned and not used, never below none. */
    public static function part(int $planned, int $used): int
    {
        return max(0, $planned - max(0, $used));
    }
}
