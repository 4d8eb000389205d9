<?php

declare(strict_types=1);

namespace Sundial\Stops;

/**
 * The whole days (UTC) of a period, whose sums are kept: from its first midnight to its last. Of a period up to now
 * today is whole too, as nothing that is over lies after now. In epoch seconds.
 */
final readonly class WholeDays
{
    private const DAY = 86_400;

    /** So many days are worth adding up. */
    private const LEAST = 3;

    /** Empty where no day is whole. */
    public static function of(Span $period, int $now): Span
    {
        $first = self::midnightFrom($period->from);
        $last = $period->to >= $now ? self::midnightFrom($period->to) : intdiv($period->to, self::DAY) * self::DAY;

        return Span::between($first, max($first, $last));
    }

    /** Whether a period has whole days worth adding up. */
    public static function fit(Span $period): bool
    {
        return $period->seconds() >= self::LEAST * self::DAY;
    }

    private static function midnightFrom(int $at): int
    {
        return intdiv($at + self::DAY - 1, self::DAY) * self::DAY;
    }
}
