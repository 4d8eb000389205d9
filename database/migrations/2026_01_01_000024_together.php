<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    /** Assets that stand still together, so that work on one is a chance for the others; and visits moved by hand. */
    public function up(): void
    {
        if (! Schema::hasTable('stop_groups')) {
            Schema::create('stop_groups', function (Blueprint $table): void {
                $table->id();
                $table->foreignId('site_id')->constrained()->restrictOnDelete();
                $table->timestamps(6);
            });
        }
        if (! Schema::hasColumn('assets', 'stop_group_id')) {
            Schema::table(
                'assets',
                fn (Blueprint $table) => $table
                    ->foreignId('stop_group_id')
                    ->nullable()
                    ->constrained()
                    ->restrictOnDelete(),
            );
        }
        if (! Schema::hasColumn('schedules', 'moved_to')) {
            Schema::table('schedules', function (Blueprint $table): void {
                $table->date('moved_to')->nullable();
                $table->date('moved_from')->nullable();
            });
            Schema::table(
                'users',
                fn (Blueprint $table) => $table->unsignedSmallInteger('week_minutes')->default(2250),
            );
        }
    }
};
