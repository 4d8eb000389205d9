<?php

declare(strict_types=1);

namespace App\Platform\Writing;

use Illuminate\Support\Facades\DB;

/**
 * Numbers of records, each given once. The row of a series is held until the transaction ends, so that none is given
 * twice.
 */
final readonly class NumberSeries
{
    /** The first of so many in a row; a series that is new begins with a number of its own. */
    public static function take(string $what, int $begins, int $count = 1): int
    {
        DB::table('numbers')->insertOrIgnore(['name' => $what, 'next' => $begins]);
        $number = (int) DB::table('numbers')->where('name', $what)->lockForUpdate()->value('next');
        DB::table('numbers')->where('name', $what)->update(['next' => $number + $count]);

        return $number;
    }
}
