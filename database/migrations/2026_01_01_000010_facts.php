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
        Schema::create('suppliers', function (Blueprint $table): void {
            $table->id();
            $table->string('name', 100)->unique();
            $table->boolean('contractor')->default(false);
            $table->string('serves', 250)->nullable();
            $table->string('contact', 100)->nullable();
            $table->string('phone', 40)->nullable();
            $table->string('email', 120)->nullable();
            $table->string('website', 200)->nullable();
            $table->text('address')->nullable();
            $table->text('notes')->nullable();
            $table->boolean('active')->default(true);
            $table->unsignedInteger('version')->default(1);
            $table->timestamps(6);
        });
        Schema::create('cost_centres', function (Blueprint $table): void {
            $table->id();
            $table->string('code', 20)->unique();
            $table->string('name', 80);
            $table->unsignedInteger('version')->default(1);
            $table->timestamps(6);
        });
        Schema::create('units', function (Blueprint $table): void {
            $table->id();
            $table->string('symbol', 12)->unique();
            $table->string('name', 60);
            $table->unsignedInteger('version')->default(1);
            $table->timestamps(6);
        });
        Schema::create('life_state_meanings', function (Blueprint $table): void {
            $table->string('state', 16)->primary();
            $table->string('meaning', 250);
        });
        Schema::table('equipment_classes', function (Blueprint $table): void {
            // The level of ISO 14224's taxonomy: 6 equipment unit, 7 subunit, 8 maintainable item, 9 part.
            $table->unsignedTinyInteger('level')->default(6);
        });
        Schema::table('assets', function (Blueprint $table): void {
            $table->foreignId('cost_centre_id')->nullable()->constrained()->restrictOnDelete();
            $table->foreignId('supplier_id')->nullable()->constrained()->restrictOnDelete();
            $table->date('purchased_on')->nullable();
            $table->bigInteger('purchase_cents')->nullable();
            $table->bigInteger('replacement_cents')->nullable();
            $table->date('warranty_until')->nullable();
            $table->foreignId('merged_into_id')->nullable()->constrained('assets')->restrictOnDelete();
            // What a search looks through: kept up from the facts and the extra fields that are words.
            $table->text('search')->nullable();
            $table->index(['site_id', 'life_state']);
        });
        DB::statement("UPDATE assets SET search = CONCAT_WS(' ', tag, name, make, model, serial)");
        Schema::create('extra_fields', function (Blueprint $table): void {
            $table->id();
            $table->string('name', 60);
            $table->string('type', 12);
            $table->string('unit', 12)->default('');
            $table->json('choices')->nullable();
            $table->foreignId('class_id')->nullable()->constrained('equipment_classes')->restrictOnDelete();
            $table->boolean('required')->default(false);
            $table->boolean('retired')->default(false);
            $table->unsignedInteger('version')->default(1);
            $table->timestamps(6);
            $table->unique(['name', 'class_id']);
        });
        Schema::create('extra_values', function (Blueprint $table): void {
            $table->foreignId('field_id')->constrained('extra_fields')->restrictOnDelete();
            $table->foreignId('asset_id')->constrained()->restrictOnDelete();
            $table->string('value', 500);
            // The same as a number to sort and compare by: thousandths, cents, days since 1970, 1 for yes.
            $table->bigInteger('size')->nullable();
            $table->primary(['asset_id', 'field_id']);
            $table->index(['field_id', 'size']);
        });
        DB::statement('CREATE INDEX extra_values_field_value ON extra_values (field_id, value(60))');
    }
};
