<?php

declare(strict_types=1);

namespace App\Platform\Today;

use App\Platform\Lists\Capped;
use Illuminate\Database\Query\Builder;

/** How many lines each group on Today has in all, in one statement; counted no further than a thousand. */
final class Counts
{
    private const MOST = 1000;

    /**
     * @param  array<string, Builder>  $queries  by group
     * @return array<string, int>
     */
    public static function of(array $queries): array
    {
        $union = null;
        foreach ($queries as $key => $query) {
            $one = Capped::rows($query, self::MOST)
                ->selectRaw('? as today_group, COUNT(*) as n', [$key]);
            $union = $union === null ? $one : $union->unionAll($one);
        }

        return $union === null
            ? []
            : $union->pluck('n', 'today_group')->map(static fn (mixed $n): int => (int) $n)->all();
    }
}
