<?php

declare(strict_types=1);

namespace App\Stores\Stock;

use Illuminate\Support\Facades\DB;

/** Numbers of purchases and counts, each given once: its row is held until the transaction ends. */
final readonly class Numbers
{
    private const FIRST = ['purchases' => 101, 'counts' => 1];

    public static function take(string $what): int
    {
        DB::table('numbers')->insertOrIgnore(['name' => $what, 'next' => self::FIRST[$what]]);
        $number = (int) DB::table('numbers')->where('name', $what)->lockForUpdate()->value('next');
        DB::table('numbers')->where('name', $what)->update(['next' => $number + 1]);

        return $number;
    }
}
