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
        if (! Schema::hasColumn('users', 'plant_admin')) {
            Schema::table('users', fn (Blueprint $table) => $table->boolean('plant_admin')->default(false));
            DB::statement(
                'UPDATE users SET plant_admin = 1 WHERE id IN (SELECT user_id FROM user_roles WHERE role = '.
                "'administrator')",
            );
        }
        // Account names are compared byte by byte, as they are normalised before they are kept or looked up.
        DB::statement('UPDATE users SET login = LOWER(login)');
        DB::statement('ALTER TABLE users MODIFY login VARCHAR(60) CHARACTER SET ascii COLLATE ascii_bin NOT NULL');
        if (! Schema::hasColumn('user_roles', 'site_id')) {
            $held = DB::table('user_roles as r')
                ->join('user_sites as s', 's.user_id', '=', 'r.user_id')
                ->get(['r.user_id', 's.site_id', 'r.role'])
                ->map(static fn (object $row): array => (array) $row)
                ->all();
            Schema::drop('user_roles');
            Schema::create('user_roles', function (Blueprint $table): void {
                $table->foreignId('user_id')->constrained()->restrictOnDelete();
                $table->foreignId('site_id')->constrained()->restrictOnDelete();
                $table->string('role', 20);
                $table->primary(['user_id', 'site_id', 'role']);
            });
            DB::table('user_roles')->insert($held);
        }
        if (! Schema::hasColumn('once_tokens', 'said')) {
            // The token alone said too little: it is of a person, and of what was typed.
            DB::table('once_tokens')->delete();
            DB::statement('ALTER TABLE once_tokens MODIFY token CHAR(64) CHARACTER SET ascii NOT NULL');
            Schema::table('once_tokens', fn (Blueprint $table) => $table->text('said')->nullable());
        }
        if (! Schema::hasTable('sign_ins')) {
            Schema::create('sign_ins', function (Blueprint $table): void {
                $table->id();
                $table->dateTime('at', 6);
                $table->foreignId('user_id')->nullable()->constrained()->restrictOnDelete();
                $table->string('login', 60);
                $table->string('what', 12);
                $table->string('ip', 45);
                $table->string('device', 200);
                $table->index(['user_id', 'id']);
            });
        }
        if (! Schema::hasColumn('stops', 'struck_at')) {
            Schema::table('stops', function (Blueprint $table): void {
                $table->dateTime('struck_at', 6)->nullable();
                $table->string('struck_who', 80)->nullable();
                $table->string('struck_because', 250)->nullable();
            });
            DB::statement('ALTER TABLE stops DROP COLUMN open_on');
            DB::statement(
                'ALTER TABLE stops ADD COLUMN open_on BIGINT UNSIGNED AS '.
                    '(IF(to_at IS NULL AND struck_at IS NULL, asset_id, NULL)) STORED UNIQUE',
            );
        }
        if (! Schema::hasIndex('work_orders', ['site_id', 'finished_at'])) {
            Schema::table('work_orders', fn (Blueprint $table) => $table->index(['site_id', 'finished_at']));
        }
        DB::statement("UPDATE assets SET search = CONCAT_WS(' ', REGEXP_REPLACE(tag, '[^[:alnum:]]', ''), search)");
        if (! Schema::hasColumn('schedules', 'statutory')) {
            Schema::table('schedules', fn (Blueprint $table) => $table->boolean('statutory')->default(false));
        }
        DB::statement(
            "UPDATE order_steps SET verdict = REPLACE(REPLACE(verdict, 'pass', 'sound'), 'fail', 'faulty'), ".
                "value = IF(answer = 'check', REPLACE(REPLACE(value, 'pass', 'sound'), 'fail', 'faulty'), value) ".
                "WHERE verdict IN ('pass', 'fail')",
        );
        if (! Schema::hasTable('sign_in_tries')) {
            Schema::create('sign_in_tries', function (Blueprint $table): void {
                $table->char('counted', 64)->charset('ascii')->primary();
                $table->unsignedInteger('tries');
                $table->dateTime('until', 6);
            });
        }
    }
};
