<?php

declare(strict_types=1);

namespace App\Platform\Import;

use Illuminate\Support\Facades\DB;

/** Asks the database which of some rows are referred to, whichever floor the references stand on. */
final class InUse
{
    /**
     * @param  list<int>  $ids
     * @param  list<string>  $own  tables whose rows are a part of the record and go with it
     * @return array<int, string> what refers to each of those that are in use, as words: "work orders"
     */
    public static function of(string $table, array $ids, array $own = []): array
    {
        $found = [];
        $references = DB::select(
            'SELECT TABLE_NAME AS t, COLUMN_NAME AS c FROM information_schema.KEY_COLUMN_USAGE WHERE '.
                'REFERENCED_TABLE_SCHEMA = DATABASE() AND REFERENCED_TABLE_NAME = ?',
            [$table],
        );
        foreach ($references as $reference) {
            foreach (in_array($reference->t, $own, true) ? [] : array_chunk($ids, 1000) as $some) {
                $query = DB::table($reference->t)->whereIn($reference->c, $some);
                // Rows of the same table that go too are no use of it.
                if ($reference->t === $table) {
                    $query->whereNotIn('id', $ids);
                }
                foreach ($query->distinct()->limit(20)->pluck($reference->c) as $id) {
                    $found[(int) $id] ??= str_replace('_', ' ', $reference->t);
                }
            }
        }

        return $found;
    }
}
