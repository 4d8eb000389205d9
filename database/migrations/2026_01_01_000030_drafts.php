<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    /** What somebody typed on a sheet and has not sent yet: one row for each person and record. */
    public function up(): void
    {
        if (! Schema::hasTable('drafts')) {
            Schema::create('drafts', function (Blueprint $table): void {
                $table->foreignId('user_id')->constrained()->restrictOnDelete();
                $table->string('kind', 20);
                $table->unsignedBigInteger('record_id');
                $table->json('forms');
                $table->dateTime('kept_at', 6)->index();
                $table->primary(['user_id', 'kind', 'record_id']);
            });
        }
    }
};
