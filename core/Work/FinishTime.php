<?php

declare(strict_types=1);

namespace Sundial\Work;

use DateTimeImmutable;
use Sundial\Support\InvalidInput;

/**
 * When work can have been finished: not in the future (a minute's grace for clocks that differ), and at most a year
 * and a day back.
 */
final readonly class FinishTime
{
    /**
     * Lets a plausible finish pass.
     *
     * @throws InvalidInput future, too_early
     */
    public static function check(DateTimeImmutable $finish, DateTimeImmutable $now): void
    {
        if ($finish > $now->modify('+1 minute')) {
            throw InvalidInput::because(
                'future',
                'finished_at',
                'The finish lies in the future. Give the time at which the work was really finished.',
            );
        }
        if ($finish < $now->modify('-366 days')) {
            throw InvalidInput::because(
                'too_early',
                'finished_at',
                'The finish lies more than a year back. Check the year.',
            );
        }
    }
}
