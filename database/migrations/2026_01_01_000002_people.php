<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('trades', function (Blueprint $table): void {
            $table->id();
            $table->string('name', 60)->unique();
            $table->unsignedInteger('version')->default(1);
            $table->timestamps(6);
        });
        Schema::create('users', function (Blueprint $table): void {
            $table->id();
            $table->string('login', 60)->unique();
            $table->string('name', 80);
            $table->string('email', 120)->nullable();
            $table->string('password');
            $table->foreignId('trade_id')->nullable()->constrained()->restrictOnDelete();
            $table->boolean('active')->default(true);
            $table->string('scheme', 8)->default('auto');
            $table->rememberToken();
            $table->unsignedInteger('version')->default(1);
            $table->timestamps(6);
        });
        Schema::create('user_roles', function (Blueprint $table): void {
            $table->foreignId('user_id')->constrained()->restrictOnDelete();
            $table->string('role', 20);
            $table->primary(['user_id', 'role']);
        });
        Schema::create('user_sites', function (Blueprint $table): void {
            $table->foreignId('user_id')->constrained()->restrictOnDelete();
            $table->foreignId('site_id')->constrained()->restrictOnDelete();
            $table->primary(['user_id', 'site_id']);
        });
        Schema::create('teams', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('site_id')->constrained()->restrictOnDelete();
            $table->string('name', 60);
            $table->unsignedInteger('version')->default(1);
            $table->timestamps(6);
            $table->unique(['site_id', 'name']);
        });
        Schema::create('team_users', function (Blueprint $table): void {
            $table->foreignId('team_id')->constrained()->restrictOnDelete();
            $table->foreignId('user_id')->constrained()->restrictOnDelete();
            $table->primary(['team_id', 'user_id']);
        });
        Schema::create('rates', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('trade_id')->nullable()->constrained()->restrictOnDelete();
            $table->foreignId('user_id')->nullable()->constrained()->restrictOnDelete();
            $table->date('from_day');
            $table->unsignedInteger('cents_per_hour');
            $table->unique(['trade_id', 'from_day']);
            $table->unique(['user_id', 'from_day']);
        });
        DB::statement(
            'ALTER TABLE rates ADD CONSTRAINT rates_of_one CHECK ((trade_id IS NULL) <> (user_id IS NULL))',
        );
    }
};
