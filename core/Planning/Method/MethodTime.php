<?php

declare(strict_types=1);

namespace Sundial\Planning\Method;

use Sundial\Support\InvalidInput;

/** How long a method takes, in minutes: the work of all people together, and from start to end. */
final readonly class MethodTime
{
    private function __construct(public int $work, public int $elapsed)
    {
    }

    /**
     * The work is the labour, people times minutes; without any, the minutes of the steps. From start to end it
     * takes as long as the steps one
     * after the other, and at least as long as the trade that is needed longest, since trades work beside each other.
     *
     * Steps of 10, 30 and 20 minutes, 2 fitters for 45 minutes each and an electrician for 75: work 165, elapsed 75.
     *
     * @param  list<int>  $steps  minutes of each step
     * @param  list<array{int, int, int}>  $labour  trade, people, minutes of each person
     *
     * @throws InvalidInput when something is negative
     */
    public static function of(array $steps, array $labour): self
    {
        $work = 0;
        $trades = [];
        foreach ($labour as [$trade, $people, $minutes]) {
            if ($people < 0 || $minutes < 0) {
                throw InvalidInput::outside('minutes', $minutes, 0);
            }
            $work += $people * $minutes;
            $trades[$trade] = ($trades[$trade] ?? 0) + $minutes;
        }

        return new self(
            $labour === [] ? array_sum($steps) : $work,
            max(array_sum($steps), 0, ...array_values($trades)),
        );
    }
}
