<?php

declare(strict_types=1);

namespace Sundial\Work\Plan;

/**
 * Whose hours are booked where work went as planned: each line of labour takes so many people of its trade as it
 * planned, in the order in which they are named, those first who have no line yet. Nobody stands twice on a line. What
 * nobody of the trade is there for is said, not given to another trade.
 */
final readonly class AsPlanned
{
    /**
     * @param  array<int, int>  $minutes  of each person
     * @param  list<array{int, int, int}>  $missing  trade, people and minutes of each, for whom nobody was found
     */
    private function __construct(public array $minutes, public array $missing)
    {
    }

    /**
     * @param  list<array{int, int, int}>  $lines  trade, people, minutes of each that are left
     * @param  array<int, int|null>  $people  the trade of each, in the order in which they are asked
     */
    public static function share(array $lines, array $people): self
    {
        $minutes = [];
        $missing = [];
        foreach ($lines as [$trade, $count, $each]) {
            if ($each <= 0) {
                continue;
            }
            $those = array_keys($people, $trade, true);
            $free = array_diff($those, array_keys($minutes));
            $chosen = array_slice([...$free, ...array_diff($those, $free)], 0, $count);
            foreach ($chosen as $person) {
                $minutes[$person] = ($minutes[$person] ?? 0) + $each;
            }
            if (count($chosen) < $count) {
                $missing[] = [$trade, $count - count($chosen), $each];
            }
        }

        return new self($minutes, $missing);
    }
}
