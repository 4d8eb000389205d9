<?php

declare(strict_types=1);

use App\Platform\Writing\Ledgers;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/** Places and assets, what is known of them, and their meters with every reading. */
return new class extends Migration
{
    private const TABLES = [
        <<<'SQL'
            CREATE TABLE IF NOT EXISTS equipment_classes (
                id bigint unsigned NOT NULL AUTO_INCREMENT,
                name varchar(60) NOT NULL,
                level tinyint unsigned NOT NULL DEFAULT 6,
                version int unsigned NOT NULL DEFAULT 1,
                created_at datetime(6),
                updated_at datetime(6),
                PRIMARY KEY (id),
                UNIQUE KEY equipment_classes_name_unique (name),
                CONSTRAINT equipment_classes_level CHECK (level BETWEEN 1 AND 9)
            )
            SQL,
        <<<'SQL'
            CREATE TABLE IF NOT EXISTS life_state_meanings (
                state varchar(16) NOT NULL,
                meaning varchar(250) NOT NULL,
                PRIMARY KEY (state),
                CONSTRAINT life_state_meanings_state CHECK (state IN ('in service', 'standby', 'out of service',
                    'retired'))
            )
            SQL,
        <<<'SQL'
            CREATE TABLE IF NOT EXISTS extra_fields (
                id bigint unsigned NOT NULL AUTO_INCREMENT,
                name varchar(60) NOT NULL,
                type varchar(12) NOT NULL,
                unit varchar(12) NOT NULL DEFAULT '',
                choices json,
                class_id bigint unsigned,
                required tinyint NOT NULL DEFAULT 0,
                retired tinyint NOT NULL DEFAULT 0,
                position int unsigned NOT NULL DEFAULT 1000,
                version int unsigned NOT NULL DEFAULT 1,
                created_at datetime(6),
                updated_at datetime(6),
                PRIMARY KEY (id),
                UNIQUE KEY extra_fields_name_class_id_unique (name, class_id),
                FOREIGN KEY (class_id) REFERENCES equipment_classes (id),
                CONSTRAINT extra_fields_type CHECK (type IN ('text', 'number', 'money', 'date', 'yes or no',
                    'choice', 'document', 'link')),
                CONSTRAINT extra_fields_flags CHECK (required IN (0, 1) AND retired IN (0, 1))
            )
            SQL,
        <<<'SQL'
            CREATE TABLE IF NOT EXISTS locations (
                id bigint unsigned NOT NULL AUTO_INCREMENT,
                site_id bigint unsigned NOT NULL,
                parent_id bigint unsigned,
                tag varchar(40) NOT NULL,
                name varchar(100) NOT NULL,
                path varchar(400) CHARACTER SET ascii COLLATE ascii_bin NOT NULL DEFAULT '/',
                version int unsigned NOT NULL DEFAULT 1,
                created_at datetime(6),
                updated_at datetime(6),
                PRIMARY KEY (id),
                UNIQUE KEY locations_site_id_tag_unique (site_id, tag),
                KEY locations_path_index (path),
                UNIQUE KEY locations_id_site_id_unique (id, site_id),
                FOREIGN KEY (parent_id, site_id) REFERENCES locations (id, site_id),
                FOREIGN KEY (site_id) REFERENCES sites (id)
            )
            SQL,
        <<<'SQL'
            CREATE TABLE IF NOT EXISTS location_operators (
                location_id bigint unsigned NOT NULL,
                user_id bigint unsigned NOT NULL,
                PRIMARY KEY (location_id, user_id),
                FOREIGN KEY (location_id) REFERENCES locations (id),
                FOREIGN KEY (user_id) REFERENCES users (id)
            )
            SQL,
        <<<'SQL'
            CREATE TABLE IF NOT EXISTS ties (
                id bigint unsigned NOT NULL AUTO_INCREMENT,
                site_id bigint unsigned NOT NULL,
                created_at datetime(6),
                updated_at datetime(6),
                PRIMARY KEY (id),
                UNIQUE KEY ties_id_site_id_unique (id, site_id),
                FOREIGN KEY (site_id) REFERENCES sites (id)
            )
            SQL,
        <<<'SQL'
            CREATE TABLE IF NOT EXISTS assets (
                id bigint unsigned NOT NULL AUTO_INCREMENT,
                site_id bigint unsigned NOT NULL,
                location_id bigint unsigned,
                parent_id bigint unsigned,
                class_id bigint unsigned NOT NULL,
                team_id bigint unsigned,
                tag varchar(40) NOT NULL,
                name varchar(100) NOT NULL,
                make varchar(80),
                model varchar(80),
                serial varchar(80),
                criticality char(1) NOT NULL DEFAULT 'C',
                life_state varchar(16) NOT NULL DEFAULT 'in service',
                in_service_on date,
                out_of_use_since date,
                notes text,
                path varchar(400) CHARACTER SET ascii COLLATE ascii_bin NOT NULL DEFAULT '/',
                cost_centre_id bigint unsigned,
                supplier_id bigint unsigned,
                purchased_on date,
                purchase_cents bigint,
                replacement_cents bigint,
                warranty_until date,
                merged_into_id bigint unsigned,
                search text,
                tie_id bigint unsigned,
                version int unsigned NOT NULL DEFAULT 1,
                created_at datetime(6),
                updated_at datetime(6),
                PRIMARY KEY (id),
                UNIQUE KEY assets_site_id_tag_unique (site_id, tag),
                KEY assets_site_id_name_index (site_id, name),
                KEY assets_path_index (path),
                KEY assets_of_site (site_id, life_state, class_id, path),
                KEY assets_in_service (site_id, in_service_on),
                UNIQUE KEY assets_id_site_id_unique (id, site_id),
                FOREIGN KEY (class_id) REFERENCES equipment_classes (id),
                FOREIGN KEY (cost_centre_id) REFERENCES cost_centres (id),
                FOREIGN KEY (location_id, site_id) REFERENCES locations (id, site_id),
                FOREIGN KEY (merged_into_id, site_id) REFERENCES assets (id, site_id),
                FOREIGN KEY (parent_id, site_id) REFERENCES assets (id, site_id),
                FOREIGN KEY (site_id) REFERENCES sites (id),
                FOREIGN KEY (tie_id, site_id) REFERENCES ties (id, site_id),
                FOREIGN KEY (supplier_id) REFERENCES suppliers (id),
                FOREIGN KEY (team_id, site_id) REFERENCES teams (id, site_id),
                CONSTRAINT assets_stand_somewhere CHECK (location_id is null <> (parent_id is null)),
                CONSTRAINT assets_life_state CHECK (life_state IN ('in service', 'standby', 'out of service',
                    'retired')),
                CONSTRAINT assets_criticality CHECK (criticality IN ('A', 'B', 'C')),
                CONSTRAINT assets_money CHECK ((purchase_cents IS NULL OR purchase_cents >= 0) AND
                    (replacement_cents IS NULL OR replacement_cents >= 0))
            )
            SQL,
        <<<'SQL'
            CREATE TABLE IF NOT EXISTS extra_values (
                field_id bigint unsigned NOT NULL,
                asset_id bigint unsigned NOT NULL,
                value varchar(500) NOT NULL,
                size bigint,
                PRIMARY KEY (asset_id, field_id),
                KEY extra_values_field_id_size_index (field_id, size),
                KEY extra_values_field_value (field_id, value(60)),
                FOREIGN KEY (asset_id) REFERENCES assets (id),
                FOREIGN KEY (field_id) REFERENCES extra_fields (id)
            )
            SQL,
        <<<'SQL'
            CREATE TABLE IF NOT EXISTS asset_summaries (
                asset_id bigint unsigned NOT NULL,
                base_on date,
                next_due_on date,
                near_from date,
                release_on date,
                headline varchar(120),
                hand_base_on date,
                hand_due_on date,
                hand_label varchar(40),
                open_orders int unsigned NOT NULL DEFAULT 0,
                restriction varchar(120),
                late_from date,
                expected tinyint NOT NULL DEFAULT 0,
                other_due_on date,
                site_id bigint unsigned,
                urgency tinyint unsigned NOT NULL DEFAULT 5,
                urgent_on date,
                changes_on date,
                down_since datetime(6),
                area_id bigint unsigned,
                PRIMARY KEY (asset_id),
                KEY asset_summaries_site_id_urgency_urgent_on_asset_id_index (site_id, urgency, urgent_on, asset_id),
                KEY asset_summaries_site_id_changes_on_index (site_id, changes_on),
                KEY asset_summaries_of_areas (site_id, area_id, urgency, base_on, next_due_on, open_orders),
                FOREIGN KEY (asset_id) REFERENCES assets (id),
                FOREIGN KEY (site_id) REFERENCES sites (id),
                FOREIGN KEY (area_id) REFERENCES locations (id),
                CONSTRAINT asset_summaries_expected CHECK (expected IN (0, 1))
            )
            SQL,
        <<<'SQL'
            CREATE TABLE IF NOT EXISTS expiry_dates (
                id bigint unsigned NOT NULL AUTO_INCREMENT,
                site_id bigint unsigned,
                kind varchar(24) NOT NULL,
                subject_id bigint unsigned NOT NULL,
                what varchar(100) NOT NULL,
                until date NOT NULL,
                warn_days smallint unsigned NOT NULL DEFAULT 30,
                warn_from date NOT NULL,
                document_id bigint unsigned,
                note varchar(250),
                renewed_by_id bigint unsigned,
                ended_at datetime(6),
                version int unsigned NOT NULL DEFAULT 1,
                created_at datetime(6),
                updated_at datetime(6),
                PRIMARY KEY (id),
                KEY expiry_dates_kind_subject_id_index (kind, subject_id),
                KEY expiry_dates_site_id_ended_at_warn_from_index (site_id, ended_at, warn_from),
                KEY expiry_dates_site_id_ended_at_until_index (site_id, ended_at, until),
                FOREIGN KEY (document_id) REFERENCES documents (id),
                FOREIGN KEY (renewed_by_id) REFERENCES expiry_dates (id),
                CONSTRAINT expiry_dates_warning CHECK (warn_from <= until)
            )
            SQL,
        <<<'SQL'
            CREATE TABLE IF NOT EXISTS units (
                id bigint unsigned NOT NULL AUTO_INCREMENT,
                symbol varchar(12) NOT NULL,
                name varchar(60) NOT NULL,
                version int unsigned NOT NULL DEFAULT 1,
                created_at datetime(6),
                updated_at datetime(6),
                PRIMARY KEY (id),
                UNIQUE KEY units_symbol_unique (symbol)
            )
            SQL,
        <<<'SQL'
            CREATE TABLE IF NOT EXISTS meters (
                id bigint unsigned NOT NULL AUTO_INCREMENT,
                site_id bigint unsigned NOT NULL,
                asset_id bigint unsigned NOT NULL,
                name varchar(80) NOT NULL,
                unit varchar(12) NOT NULL,
                decimals tinyint unsigned NOT NULL DEFAULT 0,
                rolls_over_at decimal(14,3),
                expected_per_year decimal(14,3),
                window_days smallint unsigned NOT NULL DEFAULT 90,
                last_at datetime(6),
                last_on date,
                last_shown decimal(14,3),
                last_total decimal(14,3),
                rate_units bigint,
                rate_days bigint,
                fast_units bigint,
                fast_days bigint,
                slow_units bigint,
                slow_days bigint,
                rate_from varchar(16) NOT NULL DEFAULT 'nothing',
                since_on date,
                since_total decimal(14,3),
                stands_on date,
                kind varchar(8) NOT NULL DEFAULT 'counter',
                low_limit decimal(14,3),
                high_limit decimal(14,3),
                hysteresis decimal(14,3) NOT NULL DEFAULT 0.000,
                beyond varchar(4),
                version int unsigned NOT NULL DEFAULT 1,
                created_at datetime(6),
                updated_at datetime(6),
                PRIMARY KEY (id),
                UNIQUE KEY meters_asset_id_name_unique (asset_id, name),
                KEY meters_site_id_index (site_id),
                KEY meters_site_id_beyond_index (site_id, beyond),
                UNIQUE KEY meters_id_site_id_unique (id, site_id),
                FOREIGN KEY (asset_id, site_id) REFERENCES assets (id, site_id),
                FOREIGN KEY (site_id) REFERENCES sites (id),
                CONSTRAINT meters_kind CHECK (kind IN ('counter', 'gauge')),
                CONSTRAINT meters_rate_from CHECK (rate_from IN ('readings', 'expected use', 'nothing')),
                CONSTRAINT meters_beyond CHECK (beyond IS NULL OR beyond IN ('low', 'high')),
                CONSTRAINT meters_limits CHECK (low_limit IS NULL OR high_limit IS NULL OR low_limit < high_limit),
                CONSTRAINT meters_signs CHECK (hysteresis >= 0 AND (rolls_over_at IS NULL OR rolls_over_at > 0)
                    AND (expected_per_year IS NULL OR expected_per_year >= 0))
            )
            SQL,
        <<<'SQL'
            CREATE TABLE IF NOT EXISTS readings (
                id bigint unsigned NOT NULL AUTO_INCREMENT,
                meter_id bigint unsigned NOT NULL,
                at datetime(6) NOT NULL,
                on_day date NOT NULL,
                shown decimal(14,3) NOT NULL,
                turn varchar(12) NOT NULL DEFAULT 'read',
                old_final decimal(14,3),
                source varchar(40) NOT NULL DEFAULT 'by hand',
                user_id bigint unsigned,
                who varchar(80) NOT NULL,
                note varchar(250),
                taken_at datetime(6) NOT NULL,
                PRIMARY KEY (id),
                KEY readings_meter_id_at_index (meter_id, at),
                FOREIGN KEY (meter_id) REFERENCES meters (id),
                CONSTRAINT readings_turn CHECK (turn IN ('read', 'rolled over', 'replaced'))
            )
            SQL,
        <<<'SQL'
            CREATE TABLE IF NOT EXISTS reading_strikes (
                reading_id bigint unsigned NOT NULL,
                user_id bigint unsigned,
                who varchar(80) NOT NULL,
                reason varchar(250) NOT NULL,
                struck_at datetime(6) NOT NULL,
                PRIMARY KEY (reading_id),
                FOREIGN KEY (reading_id) REFERENCES readings (id)
            )
            SQL,
        <<<'SQL'
            CREATE TABLE IF NOT EXISTS reading_totals (
                reading_id bigint unsigned NOT NULL,
                meter_id bigint unsigned NOT NULL,
                at datetime(6) NOT NULL,
                on_day date NOT NULL,
                opens_day tinyint(1) NOT NULL,
                total decimal(14,3) NOT NULL,
                PRIMARY KEY (reading_id),
                KEY reading_totals_meter_id_at_index (meter_id, at),
                KEY reading_totals_meter_id_total_index (meter_id, total),
                KEY reading_totals_by_day (meter_id, opens_day, on_day, at, total),
                FOREIGN KEY (meter_id) REFERENCES meters (id),
                FOREIGN KEY (reading_id) REFERENCES readings (id)
            )
            SQL,
        <<<'SQL'
            CREATE TABLE IF NOT EXISTS bulk_edits (
                id bigint unsigned NOT NULL AUTO_INCREMENT,
                site_id bigint unsigned NOT NULL,
                user_id bigint unsigned NOT NULL,
                field varchar(40) NOT NULL,
                `before` json NOT NULL,
                after varchar(500),
                made_at datetime(6) NOT NULL,
                undone_at datetime(6),
                PRIMARY KEY (id),
                FOREIGN KEY (site_id) REFERENCES sites (id),
                FOREIGN KEY (user_id) REFERENCES users (id)
            )
            SQL,
    ];

    public function up(): void
    {
        foreach (self::TABLES as $table) {
            DB::statement($table);
        }
        Ledgers::close('readings', 'reading_strikes');
    }
};
