<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    /** A gauge beyond a limit, for so many readings in a row, makes a visit due. */
    public function up(): void
    {
        if (! Schema::hasColumn('schedules', 'gauge_id')) {
            Schema::table('schedules', function (Blueprint $table): void {
                $table->foreignId('gauge_id')->nullable()->constrained('meters')->restrictOnDelete();
                $table->string('condition_beyond', 4)->nullable();
                $table->decimal('condition_limit', 14, 3)->nullable();
                $table->unsignedTinyInteger('condition_readings')->nullable();
                $table->decimal('condition_hysteresis', 14, 3)->nullable();
                // Where it stands: readings since then count, armed or not, and the one that made it due
                $table->dateTime('condition_since')->nullable();
                $table->string('condition_arming', 40)->default('armed');
                $table->date('condition_on')->nullable();
                $table->foreignId('condition_reading_id')->nullable()->constrained('readings')->restrictOnDelete();
            });
        }
        if (! Schema::hasColumn('visits', 'reading_id')) {
            Schema::table(
                'visits',
                fn (Blueprint $table) => $table
                    ->foreignId('reading_id')
                    ->nullable()
                    ->constrained()
                    ->restrictOnDelete(),
            );
        }
        // The leading trigger's word is longer than it was.
        Schema::table(
            'schedules',
            fn (Blueprint $table) => $table->string('leading', 10)->default('calendar')->change(),
        );
        Schema::table(
            'visits',
            fn (Blueprint $table) => $table->string('leading', 10)->default('calendar')->change(),
        );
    }
};
