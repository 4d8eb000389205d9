<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        if (! Schema::hasTable('calendar_feeds')) {
            Schema::create('calendar_feeds', function (Blueprint $table): void {
                $table->id();
                $table->foreignId('user_id')->constrained()->restrictOnDelete();
                $table->foreignId('site_id')->constrained()->restrictOnDelete();
                $table->string('what', 8);
                $table->foreignId('team_id')->nullable()->constrained()->restrictOnDelete();
                // Who reads the table cannot read the calendars.
                $table->char('secret_hash', 64)->unique();
                $table->dateTime('made_at', 6);
                $table->dateTime('used_at', 6)->nullable();
                $table->dateTime('revoked_at', 6)->nullable();
            });
        }
    }
};
