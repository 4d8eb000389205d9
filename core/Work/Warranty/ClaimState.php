<?php

declare(strict_types=1);

namespace Sundial\Work\Warranty;

/** What became of a claim on a warranty. */
enum ClaimState: string
{
    case Claimed = 'claimed';
    case Granted = 'granted';
    case Refused = 'refused';

    public function isOpen(): bool
    {
        return $this === self::Claimed;
    }
}
