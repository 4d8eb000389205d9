<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/** When an asset stood. */
return new class extends Migration
{
    private const TABLES = [
        <<<'SQL'
            CREATE TABLE IF NOT EXISTS stop_reasons (
                id bigint unsigned NOT NULL AUTO_INCREMENT,
                parent_id bigint unsigned,
                name varchar(60) NOT NULL,
                kind varchar(24) NOT NULL,
                class_id bigint unsigned,
                retired tinyint(1) NOT NULL DEFAULT 0,
                version int unsigned NOT NULL DEFAULT 1,
                created_at datetime(6),
                updated_at datetime(6),
                PRIMARY KEY (id),
                UNIQUE KEY stop_reasons_name_unique (name),
                FOREIGN KEY (parent_id) REFERENCES stop_reasons (id),
                FOREIGN KEY (class_id) REFERENCES equipment_classes (id),
                CONSTRAINT stop_reasons_kind CHECK (kind IN ('planned stop', 'changeover', 'failure',
                    'unplanned, no failure', 'starved', 'blocked'))
            )
            SQL,
        <<<'SQL'
            CREATE TABLE IF NOT EXISTS stops (
                id bigint unsigned NOT NULL AUTO_INCREMENT,
                site_id bigint unsigned NOT NULL,
                asset_id bigint unsigned NOT NULL,
                from_at datetime(6) NOT NULL,
                to_at datetime(6),
                reason varchar(120) NOT NULL,
                reason_id bigint unsigned,
                kind varchar(24),
                planned tinyint NOT NULL DEFAULT 0,
                note varchar(500),
                opened_by bigint unsigned,
                opened_who varchar(80) NOT NULL,
                ended_who varchar(80),
                struck_at datetime(6),
                struck_who varchar(80),
                struck_because varchar(250),
                open_on bigint unsigned GENERATED ALWAYS AS (if(to_at is null and struck_at is
                    null,asset_id,NULL)) STORED,
                version int unsigned NOT NULL DEFAULT 1,
                created_at datetime(6),
                updated_at datetime(6),
                PRIMARY KEY (id),
                UNIQUE KEY open_on (open_on),
                KEY stops_asset_id_from_at_index (asset_id, from_at),
                KEY stops_site_id_from_at_index (site_id, from_at),
                FOREIGN KEY (reason_id) REFERENCES stop_reasons (id),
                FOREIGN KEY (asset_id, site_id) REFERENCES assets (id, site_id),
                FOREIGN KEY (site_id) REFERENCES sites (id),
                CONSTRAINT stops_planned CHECK (planned IN (0, 1)),
                CONSTRAINT stops_kind CHECK (kind IS NULL OR kind IN ('planned stop', 'changeover', 'failure',
                    'unplanned, no failure', 'starved', 'blocked')),
                CONSTRAINT stops_reasoned CHECK (reason_id IS NULL OR kind IS NOT NULL),
                CONSTRAINT stops_span CHECK (to_at IS NULL OR to_at >= from_at),
                CONSTRAINT stops_struck CHECK ((struck_at IS NULL) = (struck_because IS NULL))
            )
            SQL,
        <<<'SQL'
            CREATE TABLE IF NOT EXISTS failures (
                id bigint unsigned NOT NULL AUTO_INCREMENT,
                site_id bigint unsigned NOT NULL,
                asset_id bigint unsigned NOT NULL,
                failed_at datetime(6) NOT NULL,
                restored_at datetime(6) NOT NULL,
                kind varchar(20) NOT NULL,
                subject_id bigint unsigned NOT NULL,
                label varchar(40) NOT NULL,
                PRIMARY KEY (id),
                UNIQUE KEY failures_kind_subject_id_unique (kind, subject_id),
                KEY failures_asset_id_failed_at_index (asset_id, site_id, failed_at),
                FOREIGN KEY (asset_id, site_id) REFERENCES assets (id, site_id),
                CONSTRAINT failures_span CHECK (restored_at >= failed_at)
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
