<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('meters', function (Blueprint $table): void {
            $table->string('kind', 8)->default('counter');
            $table->decimal('low_limit', 14, 3)->nullable();
            $table->decimal('high_limit', 14, 3)->nullable();
            $table->decimal('hysteresis', 14, 3)->default(0);
            // Which limit its last readings lie beyond, kept by the actions that take and strike out readings.
            $table->string('beyond', 4)->nullable();
            $table->index(['site_id', 'beyond']);
        });
    }
};
