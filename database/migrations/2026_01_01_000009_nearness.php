<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('sites', function (Blueprint $table): void {
            // The day whose nearness stands in the tables; another day is brought in when it begins.
            $table->date('day_on')->nullable();
        });
        Schema::table('schedules', function (Blueprint $table): void {
            $table->string('nearness', 8)->charset('ascii')->collation('ascii_bin')->nullable();
            $table->date('nearness_changes_on')->nullable();
            $table->index(['site_id', 'nearness', 'next_due_on']);
            $table->index(['site_id', 'nearness_changes_on']);
            $table->dropIndex(['site_id', 'ended', 'late_from']);
            $table->dropIndex(['site_id', 'ended', 'near_from']);
        });
        Schema::table('asset_summaries', function (Blueprint $table): void {
            $table->foreignId('site_id')->nullable()->constrained()->restrictOnDelete();
            $table->unsignedTinyInteger('urgency')->default(5);
            $table->date('urgent_on')->nullable();
            $table->date('changes_on')->nullable();
            $table->index(['site_id', 'urgency', 'urgent_on', 'asset_id']);
            $table->index(['site_id', 'changes_on']);
            $table->dropIndex(['next_due_on']);
            $table->dropIndex(['late_from']);
        });
        DB::statement('INSERT IGNORE INTO asset_summaries (asset_id) SELECT id FROM assets');
        DB::statement('UPDATE asset_summaries n JOIN assets a ON a.id = n.asset_id SET n.site_id = a.site_id');
        // Whatever stands there is looked at when the next day begins.
        DB::table('schedules')->update(['nearness_changes_on' => '2000-01-01']);
        DB::table('asset_summaries')->update(['changes_on' => '2000-01-01']);
        Schema::table('work_orders', function (Blueprint $table): void {
            // The order in which open orders are listed, in an index of its own: those without a due day come last.
            $table
                ->date('open_due_on')
                ->nullable()
                ->storedAs(
                    "IF(state IN ('draft','planned','approved','under way','on hold'), COALESCE(due_on, ".
                        "'9999-12-31'), NULL)",
                );
            $table->index(['site_id', 'open_due_on', 'number']);
            $table->index(['site_id', 'open_due_on', 'planned_on']);
            $table->dropIndex(['site_id', 'state', 'planned_on']);
        });
    }
};
