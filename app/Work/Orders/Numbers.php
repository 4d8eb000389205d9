<?php

declare(strict_types=1);

namespace App\Work\Orders;

use App\Platform\Writing\NumberSeries;

/**
 * Numbers of orders and requests, each given once. Its row is held until the transaction ends, so that none is given
 * twice.
 */
final readonly class Numbers
{
    private const FIRST = ['orders' => 1001, 'requests' => 101, 'isolations' => 1, 'shutdowns' => 1];

    /** The first of so many in a row. */
    public static function take(string $what, int $count = 1): int
    {
        return NumberSeries::take($what, self::FIRST[$what], $count);
    }
}
