<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Platform\Clock\Clock;
use Closure;
use Illuminate\Support\Facades\DB;

/**
 * What many tests start from, made once by the actions that a plant would use and written down: the others get its
 * rows back as they were, in a tenth of the time.
 */
final class Kept
{
    /** @var array<string, array{string, array<string, list<array<string, mixed>>>}> by name and time: it, and rows */
    private static array $kept = [];

    /** @var array<string, list<string>>|null by table: the columns that are written */
    private static ?array $columns = null;

    /**
     * @template T of object
     *
     * @param  Closure(): T  $make
     * @return T
     */
    public static function once(string $name, Closure $make): object
    {
        // Where something stands already, what is made may look otherwise.
        if (DB::table('sites')->exists() || DB::table('users')->exists()) {
            return $make();
        }
        $name .= app(Clock::class)->now()->format(' Y-m-d H:i:s');
        if (! isset(self::$kept[$name])) {
            $before = self::counted();
            $made = $make();
            self::$kept[$name] = [serialize($made), self::added($before)];

            return $made;
        }
        [$made, $rows] = self::$kept[$name];
        DB::statement('SET foreign_key_checks = 0');
        foreach ($rows as $table => $some) {
            DB::table($table)->insert($some);
        }
        DB::statement('SET foreign_key_checks = 1');

        return unserialize($made);
    }

    /** @return array<string, int> how many rows each table holds */
    private static function counted(): array
    {
        return array_map(
            static fn (string $table): int => DB::table($table)->count(),
            array_combine(array_keys(self::columns()), array_keys(self::columns())),
        );
    }

    /**
     * @param  array<string, int>  $before
     * @return array<string, list<array<string, mixed>>> the rows that came, as they are written
     */
    private static function added(array $before): array
    {
        $added = [];
        foreach (self::columns() as $table => $columns) {
            $rows = DB::table($table)->get($columns);
            // What a table holds from the beginning was there first, by its number.
            $new = $before[$table] === 0 ? $rows : $rows->sortBy('id')->slice($before[$table]);
            if ($new->isNotEmpty()) {
                $added[$table] = array_values($new->map(static fn (object $row): array => (array) $row)->all());
            }
        }

        return $added;
    }

    /** @return array<string, list<string>> */
    private static function columns(): array
    {
        return self::$columns ??= collect(DB::select(
            'SELECT c.TABLE_NAME as t, c.COLUMN_NAME as c FROM information_schema.COLUMNS c
            JOIN information_schema.TABLES o ON o.TABLE_SCHEMA = c.TABLE_SCHEMA AND o.TABLE_NAME = c.TABLE_NAME
            WHERE c.TABLE_SCHEMA = DATABASE() AND o.TABLE_TYPE = "BASE TABLE" AND c.IS_GENERATED = "NEVER"
            AND c.TABLE_NAME <> "migrations" ORDER BY c.TABLE_NAME, c.ORDINAL_POSITION',
        ))
            ->groupBy('t')
            ->map(static fn ($of): array => $of->pluck('c')->all())
            ->all();
    }
}
