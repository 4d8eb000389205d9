<?php

declare(strict_types=1);

namespace Sundial\Work\Request;

/** How soon whoever reports a fault wants it looked at. */
enum HowSoon: string
{
    case CanWait = 'can wait';
    case ThisShift = 'this shift';
    case AtOnce = 'at once';

    /**
     * The order in which reports are looked at.
     *
     * @return list<self> the most pressing first
     */
    public static function pressingFirst(): array
    {
        return array_reverse(self::cases());
    }
}
