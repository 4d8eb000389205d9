<?php

declare(strict_types=1);

namespace Sundial\Planning\Record;

/**
 * What the record of a schedule says about its interval. A rule of thumb of ours, until life data can be fitted:
 *
 * with fewer than 4 visits done, nothing; with a breakdown for every two visits or more, or a failure found at every
 * second judged visit, it
 * looks too long; with no breakdown, while visits are done more than a quarter of the interval late on average, it
 * may be longer; where fewer
 * than half of the visits are done on time, the plan is not kept, and the interval cannot be judged; with no
 * breakdown and at least 6 judged
 * visits that found nothing, it may be longer; else nothing speaks against it.
 */
enum IntervalVerdict: string
{
    case TooFew = 'too few visits to say';
    case NotKept = 'not kept';
    case TooLong = 'looks too long';
    case TooShort = 'may be longer';
    case Fits = 'nothing speaks against it';

    private const LEAST = 4;

    /** So many visits without a finding say that the interval may be longer. */
    private const QUIET = 6;

    /**
     * @param  int  $breakdowns  on the asset in the same period
     * @param  int  $interval  days
     */
    public static function of(Compliance $kept, int $breakdowns, int $interval, ?Findings $findings = null): self
    {
        return match (true) {
            $kept->done() < self::LEAST => self::TooFew,
            2 * $breakdowns >= $kept->done() => self::TooLong,
            $findings !== null &&
                $findings->asked >= self::LEAST &&
                2 * $findings->failed >= $findings->asked => self::TooLong,
            $breakdowns === 0 && $kept->meanDays !== null && 4 * $kept->meanDays > 10 * $interval => self::TooShort,
            2 * $kept->onTime < $kept->visits => self::NotKept,
            $breakdowns === 0 &&
                $findings !== null &&
                $findings->areNone() &&
                $findings->asked >= self::QUIET => self::TooShort,
            default => self::Fits,
        };
    }
}
