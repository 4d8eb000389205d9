<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    /**
     * How many visits to come there are of each method and level on each day of a site, so that the outlook of a large site need not
     * count them one by one. The database itself keeps it, for whoever writes visits: each change adds a line, so that no two writers
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
                $table->index(['site_id', 'planned_on', 'method_id', 'level', 'visits', 'expected'], 'outlook_loads_of_day');
            });
        }
        $line = static fn (string $row, int $sign): string => "INSERT INTO outlook_loads (site_id, planned_on, method_id, level, visits, expected) VALUES ({$row}.site_id, {$row}.planned_on, {$row}.method_id, {$row}.level, {$sign}, {$sign} * {$row}.expected);";
        DB::unprepared("CREATE OR REPLACE TRIGGER coming_visits_load_insert AFTER INSERT ON coming_visits FOR EACH ROW {$line('NEW', 1)}");
        DB::unprepared("CREATE OR REPLACE TRIGGER coming_visits_load_delete AFTER DELETE ON coming_visits FOR EACH ROW {$line('OLD', -1)}");
        DB::unprepared("CREATE OR REPLACE TRIGGER coming_visits_load_update AFTER UPDATE ON coming_visits FOR EACH ROW BEGIN
            IF (OLD.site_id, OLD.planned_on, OLD.method_id, OLD.level, OLD.expected) <> (NEW.site_id, NEW.planned_on, NEW.method_id, NEW.level, NEW.expected) THEN
                {$line('OLD', -1)}
                {$line('NEW', 1)}
            END IF;
        END");
        if (DB::table('outlook_loads')->doesntExist()) {
            DB::statement('INSERT INTO outlook_loads (site_id, planned_on, method_id, level, visits, expected) SELECT site_id, planned_on, method_id, level, COUNT(*), SUM(expected) FROM coming_visits GROUP BY site_id, planned_on, method_id, level');
        }
    }
};
