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
        Schema::create('meters', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('site_id')->constrained()->restrictOnDelete();
            $table->foreignId('asset_id')->constrained()->restrictOnDelete();
            $table->string('name', 80);
            $table->string('unit', 12);
            $table->unsignedTinyInteger('decimals')->default(0);
            $table->decimal('rolls_over_at', 14, 3)->nullable();
            $table->decimal('expected_per_year', 14, 3)->nullable();
            $table->unsignedSmallInteger('window_days')->default(90);
            // How it stands, kept by the actions that take and strike out readings
            $table->dateTime('last_at', 6)->nullable();
            $table->date('last_on')->nullable();
            $table->decimal('last_shown', 14, 3)->nullable();
            $table->decimal('last_total', 14, 3)->nullable();
            foreach (['rate', 'fast', 'slow'] as $rate) {
                $table->bigInteger("{$rate}_units")->nullable();
                $table->bigInteger("{$rate}_days")->nullable();
            }
            $table->string('rate_from', 16)->default('nothing');
            $table->date('stands_on')->nullable();
            $table->unsignedInteger('version')->default(1);
            $table->timestamps(6);
            $table->unique(['asset_id', 'name']);
            $table->index('site_id');
        });
        // Ledgers: what was read, and what was struck out of it. Neither is ever edited.
        Schema::create('readings', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('meter_id')->constrained()->restrictOnDelete();
            $table->dateTime('at', 6);
            $table->date('on_day');
            $table->decimal('shown', 14, 3);
            $table->string('turn', 12)->default('read');
            $table->decimal('old_final', 14, 3)->nullable();
            $table->string('source', 40)->default('by hand');
            $table->unsignedBigInteger('user_id')->nullable();
            $table->string('who', 80);
            $table->string('note', 250)->nullable();
            $table->dateTime('taken_at', 6);
            $table->index(['meter_id', 'at']);
        });
        Schema::create('reading_strikes', function (Blueprint $table): void {
            $table->foreignId('reading_id')->primary()->constrained()->restrictOnDelete();
            $table->unsignedBigInteger('user_id')->nullable();
            $table->string('who', 80);
            $table->string('reason', 250);
            $table->dateTime('struck_at', 6);
        });
        foreach (['readings', 'reading_strikes'] as $ledger) {
            foreach (['UPDATE', 'DELETE'] as $change) {
                DB::unprepared(
                    "CREATE OR REPLACE TRIGGER {$ledger}_no_{$change} BEFORE {$change} ON {$ledger} FOR EACH ROW ".
                        "SIGNAL SQLSTATE '45000' SET MESSAGE_TEXT = '{$ledger} is append-only'",
                );
            }
        }
        // The readings unrolled; derived, and rebuilt from the ledger whenever one is put between others or struck out.
        Schema::create('reading_totals', function (Blueprint $table): void {
            $table->foreignId('reading_id')->primary()->constrained()->restrictOnDelete();
            $table->foreignId('meter_id')->constrained()->restrictOnDelete();
            $table->dateTime('at', 6);
            $table->date('on_day');
            $table->decimal('total', 14, 3);
            $table->index(['meter_id', 'at']);
            $table->index(['meter_id', 'total']);
        });
        Schema::table('asset_summaries', function (Blueprint $table): void {
            $table->date('late_from')->nullable()->index();
            $table->boolean('expected')->default(false);
            $table->date('other_due_on')->nullable();
        });
        DB::table('asset_summaries')
            ->whereNotNull('next_due_on')
            ->update(['late_from' => DB::raw('next_due_on + INTERVAL 1 DAY')]);
    }
};
