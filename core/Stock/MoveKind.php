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
}
