<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('user_settings', function (Blueprint $table): void {
            $table->foreignId('user_id')->constrained()->restrictOnDelete();
            $table->string('name', 40);
            $table->json('value');
            $table->primary(['user_id', 'name']);
        });
        Schema::create('saved_filters', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('site_id')->constrained()->restrictOnDelete();
            $table->foreignId('user_id')->constrained()->restrictOnDelete();
            $table->string('list', 24);
            $table->string('name', 60);
            $table->boolean('shared')->default(false);
            $table->json('query');
            $table->unique(['user_id', 'site_id', 'list', 'name']);
        });
        Schema::create('bulk_edits', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('site_id')->constrained()->restrictOnDelete();
            $table->foreignId('user_id')->constrained()->restrictOnDelete();
            $table->string('field', 40);
            // What each asset held before, and what it holds since.
            $table->json('before');
            $table->string('after', 500)->nullable();
            $table->dateTime('made_at', 6);
            $table->dateTime('undone_at', 6)->nullable();
        });
    }
};
