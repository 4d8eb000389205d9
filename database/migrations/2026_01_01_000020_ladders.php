<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    /** Levels are kept by their multiples; 1 is what every visit has. */
    public function up(): void
    {
        if (! Schema::hasColumn('method_revisions', 'ladder')) {
            Schema::table('method_revisions', fn (Blueprint $table) => $table->string('ladder', 250)->nullable());
        }
        if (! Schema::hasColumn('method_steps', 'level')) {
            Schema::table('method_steps', fn (Blueprint $table) => $table->unsignedSmallInteger('level')->default(1));
        }
        if (! Schema::hasColumn('method_labour', 'level')) {
            Schema::table('method_labour', function (Blueprint $table): void {
                $table->unsignedSmallInteger('level')->default(1);
                $table->unique(['revision_id', 'level', 'trade_id']);
            });
            Schema::table('method_labour', fn (Blueprint $table) => $table->dropUnique(['revision_id', 'trade_id']));
        }
        if (! Schema::hasColumn('schedules', 'ladder_start')) {
            Schema::table('schedules', fn (Blueprint $table) => $table->unsignedInteger('ladder_start')->default(1));
        }
        if (! Schema::hasColumn('visits', 'level')) {
            Schema::table('visits', fn (Blueprint $table) => $table->unsignedSmallInteger('level')->nullable());
        }
        if (! Schema::hasColumn('coming_visits', 'level')) {
            Schema::table('coming_visits', function (Blueprint $table): void {
                $table->unsignedSmallInteger('level')->default(1);
                $table->index(['site_id', 'week_on', 'method_id', 'level', 'expected'], 'coming_visits_by_level');
            });
            Schema::table(
                'coming_visits',
                fn (Blueprint $table) => $table->dropIndex(['site_id', 'week_on', 'method_id', 'expected']),
            );
        }
    }
};
