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
        Schema::table('schedules', function (Blueprint $table): void {
            $table->date('next_point_on')->nullable()->change();
            $table->date('next_due_on')->nullable()->change();
            $table->date('near_from')->nullable()->change();
            $table->date('release_on')->nullable()->change();
            // The usage trigger, in the units of its counter's total
            $table->foreignId('meter_id')->nullable()->constrained()->restrictOnDelete();
            $table->decimal('usage_every', 14, 3)->nullable();
            $table->decimal('usage_anchor', 14, 3)->nullable();
            $table->decimal('usage_due', 14, 3)->nullable();
            $table->date('usage_not_before')->nullable();
            // Where each trigger stands, and how sure it is
            $table->date('calendar_on')->nullable();
            $table->date('usage_on')->nullable();
            $table->boolean('usage_reached')->default(false);
            $table->string('leading', 8)->default('calendar');
            $table->boolean('expected')->default(false);
            $table->date('early_on')->nullable();
            $table->date('late_on')->nullable();
            $table->date('late_from')->nullable();
            $table->date('outlook_until')->nullable()->index();
        });
        DB::table('schedules')->update([
            'calendar_on' => DB::raw('next_due_on'),
            'late_from' => DB::raw('next_due_on + INTERVAL 1 DAY'),
        ]);
        Schema::table('visits', function (Blueprint $table): void {
            $table->date('point_on')->nullable()->change();
            $table->string('leading', 8)->default('calendar');
            $table->boolean('expected')->default(false);
            $table->decimal('due_total', 14, 3)->nullable();
            $table->decimal('done_total', 14, 3)->nullable();
            $table->dateTime('done_at', 6)->nullable();
        });
        // The visits to come within five years, as they stand after the last action that changed them.
        Schema::create('coming_visits', function (Blueprint $table): void {
            $table->foreignId('schedule_id')->constrained()->restrictOnDelete();
            $table->date('planned_on');
            $table->foreignId('site_id')->constrained()->restrictOnDelete();
            $table->foreignId('asset_id')->constrained()->restrictOnDelete();
            $table->foreignId('method_id')->constrained()->restrictOnDelete();
            $table->date('week_on');
            $table->boolean('expected')->default(false);
            $table->date('early_on')->nullable();
            $table->date('late_on')->nullable();
            $table->primary(['schedule_id', 'planned_on']);
            $table->index(['site_id', 'week_on', 'method_id', 'expected']);
            $table->index(['site_id', 'planned_on']);
            $table->index(['asset_id', 'planned_on']);
        });
    }
};
