<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/** People, their roles and teams, trades with their rates, cost centres, suppliers. */
return new class extends Migration
{
    private const TABLES = [
        <<<'SQL'
            CREATE TABLE IF NOT EXISTS trades (
                id bigint unsigned NOT NULL AUTO_INCREMENT,
                name varchar(60) NOT NULL,
                version int unsigned NOT NULL DEFAULT 1,
                created_at datetime(6),
                updated_at datetime(6),
                PRIMARY KEY (id),
                UNIQUE KEY trades_name_unique (name)
            )
            SQL,
        <<<'SQL'
            CREATE TABLE IF NOT EXISTS users (
                id bigint unsigned NOT NULL AUTO_INCREMENT,
                login varchar(60) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
                name varchar(80) NOT NULL,
                email varchar(120),
                password varchar(255) NOT NULL,
                trade_id bigint unsigned,
                active tinyint NOT NULL DEFAULT 1,
                scheme varchar(8) NOT NULL DEFAULT 'auto',
                remember_token varchar(100),
                week_minutes smallint unsigned NOT NULL DEFAULT 2250,
                plant_admin tinyint NOT NULL DEFAULT 0,
                version int unsigned NOT NULL DEFAULT 1,
                created_at datetime(6),
                updated_at datetime(6),
                PRIMARY KEY (id),
                UNIQUE KEY users_login_unique (login),
                FOREIGN KEY (trade_id) REFERENCES trades (id),
                CONSTRAINT users_flags CHECK (active IN (0, 1) AND plant_admin IN (0, 1)),
                CONSTRAINT users_scheme CHECK (scheme IN ('auto', 'light', 'dark')),
                CONSTRAINT users_week CHECK (week_minutes <= 10080)
            )
            SQL,
        <<<'SQL'
            CREATE TABLE IF NOT EXISTS user_sites (
                user_id bigint unsigned NOT NULL,
                site_id bigint unsigned NOT NULL,
                PRIMARY KEY (user_id, site_id),
                FOREIGN KEY (site_id) REFERENCES sites (id),
                FOREIGN KEY (user_id) REFERENCES users (id)
            )
            SQL,
        <<<'SQL'
            CREATE TABLE IF NOT EXISTS user_roles (
                user_id bigint unsigned NOT NULL,
                site_id bigint unsigned NOT NULL,
                role varchar(20) NOT NULL,
                PRIMARY KEY (user_id, site_id, role),
                FOREIGN KEY (site_id) REFERENCES sites (id),
                FOREIGN KEY (user_id) REFERENCES users (id),
                CONSTRAINT user_roles_role CHECK (role IN ('administrator', 'planner', 'supervisor',
                    'technician', 'storekeeper', 'operator', 'engineer', 'manager'))
            )
            SQL,
        <<<'SQL'
            CREATE TABLE IF NOT EXISTS teams (
                id bigint unsigned NOT NULL AUTO_INCREMENT,
                site_id bigint unsigned NOT NULL,
                name varchar(60) NOT NULL,
                version int unsigned NOT NULL DEFAULT 1,
                created_at datetime(6),
                updated_at datetime(6),
                PRIMARY KEY (id),
                UNIQUE KEY teams_site_id_name_unique (site_id, name),
                UNIQUE KEY teams_id_site_id_unique (id, site_id),
                FOREIGN KEY (site_id) REFERENCES sites (id)
            )
            SQL,
        <<<'SQL'
            CREATE TABLE IF NOT EXISTS team_users (
                team_id bigint unsigned NOT NULL,
                user_id bigint unsigned NOT NULL,
                PRIMARY KEY (team_id, user_id),
                FOREIGN KEY (team_id) REFERENCES teams (id),
                FOREIGN KEY (user_id) REFERENCES users (id)
            )
            SQL,
        <<<'SQL'
            CREATE TABLE IF NOT EXISTS rates (
                id bigint unsigned NOT NULL AUTO_INCREMENT,
                trade_id bigint unsigned,
                user_id bigint unsigned,
                from_day date NOT NULL,
                rate decimal(12,4) unsigned NOT NULL,
                PRIMARY KEY (id),
                UNIQUE KEY rates_trade_id_from_day_unique (trade_id, from_day),
                UNIQUE KEY rates_user_id_from_day_unique (user_id, from_day),
                FOREIGN KEY (trade_id) REFERENCES trades (id),
                FOREIGN KEY (user_id) REFERENCES users (id),
                CONSTRAINT rates_of_one CHECK (trade_id is null <> (user_id is null))
            )
            SQL,
        <<<'SQL'
            CREATE TABLE IF NOT EXISTS cost_centres (
                id bigint unsigned NOT NULL AUTO_INCREMENT,
                code varchar(20) NOT NULL,
                name varchar(80) NOT NULL,
                version int unsigned NOT NULL DEFAULT 1,
                created_at datetime(6),
                updated_at datetime(6),
                PRIMARY KEY (id),
                UNIQUE KEY cost_centres_code_unique (code)
            )
            SQL,
        <<<'SQL'
            CREATE TABLE IF NOT EXISTS suppliers (
                id bigint unsigned NOT NULL AUTO_INCREMENT,
                name varchar(100) NOT NULL,
                contractor tinyint NOT NULL DEFAULT 0,
                serves varchar(250),
                contact varchar(100),
                phone varchar(40),
                email varchar(120),
                website varchar(200),
                address text,
                notes text,
                active tinyint NOT NULL DEFAULT 1,
                version int unsigned NOT NULL DEFAULT 1,
                created_at datetime(6),
                updated_at datetime(6),
                PRIMARY KEY (id),
                UNIQUE KEY suppliers_name_unique (name),
                CONSTRAINT suppliers_flags CHECK (contractor IN (0, 1) AND active IN (0, 1))
            )
            SQL,
        <<<'SQL'
            CREATE TABLE IF NOT EXISTS sign_ins (
                id bigint unsigned NOT NULL AUTO_INCREMENT,
                at datetime(6) NOT NULL,
                user_id bigint unsigned,
                login varchar(60) NOT NULL,
                what varchar(12) NOT NULL,
                ip varchar(45) NOT NULL,
                device varchar(200) NOT NULL,
                PRIMARY KEY (id),
                KEY sign_ins_user_id_id_index (user_id, id),
                FOREIGN KEY (user_id) REFERENCES users (id)
            )
            SQL,
        <<<'SQL'
            CREATE TABLE IF NOT EXISTS sign_in_tries (
                counted char(64) CHARACTER SET ascii COLLATE ascii_general_ci NOT NULL,
                tries int unsigned NOT NULL,
                until datetime(6) NOT NULL,
                PRIMARY KEY (counted)
            )
            SQL,
    ];

    public function up(): void
    {
        foreach (self::TABLES as $table) {
            DB::statement($table);
        }
    }
};
