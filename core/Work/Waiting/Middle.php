<?php

declare(strict_types=1);

namespace Sundial\Work\Waiting;

/** The middle one of some lengths of time: of an even number the shorter of the two, so that it was one of them. */
final readonly class Middle
{
    /**
     * @param  list<int>  $lengths
     * @return int|null null of none
     */
    public static function of(array $lengths): ?int
    {
        sort($lengths);

        return $lengths[intdiv(max(0, count($lengths) - 1), 2)] ?? null;
    }
}
