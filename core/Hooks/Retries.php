<?php

declare(strict_types=1);

namespace Sundial\Hooks;

/** After how long a message that was not taken is sent again, and when it is given up. */
final readonly class Retries
{
    /** Minutes after each attempt that failed. */
    private const AFTER = [1, 5, 30, 120, 720];

    /**
     * @param  int  $attempts  that were made
     * @return int|null minutes until the next; null: no more
     */
    public static function after(int $attempts): ?int
    {
        return self::AFTER[$attempts - 1] ?? null;
    }

    public static function most(): int
    {
        return count(self::AFTER) + 1;
    }
}
