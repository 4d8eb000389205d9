<?php

declare(strict_types=1);

namespace Sundial\Work\Request;

/** Where a request stands. That it is done follows from its order. */
enum RequestState: string
{
    case Received = 'received';
    case AskedBack = 'asked back';
    case Accepted = 'accepted';
    case Merged = 'merged';
    case Declined = 'declined';
    case Withdrawn = 'withdrawn';

    /** Whether somebody still has to decide on it. */
    public function isOpen(): bool
    {
        return $this === self::Received || $this === self::AskedBack;
    }
}
