<?php

declare(strict_types=1);

namespace Sundial\Stock;

/** Why the stock of a part changed. */
enum MoveKind: string
{
    case Receipt = 'receipt';
    case Issue = 'issue';
    case Return = 'return';
    case Transfer = 'transfer';
    case Count = 'count';
    case Scrap = 'scrap';
    case Reversal = 'reversal';

    /** Whether so many thousandths were taken for a use: not written off, counted away or taken back. */
    public function isTaking(int $thousandths): bool
    {
        return $thousandths < 0 && in_array($this, [self::Issue, self::Transfer], true);
    }
}
