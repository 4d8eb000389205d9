<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        if (! Schema::hasColumn('extra_fields', 'position')) {
            // Fields of equal position stand by name, as they all did before.
            Schema::table(
                'extra_fields',
                fn (Blueprint $table) => $table->unsignedInteger('position')->default(1000),
            );
        }
    }
};
