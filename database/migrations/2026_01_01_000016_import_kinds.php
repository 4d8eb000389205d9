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
        if (Schema::hasTable('register_imports')) {
            Schema::rename('register_imports', 'imports');
        }
        if (! Schema::hasColumn('imports', 'state')) {
            Schema::table('imports', function (Blueprint $table): void {
                $table->string('state', 12)->default('checked');
                $table->json('mapping')->nullable();
                $table->json('style')->nullable();
                $table->longText('trial')->nullable();
                $table->string('failure', 500)->nullable();
                $table->unsignedInteger('made')->default(0);
                $table->unsignedInteger('changed')->default(0);
                $table->dateTime('taken_back_at', 6)->nullable();
                $table->unsignedInteger('loaded_as')->nullable();
                $table->index(['site_id', 'what', 'state', 'loaded_as']);
            });
        }
        if (Schema::hasColumn('imports', 'loaded')) {
            DB::table('imports')
                ->whereNotNull('loaded_at')
                ->update(['state' => 'loaded', 'made' => DB::raw('COALESCE(loaded, 0)')]);
            Schema::table('imports', fn (Blueprint $table) => $table->dropColumn('loaded'));
        }
        if (! Schema::hasTable('import_traces')) {
            Schema::create('import_traces', function (Blueprint $table): void {
                $table->id();
                $table->char('import_id', 36);
                $table->foreign('import_id')->references('id')->on('imports')->restrictOnDelete();
                $table->string('kind', 20);
                $table->unsignedBigInteger('subject_id');
                $table->string('did', 8);
                $table->json('before');
                $table->json('after');
            });
        }
    }
};
