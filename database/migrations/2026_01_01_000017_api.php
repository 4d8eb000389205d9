<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        if (! Schema::hasTable('personal_access_tokens')) {
            Schema::create('personal_access_tokens', function (Blueprint $table): void {
                $table->id();
                $table->string('tokenable_type', 40);
                $table->unsignedBigInteger('tokenable_id');
                $table->string('name', 80);
                $table->string('token', 64)->unique();
                $table->text('abilities')->nullable();
                $table->dateTime('last_used_at', 6)->nullable();
                $table->dateTime('expires_at', 6)->nullable()->index();
                $table->timestamps(6);
                $table->index(['tokenable_type', 'tokenable_id']);
            });
        }
        if (! Schema::hasTable('idempotency_keys')) {
            Schema::create('idempotency_keys', function (Blueprint $table): void {
                $table->id();
                $table->foreignId('user_id')->constrained()->restrictOnDelete();
                $table->string('name', 120);
                $table->char('request', 64);
                $table->unsignedSmallInteger('status')->nullable();
                $table->longText('body')->nullable();
                $table->string('location', 250)->nullable();
                $table->dateTime('made_at', 6)->index();
                $table->unique(['user_id', 'name']);
            });
        }
    }
};
