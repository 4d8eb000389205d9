<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('methods', function (Blueprint $table): void {
            $table->id();
            $table->string('code', 20)->unique();
            $table->string('name', 120);
            $table->foreignId('class_id')->nullable()->constrained('equipment_classes')->restrictOnDelete();
            $table->unsignedInteger('version')->default(1);
            $table->timestamps(6);
            $table->index('name');
        });
        // A revision in force is never edited: a change makes the next one, and orders keep the one they were made
        // from.
        Schema::create('method_revisions', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('method_id')->constrained()->restrictOnDelete();
            $table->unsignedSmallInteger('number');
            $table->string('state', 12);
            $table->text('purpose')->nullable();
            $table->string('order_type', 20)->default('preventive');
            $table->string('priority', 12)->default('routine');
            $table->dateTime('made_at', 6);
            $table->unique(['method_id', 'number']);
            $table->index(['method_id', 'state']);
        });
        Schema::create('method_steps', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('revision_id')->constrained('method_revisions')->restrictOnDelete();
            $table->unsignedSmallInteger('position');
            $table->string('text', 250);
            $table->text('detail')->nullable();
            $table->text('safety')->nullable();
            $table->unsignedSmallInteger('minutes')->default(0);
            $table->unique(['revision_id', 'position']);
        });
        Schema::create('method_labour', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('revision_id')->constrained('method_revisions')->restrictOnDelete();
            $table->foreignId('trade_id')->constrained()->restrictOnDelete();
            $table->unsignedSmallInteger('people');
            $table->unsignedSmallInteger('minutes');
            $table->unique(['revision_id', 'trade_id']);
        });
        Schema::create('schedules', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('site_id')->constrained()->restrictOnDelete();
            $table->foreignId('asset_id')->constrained()->restrictOnDelete();
            $table->foreignId('method_id')->constrained()->restrictOnDelete();
            $table->foreignId('team_id')->nullable()->constrained()->restrictOnDelete();
            $table->string('name', 120);
            // The trigger, as typed
            $table->string('rule', 16);
            $table->unsignedSmallInteger('every');
            $table->string('unit', 8);
            $table->string('weekdays', 15)->nullable();
            $table->tinyInteger('nth')->nullable();
            $table->string('months', 30)->nullable();
            $table->string('non_working', 8)->default('keep');
            $table->unsignedTinyInteger('late_share')->default(0);
            $table->unsignedTinyInteger('early_share')->default(0);
            $table->unsignedSmallInteger('least_gap')->default(0);
            $table->unsignedSmallInteger('lead');
            $table->string('lead_unit', 8)->default('days');
            $table->unsignedSmallInteger('near_days')->nullable();
            $table->unsignedSmallInteger('tolerance_days')->nullable();
            $table->boolean('approve_at_once')->default(true);
            $table->date('ends_on')->nullable();
            // Where it stands now, kept by the actions that change it
            $table->date('anchor_on');
            $table->date('last_done_on')->nullable();
            $table->unsignedInteger('next_number')->default(1);
            $table->date('next_point_on');
            $table->date('next_due_on');
            $table->date('base_on');
            $table->date('near_from');
            $table->date('release_on');
            $table->unsignedSmallInteger('interval_days');
            $table->json('because')->nullable();
            $table->string('in_hand', 20)->nullable();
            $table->date('held_from')->nullable();
            $table->boolean('ended')->default(false);
            $table->unsignedInteger('version')->default(1);
            $table->timestamps(6);
            $table->index(['site_id', 'release_on', 'in_hand']);
            $table->index(['site_id', 'next_due_on']);
            $table->index('asset_id');
        });
        // The pair of schedule and number is what makes a second or concurrent release harmless.
        Schema::create('visits', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('schedule_id')->constrained()->restrictOnDelete();
            $table->unsignedInteger('number');
            $table->date('point_on');
            $table->date('planned_on');
            $table->string('state', 12);
            $table->date('done_on')->nullable();
            $table->string('label', 40)->nullable();
            $table->string('note', 250)->nullable();
            // The schedule as it stood before this visit was completed, so that reopening can take it back.
            $table->json('before')->nullable();
            $table->timestamps(6);
            $table->unique(['schedule_id', 'number']);
        });
    }
};
