<?php

declare(strict_types=1);

namespace App\Platform\Writing;

use Illuminate\Support\Facades\DB;

/** Tables that only grow: the database itself refuses to change or delete what stands in them. */
final readonly class Ledgers
{
    public static function close(string ...$tables): void
    {
        foreach ($tables as $table) {
            foreach (['UPDATE', 'DELETE'] as $change) {
                DB::unprepared(
                    "CREATE OR REPLACE TRIGGER {$table}_no_{$change} BEFORE {$change} ON {$table} FOR EACH ROW ".
                        "SIGNAL SQLSTATE '45000' SET MESSAGE_TEXT = '{$table} is append-only'",
                );
            }
        }
    }
}
