<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('work_orders', function (Blueprint $table): void {
            $table->index(['site_id', 'state', 'planned_on']);
            $table->index(['team_id', 'state', 'due_on']);
        });
        Schema::table('schedules', function (Blueprint $table): void {
            $table->index(['site_id', 'ended', 'late_from']);
            $table->index(['site_id', 'ended', 'near_from']);
            $table->index(['site_id', 'usage_reached', 'usage_on']);
            $table->index(['site_id', 'name']);
        });
    }
};
