<?php

declare(strict_types=1);

namespace Sundial\Work\Shutdown;

use Sundial\Support\InvalidInput;

/** The turns of orders from what follows what: each in the first turn after all that it follows. */
final readonly class Turns
{
    /**
     * Kahn's topological order, by levels.
     *
     * @param  list<int>  $orders
     * @param  list<array{int, int}>  $follows  an order, and the one it follows; others than these orders are nothing
     * @return array<int, int> the turn of each order, from 1
     *
     * @throws InvalidInput in_a_ring where orders follow each other round
     */
    public static function of(array $orders, array $follows): array
    {
        $before = array_fill_keys($orders, []);
        foreach ($follows as [$order, $first]) {
            if (isset($before[$order], $before[$first]) && $order !== $first) {
                $before[$order][$first] = true;
            }
        }
        $turns = [];
        for ($turn = 1; $before !== []; $turn++) {
            $free = array_keys(array_filter($before, static fn (array $some): bool => $some === []));
            if ($free === []) {
                throw InvalidInput::because(
                    'in_a_ring',
                    'turns',
                    'Some of these orders follow each other round in a ring. Take one of their links away.',
                    array_keys($before),
                );
            }
            $turns += array_fill_keys($free, $turn);
            $before = array_map(
                static fn (array $some): array => array_diff_key($some, array_flip($free)),
                array_diff_key($before, array_flip($free)),
            );
        }

        return $turns;
    }
}
