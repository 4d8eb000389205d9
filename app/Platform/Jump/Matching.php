<?php

declare(strict_types=1);

namespace App\Platform\Jump;

use Illuminate\Database\Query\Builder;

/** The one way in which every source looks for words: each of them in one of the columns. */
final class Matching
{
    /**
     * @param  list<string>  $words
     * @param  list<string>  $columns
     */
    public static function words(Builder $query, array $words, array $columns): Builder
    {
        foreach ($words === [] ? ['\0'] : $words as $word) {
            $like = '%'.addcslashes($word, '%_\\').'%';
            $query->where(static function (Builder $any) use ($columns, $like): void {
                foreach ($columns as $column) {
                    $any->orWhere($column, 'like', $like);
                }
            });
        }

        return $query;
    }
}
