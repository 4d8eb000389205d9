<?php

declare(strict_types=1);

namespace App\Platform\Lists;

use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;

/** Counts no further than it is said, however many there are. */
final readonly class Capped
{
    public static function count(Builder $query, int $most): int
    {
        return self::rows($query, $most)->count();
    }

    /** The rows themselves, no more than so many: to be counted within a larger statement. */
    public static function rows(Builder $query, int $most): Builder
    {
        return DB::query()->fromSub((clone $query)->selectRaw('1')->limit($most), 'some');
    }
}
