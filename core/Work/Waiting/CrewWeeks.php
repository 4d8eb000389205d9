<?php

declare(strict_types=1);

namespace Sundial\Work\Waiting;

use Sundial\Support\Rounding;

/**
 * The backlog of a trade in crew-weeks: person-minutes that are planned and not worked yet, by the minutes that its
 * people have for planned work in a week. What is ready can be begun tomorrow.
 */
final readonly class CrewWeeks
{
    /**
     * @param  int|null  $tenths  all of it, in tenths of a week; null where nobody of the trade is there
     * @param  int|null  $readyTenths  what is ready
     */
    private function __construct(
        public int $minutes,
        public int $readyMinutes,
        public ?int $tenths,
        public ?int $readyTenths,
    ) {
    }

    /**
     * @param  int  $minutes  of work that is left
     * @param  int  $ready  of these, approved and held up by nothing
     * @param  int  $week  minutes that the people of the trade have in a week
     */
    public static function of(int $minutes, int $ready, int $week): self
    {
        $tenths = static fn (int $some): ?int => $week <= 0
            ? null
            : Rounding::divideHalfAwayFromZero(10 * $some, $week);

        return new self($minutes, $ready, $tenths($minutes), $tenths($ready));
    }
}
