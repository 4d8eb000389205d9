<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/** When an asset stood; lines, their shifts, and what was made on them. */
return new class extends Migration
{
    private const TABLES = [
        <<<'SQL'
            CREATE TABLE IF NOT EXISTS plant_lines (
                id bigint unsigned NOT NULL AUTO_INCREMENT,
                site_id bigint unsigned NOT NULL,
                asset_id bigint unsigned NOT NULL,
                speed_below int unsigned NOT NULL DEFAULT 0,
                hour_cents int unsigned,
                idle_after int unsigned,
                lowest_percent tinyint unsigned,
                retired tinyint(1) NOT NULL DEFAULT 0,
                version int unsigned NOT NULL DEFAULT 1,
                created_at datetime(6),
                updated_at datetime(6),
                PRIMARY KEY (id),
                UNIQUE KEY plant_lines_asset_id_unique (asset_id),
                UNIQUE KEY plant_lines_id_site_id_unique (id, site_id),
                FOREIGN KEY (asset_id, site_id) REFERENCES assets (id, site_id)
            )
            SQL,
        <<<'SQL'
            CREATE TABLE IF NOT EXISTS line_parts (
                line_id bigint unsigned NOT NULL,
                asset_id bigint unsigned NOT NULL,
                PRIMARY KEY (line_id, asset_id),
                KEY line_parts_asset_id_index (asset_id),
                FOREIGN KEY (line_id) REFERENCES plant_lines (id),
                FOREIGN KEY (asset_id) REFERENCES assets (id)
            )
            SQL,
        <<<'SQL'
            CREATE TABLE IF NOT EXISTS line_patterns (
                id bigint unsigned NOT NULL AUTO_INCREMENT,
                line_id bigint unsigned NOT NULL,
                from_on date NOT NULL,
                turns json NOT NULL,
                stands_on_holidays tinyint(1) NOT NULL DEFAULT 1,
                PRIMARY KEY (id),
                UNIQUE KEY line_patterns_line_id_from_on_unique (line_id, from_on),
                FOREIGN KEY (line_id) REFERENCES plant_lines (id)
            )
            SQL,
        <<<'SQL'
            CREATE TABLE IF NOT EXISTS products (
                id bigint unsigned NOT NULL AUTO_INCREMENT,
                site_id bigint unsigned NOT NULL,
                number varchar(40) NOT NULL,
                name varchar(120) NOT NULL,
                unit varchar(12) NOT NULL,
                retired tinyint(1) NOT NULL DEFAULT 0,
                version int unsigned NOT NULL DEFAULT 1,
                created_at datetime(6),
                updated_at datetime(6),
                PRIMARY KEY (id),
                UNIQUE KEY products_site_id_number_unique (site_id, number),
                FOREIGN KEY (site_id) REFERENCES sites (id)
            )
            SQL,
        <<<'SQL'
            CREATE TABLE IF NOT EXISTS line_rates (
                id bigint unsigned NOT NULL AUTO_INCREMENT,
                line_id bigint unsigned NOT NULL,
                product_id bigint unsigned NOT NULL,
                from_on date NOT NULL,
                ideal_seconds decimal(14,6) NOT NULL,
                PRIMARY KEY (id),
                UNIQUE KEY line_rates_unique (line_id, product_id, from_on),
                FOREIGN KEY (line_id) REFERENCES plant_lines (id),
                FOREIGN KEY (product_id) REFERENCES products (id),
                CONSTRAINT line_rates_ideal CHECK (ideal_seconds > 0)
            )
            SQL,
        <<<'SQL'
            CREATE TABLE IF NOT EXISTS reject_reasons (
                id bigint unsigned NOT NULL AUTO_INCREMENT,
                parent_id bigint unsigned,
                name varchar(60) NOT NULL,
                line_id bigint unsigned,
                retired tinyint(1) NOT NULL DEFAULT 0,
                version int unsigned NOT NULL DEFAULT 1,
                created_at datetime(6),
                updated_at datetime(6),
                PRIMARY KEY (id),
                UNIQUE KEY reject_reasons_name_unique (name),
                FOREIGN KEY (parent_id) REFERENCES reject_reasons (id),
                FOREIGN KEY (line_id) REFERENCES plant_lines (id)
            )
            SQL,
        <<<'SQL'
            CREATE TABLE IF NOT EXISTS shift_records (
                id bigint unsigned NOT NULL AUTO_INCREMENT,
                site_id bigint unsigned NOT NULL,
                line_id bigint unsigned NOT NULL,
                day date NOT NULL,
                shift varchar(40) NOT NULL,
                from_at datetime(6) NOT NULL,
                to_at datetime(6) NOT NULL,
                breaks json NOT NULL,
                team_id bigint unsigned,
                remark varchar(1000),
                planned_s int unsigned NOT NULL DEFAULT 0,
                run_s int unsigned NOT NULL DEFAULT 0,
                ideal_s decimal(20,6) NOT NULL DEFAULT 0,
                good_s decimal(20,6) NOT NULL DEFAULT 0,
                wanted_s int unsigned NOT NULL DEFAULT 0,
                counted_at datetime(6),
                to_count tinyint GENERATED ALWAYS AS (if(counted_at is null or counted_at < to_at,1,NULL)) STORED,
                signed_at datetime(6),
                signed_by bigint unsigned,
                signed_who varchar(80),
                version int unsigned NOT NULL DEFAULT 1,
                created_at datetime(6),
                updated_at datetime(6),
                PRIMARY KEY (id),
                UNIQUE KEY shift_records_line_id_from_at_unique (line_id, from_at),
                KEY shift_records_of_line (line_id, day),
                KEY shift_records_to_count (to_count, site_id, from_at),
                KEY shift_records_of_days (
                    site_id, day, line_id, shift, team_id, planned_s, run_s, wanted_s, ideal_s, good_s
                ),
                FOREIGN KEY (line_id, site_id) REFERENCES plant_lines (id, site_id),
                FOREIGN KEY (team_id) REFERENCES teams (id),
                CONSTRAINT shift_records_span CHECK (to_at > from_at),
                CONSTRAINT shift_records_run CHECK (run_s <= planned_s AND planned_s <= wanted_s),
                CONSTRAINT shift_records_signed CHECK ((signed_at IS NULL) = (signed_who IS NULL))
            )
            SQL,
        <<<'SQL'
            CREATE TABLE IF NOT EXISTS product_runs (
                id bigint unsigned NOT NULL AUTO_INCREMENT,
                record_id bigint unsigned NOT NULL,
                product_id bigint unsigned NOT NULL,
                from_at datetime(6) NOT NULL,
                to_at datetime(6) NOT NULL,
                ideal_seconds decimal(14,6) NOT NULL,
                total int unsigned NOT NULL,
                rejects int unsigned NOT NULL DEFAULT 0,
                reworked int unsigned NOT NULL DEFAULT 0,
                source varchar(8) NOT NULL DEFAULT 'person',
                planned_s int unsigned NOT NULL DEFAULT 0,
                run_s int unsigned NOT NULL DEFAULT 0,
                PRIMARY KEY (id),
                UNIQUE KEY product_runs_record_id_from_at_unique (record_id, from_at, product_id),
                KEY product_runs_product_id_index (product_id, from_at),
                FOREIGN KEY (record_id) REFERENCES shift_records (id),
                FOREIGN KEY (product_id) REFERENCES products (id),
                CONSTRAINT product_runs_span CHECK (to_at > from_at),
                CONSTRAINT product_runs_rejects CHECK (rejects <= total AND reworked <= rejects)
            )
            SQL,
        <<<'SQL'
            CREATE TABLE IF NOT EXISTS run_rejects (
                run_id bigint unsigned NOT NULL,
                reason_id bigint unsigned NOT NULL,
                pieces int unsigned NOT NULL,
                PRIMARY KEY (run_id, reason_id),
                KEY run_rejects_reason_id_index (reason_id),
                FOREIGN KEY (run_id) REFERENCES product_runs (id) ON DELETE CASCADE,
                FOREIGN KEY (reason_id) REFERENCES reject_reasons (id)
            )
            SQL,
        <<<'SQL'
            CREATE TABLE IF NOT EXISTS line_tablets (
                id bigint unsigned NOT NULL AUTO_INCREMENT,
                site_id bigint unsigned NOT NULL,
                line_id bigint unsigned NOT NULL,
                name varchar(60) NOT NULL,
                secret char(64) NOT NULL,
                seen_at datetime(6),
                revoked_at datetime(6),
                created_at datetime(6),
                updated_at datetime(6),
                PRIMARY KEY (id),
                UNIQUE KEY line_tablets_secret_unique (secret),
                KEY line_tablets_line_id_index (line_id),
                FOREIGN KEY (line_id, site_id) REFERENCES plant_lines (id, site_id)
            )
            SQL,
        <<<'SQL'
            CREATE TABLE IF NOT EXISTS maintenance_calls (
                id bigint unsigned NOT NULL AUTO_INCREMENT,
                site_id bigint unsigned NOT NULL,
                line_id bigint unsigned NOT NULL,
                asset_id bigint unsigned NOT NULL,
                words varchar(250) NOT NULL,
                called_at datetime(6) NOT NULL,
                called_who varchar(80) NOT NULL,
                comes_id bigint unsigned,
                comes_who varchar(80),
                comes_at datetime(6),
                arrived_at datetime(6),
                over_at datetime(6),
                subject_kind varchar(20),
                subject_id bigint unsigned,
                subject_label varchar(120),
                open_on bigint unsigned GENERATED ALWAYS AS (if(over_at is null,line_id,NULL)) STORED,
                PRIMARY KEY (id),
                UNIQUE KEY maintenance_calls_open_on_unique (open_on),
                KEY maintenance_calls_site_id_called_at_index (site_id, called_at),
                FOREIGN KEY (line_id, site_id) REFERENCES plant_lines (id, site_id),
                FOREIGN KEY (asset_id, site_id) REFERENCES assets (id, site_id),
                CONSTRAINT maintenance_calls_subject CHECK ((subject_kind IS NULL) = (subject_id IS NULL))
            )
            SQL,
        <<<'SQL'
            CREATE TABLE IF NOT EXISTS tablet_acts (
                id bigint unsigned NOT NULL AUTO_INCREMENT,
                tablet_id bigint unsigned NOT NULL,
                act char(36) NOT NULL,
                said varchar(250),
                record_id bigint unsigned,
                taken_at datetime(6) NOT NULL,
                PRIMARY KEY (id),
                UNIQUE KEY tablet_acts_unique (tablet_id, act),
                FOREIGN KEY (tablet_id) REFERENCES line_tablets (id)
            )
            SQL,
        <<<'SQL'
            CREATE TABLE IF NOT EXISTS line_signals (
                id bigint unsigned NOT NULL AUTO_INCREMENT,
                line_id bigint unsigned NOT NULL,
                at datetime(6) NOT NULL,
                state varchar(8) NOT NULL,
                counter bigint unsigned,
                rejected bigint unsigned,
                product_id bigint unsigned,
                PRIMARY KEY (id),
                UNIQUE KEY line_signals_line_id_at_unique (line_id, at),
                FOREIGN KEY (line_id) REFERENCES plant_lines (id),
                CONSTRAINT line_signals_state CHECK (state IN ('running', 'idle'))
            )
            SQL,
        <<<'SQL'
            CREATE TABLE IF NOT EXISTS line_counts (
                line_id bigint unsigned NOT NULL,
                minute_at datetime NOT NULL,
                pieces int unsigned NOT NULL,
                rejected int unsigned NOT NULL,
                PRIMARY KEY (line_id, minute_at),
                FOREIGN KEY (line_id) REFERENCES plant_lines (id)
            )
            SQL,
        <<<'SQL'
            CREATE TABLE IF NOT EXISTS shift_handovers (
                id bigint unsigned NOT NULL AUTO_INCREMENT,
                site_id bigint unsigned NOT NULL,
                day date NOT NULL,
                shift varchar(40) NOT NULL,
                remarks varchar(4000),
                told json,
                given_at datetime(6),
                given_by bigint unsigned,
                given_who varchar(80),
                taken_at datetime(6),
                taken_by bigint unsigned,
                taken_who varchar(80),
                version int unsigned NOT NULL DEFAULT 1,
                created_at datetime(6),
                updated_at datetime(6),
                PRIMARY KEY (id),
                UNIQUE KEY shift_handovers_unique (site_id, day, shift),
                FOREIGN KEY (site_id) REFERENCES sites (id),
                CONSTRAINT shift_handovers_order CHECK (taken_at IS NULL OR given_at IS NOT NULL)
            )
            SQL,
        <<<'SQL'
            CREATE TABLE IF NOT EXISTS stop_reasons (
                id bigint unsigned NOT NULL AUTO_INCREMENT,
                parent_id bigint unsigned,
                name varchar(60) NOT NULL,
                kind varchar(24) NOT NULL,
                class_id bigint unsigned,
                line_id bigint unsigned,
                retired tinyint(1) NOT NULL DEFAULT 0,
                version int unsigned NOT NULL DEFAULT 1,
                created_at datetime(6),
                updated_at datetime(6),
                PRIMARY KEY (id),
                UNIQUE KEY stop_reasons_name_unique (name),
                FOREIGN KEY (parent_id) REFERENCES stop_reasons (id),
                FOREIGN KEY (class_id) REFERENCES equipment_classes (id),
                FOREIGN KEY (line_id) REFERENCES plant_lines (id),
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
                cause_asset_id bigint unsigned,
                source varchar(8) NOT NULL DEFAULT 'person',
                note varchar(500),
                subject_kind varchar(20),
                subject_id bigint unsigned,
                subject_label varchar(120),
                opened_by bigint unsigned,
                opened_who varchar(80) NOT NULL,
                ended_who varchar(80),
                struck_at datetime(6),
                struck_who varchar(80),
                struck_because varchar(250),
                open_on bigint unsigned GENERATED ALWAYS AS (if(to_at is null and struck_at is
                    null,asset_id,NULL)) STORED,
                is_long tinyint GENERATED ALWAYS AS
                    (if(to_at is null or to_at >= from_at + interval 1 day,1,NULL)) STORED,
                version int unsigned NOT NULL DEFAULT 1,
                created_at datetime(6),
                updated_at datetime(6),
                PRIMARY KEY (asset_id, from_at, id),
                UNIQUE KEY stops_id_unique (id),
                UNIQUE KEY open_on (open_on),
                KEY stops_long_asset_index (is_long, asset_id, from_at),
                KEY stops_long_site_index (is_long, site_id, from_at),
                KEY stops_site_id_from_at_index (site_id, from_at),
                KEY stops_subject_index (subject_kind, subject_id),
                KEY stops_reason (reason_id, site_id, from_at, id),
                FOREIGN KEY (cause_asset_id, site_id) REFERENCES assets (id, site_id),
                FOREIGN KEY (reason_id) REFERENCES stop_reasons (id),
                FOREIGN KEY (asset_id, site_id) REFERENCES assets (id, site_id),
                FOREIGN KEY (site_id) REFERENCES sites (id),
                CONSTRAINT stops_source CHECK (source IN ('person', 'tablet', 'signal')),
                CONSTRAINT stops_subject CHECK ((subject_kind IS NULL) = (subject_id IS NULL)),
                CONSTRAINT stops_planned CHECK (planned IN (0, 1)),
                CONSTRAINT stops_kind CHECK (kind IS NULL OR kind IN ('planned stop', 'changeover', 'failure',
                    'unplanned, no failure', 'starved', 'blocked')),
                CONSTRAINT stops_reasoned CHECK (reason_id IS NULL OR kind IS NOT NULL),
                CONSTRAINT stops_span CHECK (to_at IS NULL OR to_at >= from_at),
                CONSTRAINT stops_struck CHECK ((struck_at IS NULL) = (struck_because IS NULL))
            )
            SQL,
        <<<'SQL'
            CREATE TABLE IF NOT EXISTS stop_days (
                id bigint unsigned NOT NULL AUTO_INCREMENT,
                site_id bigint unsigned NOT NULL,
                asset_id bigint unsigned NOT NULL,
                day date NOT NULL,
                reason varchar(120) NOT NULL,
                reason_id bigint unsigned,
                kind varchar(24),
                planned tinyint NOT NULL,
                stops int unsigned NOT NULL,
                seconds int unsigned NOT NULL,
                PRIMARY KEY (site_id, day, id),
                UNIQUE KEY stop_days_id_unique (id),
                KEY stop_days_asset_id_day_index (asset_id, day),
                FOREIGN KEY (asset_id, site_id) REFERENCES assets (id, site_id),
                FOREIGN KEY (reason_id) REFERENCES stop_reasons (id)
            )
            SQL,
        <<<'SQL'
            CREATE TABLE IF NOT EXISTS shift_reliability (
                id bigint unsigned NOT NULL AUTO_INCREMENT,
                record_id bigint unsigned NOT NULL,
                site_id bigint unsigned NOT NULL,
                line_id bigint unsigned NOT NULL,
                shift varchar(40) NOT NULL,
                from_at datetime(6) NOT NULL,
                to_at datetime(6) NOT NULL,
                product_id bigint unsigned,
                required int unsigned NOT NULL,
                down int unsigned NOT NULL,
                failures int unsigned NOT NULL,
                finished int unsigned NOT NULL,
                repair int unsigned NOT NULL,
                technical int unsigned NOT NULL,
                PRIMARY KEY (record_id, id),
                UNIQUE KEY shift_reliability_id_unique (id),
                KEY shift_reliability_of_days (
                    site_id, product_id, from_at, to_at, line_id, shift, required, down, failures, finished, repair,
                    technical
                ),
                FOREIGN KEY (record_id) REFERENCES shift_records (id) ON DELETE CASCADE,
                FOREIGN KEY (line_id, site_id) REFERENCES plant_lines (id, site_id),
                FOREIGN KEY (product_id) REFERENCES products (id)
            )
            SQL,
        <<<'SQL'
            CREATE TABLE IF NOT EXISTS stop_shift_days (
                id bigint unsigned NOT NULL AUTO_INCREMENT,
                site_id bigint unsigned NOT NULL,
                asset_id bigint unsigned NOT NULL,
                day date NOT NULL,
                shift varchar(40),
                product_id bigint unsigned,
                cause_asset_id bigint unsigned,
                planned tinyint NOT NULL,
                stops int unsigned NOT NULL,
                seconds int unsigned NOT NULL,
                PRIMARY KEY (site_id, day, id),
                UNIQUE KEY stop_shift_days_id_unique (id),
                KEY stop_shift_days_asset_id_day_index (asset_id, day),
                FOREIGN KEY (asset_id, site_id) REFERENCES assets (id, site_id),
                FOREIGN KEY (cause_asset_id, site_id) REFERENCES assets (id, site_id),
                FOREIGN KEY (product_id) REFERENCES products (id)
            )
            SQL,
        <<<'SQL'
            CREATE TABLE IF NOT EXISTS stop_months (
                id bigint unsigned NOT NULL AUTO_INCREMENT,
                site_id bigint unsigned NOT NULL,
                asset_id bigint unsigned NOT NULL,
                month date NOT NULL,
                reason varchar(120) NOT NULL,
                reason_id bigint unsigned,
                kind varchar(24),
                planned tinyint NOT NULL,
                stops int unsigned NOT NULL,
                seconds int unsigned NOT NULL,
                PRIMARY KEY (site_id, month, id),
                UNIQUE KEY stop_months_id_unique (id),
                KEY stop_months_asset_id_month_index (asset_id, month),
                FOREIGN KEY (asset_id, site_id) REFERENCES assets (id, site_id),
                FOREIGN KEY (reason_id) REFERENCES stop_reasons (id)
            )
            SQL,
        <<<'SQL'
            CREATE TABLE IF NOT EXISTS short_stops (
                id bigint unsigned NOT NULL AUTO_INCREMENT,
                site_id bigint unsigned NOT NULL,
                line_id bigint unsigned NOT NULL,
                asset_id bigint unsigned NOT NULL,
                hour_at datetime(6) NOT NULL,
                stops int unsigned NOT NULL,
                seconds int unsigned NOT NULL,
                reason varchar(120) NOT NULL,
                reason_id bigint unsigned,
                kind varchar(24),
                who varchar(80) NOT NULL,
                struck_at datetime(6),
                struck_because varchar(250),
                PRIMARY KEY (id),
                KEY short_stops_line_id_hour_at_index (line_id, hour_at),
                KEY short_stops_site_id_hour_at_index (site_id, hour_at),
                FOREIGN KEY (line_id, site_id) REFERENCES plant_lines (id, site_id),
                FOREIGN KEY (asset_id, site_id) REFERENCES assets (id, site_id),
                FOREIGN KEY (reason_id) REFERENCES stop_reasons (id),
                CONSTRAINT short_stops_some CHECK (stops > 0 AND seconds > 0 AND seconds <= 3600)
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
