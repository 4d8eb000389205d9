<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    /** The horizon of a site asks for the orders of single days. */
    public function up(): void
    {
        if (! Schema::hasIndex('work_orders', 'work_orders_site_id_planned_on_open_due_on_index')) {
            Schema::table(
                'work_orders',
                fn (Blueprint $table) => $table->index(['site_id', 'planned_on', 'open_due_on']),
            );
        }
    }
};
