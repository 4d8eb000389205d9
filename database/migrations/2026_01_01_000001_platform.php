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
        Schema::create('sessions', function (Blueprint $table): void {
            $table->string('id')->primary();
            $table->unsignedBigInteger('user_id')->nullable()->index();
            $table->string('ip_address', 45)->nullable();
            $table->text('user_agent')->nullable();
            $table->longText('payload');
            $table->integer('last_activity')->index();
        });
        Schema::create('jobs', function (Blueprint $table): void {
            $table->id();
            $table->string('queue')->index();
            $table->longText('payload');
            $table->unsignedTinyInteger('attempts');
            $table->unsignedInteger('reserved_at')->nullable();
            $table->unsignedInteger('available_at');
            $table->unsignedInteger('created_at');
        });
        Schema::create('failed_jobs', function (Blueprint $table): void {
            $table->id();
            $table->string('uuid')->unique();
            $table->text('connection');
            $table->text('queue');
            $table->longText('payload');
            $table->longText('exception');
            $table->dateTime('failed_at')->useCurrent();
        });
        Schema::create('sites', function (Blueprint $table): void {
            $table->id();
            $table->string('code', 12)->unique();
            $table->string('name', 80)->unique();
            $table->string('timezone', 60);
            $table->char('currency', 3);
            $table->string('rest_weekdays', 15)->default('6,7');
            $table->unsignedTinyInteger('release_hour')->default(4);
            $table->date('last_released_on')->nullable();
            $table->unsignedInteger('version')->default(1);
            $table->timestamps(6);
        });
        Schema::create('site_rest_days', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('site_id')->constrained()->restrictOnDelete();
            $table->date('day');
            $table->string('name', 80)->default('');
            $table->unique(['site_id', 'day']);
        });
        Schema::create('audit_entries', function (Blueprint $table): void {
            $table->id();
            $table->dateTime('at', 6)->index();
            $table->unsignedBigInteger('user_id')->nullable();
            $table->string('who', 80);
            $table->string('kind', 24);
            $table->unsignedBigInteger('subject_id');
            $table->unsignedBigInteger('site_id')->nullable();
            $table->string('did', 250);
            $table->json('changes')->nullable();
            $table->text('note')->nullable();
        });
        Schema::create('audit_subjects', function (Blueprint $table): void {
            $table->string('kind', 24);
            $table->unsignedBigInteger('subject_id');
            $table->unsignedBigInteger('audit_entry_id');
            $table->primary(['kind', 'subject_id', 'audit_entry_id']);
        });
        foreach (['audit_entries', 'audit_subjects'] as $ledger) {
            foreach (['UPDATE', 'DELETE'] as $change) {
                DB::unprepared(
                    "CREATE OR REPLACE TRIGGER {$ledger}_no_{$change} BEFORE {$change} ON {$ledger} FOR EACH ROW ".
                        "SIGNAL SQLSTATE '45000' SET MESSAGE_TEXT = '{$ledger} is append-only'",
                );
            }
        }
        Schema::create('once_tokens', function (Blueprint $table): void {
            $table->char('token', 36)->primary();
            $table->unsignedBigInteger('user_id')->nullable();
            $table->string('location', 250)->nullable();
            $table->dateTime('made_at')->index();
        });
        Schema::create('numbers', function (Blueprint $table): void {
            $table->string('name', 24)->primary();
            $table->unsignedBigInteger('next');
        });
    }
};
