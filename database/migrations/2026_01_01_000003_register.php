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
        Schema::create('equipment_classes', function (Blueprint $table): void {
            $table->id();
            $table->string('name', 60)->unique();
            $table->unsignedInteger('version')->default(1);
            $table->timestamps(6);
        });
        Schema::create('locations', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('site_id')->constrained()->restrictOnDelete();
            $table->foreignId('parent_id')->nullable()->constrained('locations')->restrictOnDelete();
            $table->string('tag', 40);
            $table->string('name', 100);
            // Materialised path of ids from the top: /L1/L7/. An asset's goes on from its location's: /L1/L7/A12/A40/.
            $table->string('path', 400)->charset('ascii')->collation('ascii_bin')->default('/')->index();
            $table->unsignedInteger('version')->default(1);
            $table->timestamps(6);
            $table->unique(['site_id', 'tag']);
        });
        Schema::create('location_operators', function (Blueprint $table): void {
            $table->foreignId('location_id')->constrained()->restrictOnDelete();
            $table->foreignId('user_id')->constrained()->restrictOnDelete();
            $table->primary(['location_id', 'user_id']);
        });
        Schema::create('assets', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('site_id')->constrained()->restrictOnDelete();
            $table->foreignId('location_id')->nullable()->constrained()->restrictOnDelete();
            $table->foreignId('parent_id')->nullable()->constrained('assets')->restrictOnDelete();
            $table->foreignId('class_id')->constrained('equipment_classes')->restrictOnDelete();
            $table->foreignId('team_id')->nullable()->constrained()->restrictOnDelete();
            $table->string('tag', 40);
            $table->string('name', 100);
            $table->string('make', 80)->nullable();
            $table->string('model', 80)->nullable();
            $table->string('serial', 80)->nullable();
            $table->char('criticality', 1)->default('C');
            $table->string('life_state', 16)->default('in service');
            $table->date('in_service_on')->nullable();
            $table->date('out_of_use_since')->nullable();
            $table->text('notes')->nullable();
            $table->string('path', 400)->charset('ascii')->collation('ascii_bin')->default('/')->index();
            $table->unsignedInteger('version')->default(1);
            $table->timestamps(6);
            $table->unique(['site_id', 'tag']);
            $table->index(['site_id', 'name']);
        });
        DB::statement(
            'ALTER TABLE assets ADD CONSTRAINT assets_stand_somewhere CHECK ((location_id IS NULL) <> (parent_id '.
                'IS NULL))',
        );
        // What lists filter and sort by, kept up by the floors above: how near the next visit is, and what is open.
        Schema::create('asset_summaries', function (Blueprint $table): void {
            $table->foreignId('asset_id')->primary()->constrained()->restrictOnDelete();
            $table->date('base_on')->nullable();
            $table->date('next_due_on')->nullable()->index();
            $table->date('near_from')->nullable();
            $table->date('release_on')->nullable();
            $table->string('headline', 120)->nullable();
            $table->date('hand_base_on')->nullable();
            $table->date('hand_due_on')->nullable();
            $table->string('hand_label', 40)->nullable();
            $table->unsignedInteger('open_orders')->default(0);
        });
        Schema::create('register_imports', function (Blueprint $table): void {
            $table->char('id', 36)->primary();
            $table->foreignId('site_id')->constrained()->restrictOnDelete();
            $table->unsignedBigInteger('user_id')->nullable();
            $table->string('file_name', 150);
            $table->longText('content');
            $table->dateTime('made_at', 6);
            $table->dateTime('loaded_at', 6)->nullable();
            $table->unsignedInteger('loaded')->nullable();
        });
    }
};
