<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    /** Changes of schedules that take effect on a day to come; one at most stands for each. */
    public function up(): void
    {
        if (! Schema::hasTable('schedule_changes')) {
            Schema::create('schedule_changes', function (Blueprint $table): void {
                $table->foreignId('schedule_id')->primary()->constrained()->restrictOnDelete();
                $table->foreignId('site_id')->constrained()->restrictOnDelete();
                $table->date('from_on');
                $table->json('input');
                $table->unsignedBigInteger('user_id')->nullable();
                $table->string('who', 100);
                $table->dateTime('made_at', 6);
                $table->index(['site_id', 'from_on']);
            });
        }
    }
};
