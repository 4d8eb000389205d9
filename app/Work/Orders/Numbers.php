<?php

declare(strict_types=1);

namespace App\Work\Orders;

use Illuminate\Support\Facades\DB;

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
        DB::table('numbers')->insertOrIgnore(['name' => $what, 'next' => self::FIRST[$what]]);
        $number = (int) DB::table('numbers')->where('name', $what)->lockForUpdate()->value('next');
        DB::table('numbers')
            ->where('name', $what)
            ->update(['next' => $number + $count]);

        return $number;
    }
}
