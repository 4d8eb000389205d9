<?php

declare(strict_types=1);

namespace Sundial\Work\Plan;

/** What is left of a plan when work is stopped short. */
final readonly class Remainder
{
    /**
     * Minutes of each labour line that are left: what was booked is taken off the lines in their order.
     *
     * @param  list<array{int, int}>  $lines  people and minutes of each
     * @param  int  $booked  person-minutes
     * @return list<int> minutes of each person, rounded up to whole ones; 0 where nothing is left
     */
    public static function labour(array $lines, int $booked): array
    {
        $left = [];
        foreach ($lines as [$people, $minutes]) {
            $taken = min($booked, $people * $minutes);
            $booked -= $taken;
            $left[] = intdiv($people * $minutes - $taken + $people - 1, $people);
        }

        return $left;
    }

    /** So many of a part in thousandths: planned and not used, never below none. */
    public static function part(int $planned, int $used): int
    {
        return max(0, $planned - max(0, $used));
    }
}
