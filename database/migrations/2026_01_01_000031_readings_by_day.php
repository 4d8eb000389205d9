<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    /** The first reading of each day is found without reading the others. */
    public function up(): void
    {
        if (! Schema::hasIndex('reading_totals', ['meter_id', 'on_day', 'at'])) {
            Schema::table(
                'reading_totals',
                fn (Blueprint $table) => $table->index(['meter_id', 'on_day', 'at']),
            );
        }
    }
};
