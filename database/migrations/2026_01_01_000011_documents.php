<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('asset_parts', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('asset_id')->constrained()->restrictOnDelete();
            $table->string('number', 60);
            $table->string('name', 120);
            $table->decimal('quantity', 14, 3);
            $table->string('note', 200)->nullable();
            $table->unique(['asset_id', 'number']);
        });
        // A content is kept once, whatever it is attached to and however often.
        Schema::create('files', function (Blueprint $table): void {
            $table->id();
            $table->char('sha256', 64)->charset('ascii')->collation('ascii_bin')->unique();
            $table->string('type', 80);
            $table->unsignedBigInteger('size');
            $table->unsignedInteger('width')->nullable();
            $table->unsignedInteger('height')->nullable();
            $table->dateTime('stored_at', 6);
        });
        Schema::create('documents', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('file_id')->constrained()->restrictOnDelete();
            $table->string('kind', 24);
            $table->unsignedBigInteger('subject_id');
            $table->unsignedBigInteger('site_id')->nullable();
            $table->string('name', 150);
            $table->boolean('main')->default(false);
            // What was drawn on a photo, over the untouched original.
            $table->json('marks')->nullable();
            $table->unsignedBigInteger('user_id')->nullable();
            $table->string('who', 80);
            $table->dateTime('added_at', 6);
            $table->dateTime('removed_at', 6)->nullable();
            $table->unsignedInteger('version')->default(1);
            $table->index(['kind', 'subject_id', 'removed_at']);
        });
        Schema::create('expiry_dates', function (Blueprint $table): void {
            $table->id();
            $table->unsignedBigInteger('site_id')->nullable();
            $table->string('kind', 24);
            $table->unsignedBigInteger('subject_id');
            $table->string('what', 100);
            $table->date('until');
            $table->unsignedSmallInteger('warn_days')->default(30);
            $table->date('warn_from');
            $table->foreignId('document_id')->nullable()->constrained()->restrictOnDelete();
            $table->string('note', 250)->nullable();
            $table->foreignId('renewed_by_id')->nullable()->constrained('expiry_dates')->restrictOnDelete();
            $table->dateTime('ended_at', 6)->nullable();
            $table->unsignedInteger('version')->default(1);
            $table->timestamps(6);
            $table->index(['kind', 'subject_id']);
            $table->index(['site_id', 'ended_at', 'warn_from']);
            $table->index(['site_id', 'ended_at', 'until']);
        });
    }
};
