<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        if (! Schema::hasColumn('method_revisions', 'tools')) {
            Schema::table('method_revisions', function (Blueprint $table): void {
                $table->text('tools')->nullable();
                $table->text('precautions')->nullable();
                $table->string('why', 250)->nullable();
                $table->string('put_by', 100)->nullable();
                $table->dateTime('put_at', 6)->nullable();
            });
        }
        if (! Schema::hasColumn('method_steps', 'answer')) {
            Schema::table('method_steps', function (Blueprint $table): void {
                self::question($table);
                $table->boolean('each_asset')->default(false);
            });
        }
        $this->rounds();
        if (! Schema::hasColumn('order_steps', 'answer')) {
            Schema::table('order_steps', function (Blueprint $table): void {
                self::question($table);
                $table->string('value', 2000)->nullable();
                $table->string('verdict', 8)->nullable();
                $table->foreignId('asset_id')->nullable()->constrained()->restrictOnDelete();
                $table->foreignId('visit_id')->nullable()->constrained()->restrictOnDelete();
                $table->foreignId('reading_id')->nullable()->constrained()->restrictOnDelete();
                $table->foreignId('document_id')->nullable()->constrained()->restrictOnDelete();
                $table->index(['visit_id', 'verdict']);
            });
            Schema::table(
                'order_labour',
                fn (Blueprint $table) => $table->foreignId('visit_id')->nullable()->constrained()->restrictOnDelete(),
            );
            Schema::table(
                'order_visits',
                fn (Blueprint $table) => $table
                    ->foreignId('revision_id')
                    ->nullable()
                    ->constrained('method_revisions')
                    ->restrictOnDelete(),
            );
            Schema::table('work_orders', fn (Blueprint $table) => $table->text('tools')->nullable());
        }
        if (! Schema::hasTable('order_precautions')) {
            Schema::create('order_precautions', function (Blueprint $table): void {
                $table->id();
                $table->foreignId('order_id')->constrained('work_orders')->restrictOnDelete();
                $table->unsignedSmallInteger('position');
                $table->string('text', 250);
                $table->dateTime('confirmed_at', 6)->nullable();
                $table->string('confirmed_by', 100)->nullable();
                $table->unique(['order_id', 'position']);
            });
        }
    }

    private static function question(Blueprint $table): void
    {
        $table->string('answer', 12)->default('tick');
        $table->string('unit', 20)->nullable();
        $table->decimal('low', 14, 3)->nullable();
        $table->decimal('high', 14, 3)->nullable();
        $table->string('choices', 500)->nullable();
    }

    /** Assets that one person walks in order; a schedule of a round stands on its first asset. */
    private function rounds(): void
    {
        if (! Schema::hasTable('rounds')) {
            Schema::create('rounds', function (Blueprint $table): void {
                $table->id();
                $table->foreignId('site_id')->constrained()->restrictOnDelete();
                $table->string('name', 120);
                $table->unsignedInteger('version')->default(1);
                $table->timestamps(6);
                $table->unique(['site_id', 'name']);
            });
        }
        if (! Schema::hasTable('round_stops')) {
            Schema::create('round_stops', function (Blueprint $table): void {
                $table->id();
                $table->foreignId('round_id')->constrained()->restrictOnDelete();
                $table->foreignId('asset_id')->constrained()->restrictOnDelete();
                $table->unsignedSmallInteger('position');
                $table->unsignedSmallInteger('every')->default(1);
                $table->unique(['round_id', 'asset_id']);
            });
        }
        if (! Schema::hasColumn('schedules', 'round_id')) {
            Schema::table(
                'schedules',
                fn (Blueprint $table) => $table->foreignId('round_id')->nullable()->constrained()->restrictOnDelete(),
            );
        }
        if (! Schema::hasTable('order_assets')) {
            Schema::create('order_assets', function (Blueprint $table): void {
                $table->id();
                $table->foreignId('order_id')->constrained('work_orders')->restrictOnDelete();
                $table->foreignId('asset_id')->constrained()->restrictOnDelete();
                $table->unsignedSmallInteger('position');
                $table->unique(['order_id', 'asset_id']);
            });
        }
    }
};
