<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    /**
     * How many visits to come there are of each method and level on each day of a site, so that the outlook of a
     * large site need not
     * count them one by one. The database itself keeps it, for whoever writes visits: each change adds a line, so
     * that no two writers
     * ever wait for each other, and the lines of a day are added up from time to time.
     */
    public function up(): void
    {
        if (! Schema::hasTable('outlook_loads')) {
            Schema::create('outlook_loads', function (Blueprint $table): void {
                $table->id();
                $table->unsignedBigInteger('site_id');
                $table->date('planned_on');
                $table->unsignedBigInteger('method_id');
                $table->unsignedSmallInteger('level');
                $table->integer('visits');
                $table->integer('expected');
                $table->index(
                    ['site_id', 'planned_on', 'method_id', 'level', 'visits', 'expected'],
                    'outlook_loads_of_day',
                );
            });
        }
        $line = static fn (
            string $row,
            int $sign,
        ): string => 'INSERT INTO outlook_loads (site_id, planned_on, method_id, level, visits, expected) VALUES '.
            "({$row}.site_id, {$row}.planned_on, {$row}.method_id, {$row}.level, {$sign}, {$sign} * {$row}.expected);";
        $columns = static fn (string $row): string => implode(
            ', ',
            array_map(
                static fn (string $column): string => "{$row}.{$column}",
                ['site_id', 'planned_on', 'method_id', 'level', 'expected'],
            ),
        );
        $on = static fn (string $name, string $when): string => "CREATE OR REPLACE TRIGGER coming_visits_load_{$name} ".
            "AFTER {$when} ON coming_visits FOR EACH ROW";
        DB::unprepared("{$on('insert', 'INSERT')} {$line('NEW', 1)}");
        DB::unprepared("{$on('delete', 'DELETE')} {$line('OLD', -1)}");
        DB::unprepared("{$on('update', 'UPDATE')} BEGIN
            IF ({$columns('OLD')}) <> ({$columns('NEW')}) THEN
                {$line('OLD', -1)}
                {$line('NEW', 1)}
            END IF;
        END");
        if (DB::table('outlook_loads')->doesntExist()) {
            DB::statement(
                'INSERT INTO outlook_loads (site_id, planned_on, method_id, level, visits, expected) SELECT '.
                    'site_id, planned_on, method_id, level, COUNT(*), SUM(expected) FROM coming_visits GROUP BY '.
                    'site_id, planned_on, method_id, level',
            );
        }
    }
};
