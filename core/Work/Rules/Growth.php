<?php

declare(strict_types=1);

namespace Sundial\Work\Rules;

/** By what a plan outgrew its approval. */
enum Growth: string
{
    case Hours = 'hours';
    case Cost = 'cost';
    case Precautions = 'precautions';

    /** Percent by which a plan may grow without being approved again. */
    private const SHARE = 10;

    /** What it outgrew first; null where it still is what was approved. */
    public static function between(ApprovedPlan $approved, ApprovedPlan $now): ?self
    {
        return match (true) {
            $approved->precautions !== $now->precautions => self::Precautions,
            self::isMore($approved->cents, $now->cents) => self::Cost,
            self::isMore($approved->minutes, $now->minutes) => self::Hours,
            default => null,
        };
    }

    private static function isMore(int $approved, int $now): bool
    {
        return $now * 100 > $approved * (100 + self::SHARE);
    }
}
