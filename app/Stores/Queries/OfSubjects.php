<?php

declare(strict_types=1);

namespace App\Stores\Queries;

use App\Platform\Subject;
use Closure;
use Illuminate\Contracts\Database\Query\Builder;

/** Narrows what is claimed, moved or demanded to those for whom it is. */
final class OfSubjects
{
    /** @return Closure(Builder): void for `where` */
    public static function any(Subject ...$those): Closure
    {
        $ids = [];
        foreach ($those as $one) {
            $ids[$one->kind][] = $one->id;
        }

        return static function (Builder $any) use ($ids): void {
            foreach ($ids as $kind => $some) {
                $any->orWhere(
                    static fn (Builder $one) => $one->where('subject_kind', $kind)->whereIn('subject_id', $some),
                );
            }
        };
    }
}
