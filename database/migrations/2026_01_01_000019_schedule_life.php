<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        if (! Schema::hasColumn('schedules', 'paused_from')) {
            Schema::table('schedules', function (Blueprint $table): void {
                $table->date('paused_from')->nullable();
                $table->date('paused_until')->nullable();
                $table->string('pause_reason', 250)->nullable();
                $table->index(['site_id', 'paused_from']);
            });
        }
        if (! Schema::hasColumn('release_batches', 'undone_at')) {
            Schema::table('release_batches', function (Blueprint $table): void {
                $table->dateTime('undone_at', 6)->nullable();
                $table->string('undone_by', 100)->nullable();
            });
        }
    }
};
