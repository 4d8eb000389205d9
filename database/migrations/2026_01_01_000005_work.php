<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('release_batches', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('site_id')->constrained()->restrictOnDelete();
            $table->date('on_day');
            $table->unsignedBigInteger('user_id')->nullable();
            $table->string('who', 80);
            $table->dateTime('began_at', 6);
            $table->dateTime('ended_at', 6)->nullable();
            $table->unsignedInteger('made')->default(0);
            $table->json('left_alone')->nullable();
            $table->index(['site_id', 'began_at']);
        });
        Schema::create('work_orders', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('site_id')->constrained()->restrictOnDelete();
            $table->unsignedBigInteger('number')->unique();
            $table->string('title', 160);
            $table->string('type', 20);
            $table->string('priority', 12);
            $table->string('state', 12);
            $table->foreignId('asset_id')->constrained()->restrictOnDelete();
            $table->foreignId('revision_id')->nullable()->constrained('method_revisions')->restrictOnDelete();
            $table->foreignId('batch_id')->nullable()->constrained('release_batches')->restrictOnDelete();
            $table->foreignId('team_id')->nullable()->constrained()->restrictOnDelete();
            $table->foreignId('assignee_id')->nullable()->constrained('users')->restrictOnDelete();
            $table->date('due_on')->nullable();
            $table->date('planned_on')->nullable();
            $table->unsignedInteger('planned_minutes')->default(0);
            $table->dateTime('started_at', 6)->nullable();
            $table->dateTime('finished_at', 6)->nullable();
            $table->dateTime('closed_at', 6)->nullable();
            $table->string('hold_reason', 16)->nullable();
            $table->string('reason', 500)->nullable();
            $table->text('finding')->nullable();
            $table->text('review')->nullable();
            $table->unsignedInteger('version')->default(1);
            $table->timestamps(6);
            $table->index(['site_id', 'state', 'due_on']);
            $table->index(['asset_id', 'state']);
            $table->index(['assignee_id', 'state']);
            $table->index(['batch_id']);
        });
        Schema::create('order_steps', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('order_id')->constrained('work_orders')->restrictOnDelete();
            $table->unsignedSmallInteger('position');
            $table->string('text', 250);
            $table->text('detail')->nullable();
            $table->text('safety')->nullable();
            $table->unsignedSmallInteger('minutes')->default(0);
            $table->dateTime('ticked_at', 6)->nullable();
            $table->foreignId('ticked_by')->nullable()->constrained('users')->restrictOnDelete();
            $table->unique(['order_id', 'position']);
        });
        Schema::create('order_labour', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('order_id')->constrained('work_orders')->restrictOnDelete();
            $table->foreignId('trade_id')->constrained()->restrictOnDelete();
            $table->unsignedSmallInteger('people');
            $table->unsignedSmallInteger('minutes');
        });
        Schema::create('order_visits', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('order_id')->constrained('work_orders')->restrictOnDelete();
            $table->foreignId('visit_id')->constrained()->restrictOnDelete();
            $table->unique(['order_id', 'visit_id']);
            $table->index('visit_id');
        });
        Schema::create('bookings', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('order_id')->constrained('work_orders')->restrictOnDelete();
            $table->foreignId('user_id')->constrained()->restrictOnDelete();
            $table->date('worked_on');
            $table->unsignedSmallInteger('minutes');
            $table->string('overtime', 16)->default('normal');
            $table->unsignedInteger('cents_per_hour')->nullable();
            $table->unsignedInteger('cost_cents')->default(0);
            $table->string('note', 250)->nullable();
            $table->unsignedBigInteger('booked_by')->nullable();
            $table->dateTime('struck_at', 6)->nullable();
            $table->timestamps(6);
            $table->index(['order_id']);
            $table->index(['user_id', 'worked_on']);
        });
    }
};
