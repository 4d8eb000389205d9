<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('audit_entries', function (Blueprint $table): void {
            $table->index(['site_id', 'id']);
            $table->index(['site_id', 'kind', 'id']);
            $table->index(['site_id', 'user_id', 'id']);
        });
        Schema::table('asset_summaries', function (Blueprint $table): void {
            $table->dateTime('down_since', 6)->nullable();
        });
        Schema::create('stops', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('site_id')->constrained()->restrictOnDelete();
            $table->foreignId('asset_id')->constrained()->restrictOnDelete();
            $table->dateTime('from_at', 6);
            $table->dateTime('to_at', 6)->nullable();
            $table->string('reason', 120);
            $table->boolean('planned')->default(false);
            $table->string('note', 500)->nullable();
            $table->unsignedBigInteger('opened_by')->nullable();
            $table->string('opened_who', 80);
            $table->string('ended_who', 80)->nullable();
            // One open stop at most for each asset.
            $table
                ->unsignedBigInteger('open_on')
                ->nullable()
                ->storedAs('IF(to_at IS NULL, asset_id, NULL)')
                ->unique();
            $table->unsignedInteger('version')->default(1);
            $table->timestamps(6);
            $table->index(['asset_id', 'from_at']);
            $table->index(['site_id', 'from_at']);
        });
    }
};
