<?php

declare(strict_types=1);

namespace Sundial\Costing;

/** By what a cost that is booked on all assets of an order is spread over them. */
enum SpreadBy: string
{
    case Equal = 'equal';
    case Minutes = 'minutes';

    /** As a form offers it. */
    public function label(): string
    {
        return match ($this) {
            self::Equal => 'equal shares',
            self::Minutes => 'planned minutes',
        };
    }
}
