<?php

declare(strict_types=1);

use App\Platform\Writing\Ledgers;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;
use Sundial\Work\OrderType;

/** Methods, rounds and schedules, where each schedule stands, and the visits that were and that come. */
return new class extends Migration
{
    private const TABLES = [
        <<<'SQL'
            CREATE TABLE IF NOT EXISTS order_types (
                name varchar(40) NOT NULL,
                kind varchar(10) NOT NULL,
                position smallint unsigned NOT NULL DEFAULT 0,
                retired tinyint(1) NOT NULL DEFAULT 0,
                PRIMARY KEY (name),
                CONSTRAINT order_types_kind CHECK (kind IN ('planned', 'unplanned'))
            )
            SQL,
        <<<'SQL'
            CREATE TABLE IF NOT EXISTS methods (
                id bigint unsigned NOT NULL AUTO_INCREMENT,
                code varchar(20) NOT NULL,
                name varchar(120) NOT NULL,
                class_id bigint unsigned,
                version int unsigned NOT NULL DEFAULT 1,
                created_at datetime(6),
                updated_at datetime(6),
                PRIMARY KEY (id),
                UNIQUE KEY methods_code_unique (code),
                KEY methods_name_index (name),
                FOREIGN KEY (class_id) REFERENCES equipment_classes (id)
            )
            SQL,
        <<<'SQL'
            CREATE TABLE IF NOT EXISTS method_revisions (
                id bigint unsigned NOT NULL AUTO_INCREMENT,
                method_id bigint unsigned NOT NULL,
                number smallint unsigned NOT NULL,
                state varchar(12) NOT NULL,
                purpose text,
                order_type varchar(40) NOT NULL DEFAULT 'preventive',
                priority varchar(12) NOT NULL DEFAULT 'routine',
                made_at datetime(6) NOT NULL,
                ladder varchar(250),
                tools text,
                precautions text,
                why varchar(250),
                put_by varchar(100),
                put_at datetime(6),
                PRIMARY KEY (id),
                UNIQUE KEY method_revisions_method_id_number_unique (method_id, number),
                KEY method_revisions_method_id_state_index (method_id, state),
                FOREIGN KEY (method_id) REFERENCES methods (id),
                FOREIGN KEY (order_type) REFERENCES order_types (name),
                CONSTRAINT method_revisions_state CHECK (state IN ('draft', 'in force', 'superseded')),
                CONSTRAINT method_revisions_priority CHECK (priority IN ('routine', 'soon', 'urgent', 'emergency'))
            )
            SQL,
        <<<'SQL'
            CREATE TABLE IF NOT EXISTS method_steps (
                id bigint unsigned NOT NULL AUTO_INCREMENT,
                revision_id bigint unsigned NOT NULL,
                position smallint unsigned NOT NULL,
                text varchar(250) NOT NULL,
                detail text,
                safety text,
                minutes smallint unsigned NOT NULL DEFAULT 0,
                level smallint unsigned NOT NULL DEFAULT 1,
                answer varchar(12) NOT NULL DEFAULT 'tick',
                unit varchar(20),
                low decimal(14,3),
                high decimal(14,3),
                choices varchar(500),
                each_asset tinyint NOT NULL DEFAULT 0,
                PRIMARY KEY (id),
                UNIQUE KEY method_steps_revision_id_position_unique (revision_id, position),
                FOREIGN KEY (revision_id) REFERENCES method_revisions (id),
                CONSTRAINT method_steps_answer CHECK (answer IN ('tick', 'check', 'number', 'reading', 'choice',
                    'text', 'photo', 'signature')),
                CONSTRAINT method_steps_limits CHECK (low IS NULL OR high IS NULL OR low <= high),
                CONSTRAINT method_steps_each_asset CHECK (each_asset IN (0, 1))
            )
            SQL,
        <<<'SQL'
            CREATE TABLE IF NOT EXISTS method_labour (
                id bigint unsigned NOT NULL AUTO_INCREMENT,
                revision_id bigint unsigned NOT NULL,
                trade_id bigint unsigned NOT NULL,
                people smallint unsigned NOT NULL,
                minutes smallint unsigned NOT NULL,
                level smallint unsigned NOT NULL DEFAULT 1,
                PRIMARY KEY (id),
                UNIQUE KEY method_labour_revision_id_level_trade_id_unique (revision_id, level, trade_id),
                FOREIGN KEY (revision_id) REFERENCES method_revisions (id),
                FOREIGN KEY (trade_id) REFERENCES trades (id),
                CONSTRAINT method_labour_signs CHECK (people > 0 AND minutes > 0)
            )
            SQL,
        <<<'SQL'
            CREATE TABLE IF NOT EXISTS method_parts (
                id bigint unsigned NOT NULL AUTO_INCREMENT,
                revision_id bigint unsigned NOT NULL,
                part_id bigint unsigned NOT NULL,
                quantity decimal(14,3) NOT NULL,
                level smallint unsigned NOT NULL DEFAULT 1,
                PRIMARY KEY (id),
                FOREIGN KEY (part_id) REFERENCES parts (id),
                FOREIGN KEY (revision_id) REFERENCES method_revisions (id),
                CONSTRAINT method_parts_signs CHECK (quantity > 0)
            )
            SQL,
        <<<'SQL'
            CREATE TABLE IF NOT EXISTS method_services (
                id bigint unsigned NOT NULL AUTO_INCREMENT,
                revision_id bigint unsigned NOT NULL,
                what varchar(200) NOT NULL,
                cents int unsigned,
                level smallint unsigned NOT NULL DEFAULT 1,
                PRIMARY KEY (id),
                FOREIGN KEY (revision_id) REFERENCES method_revisions (id)
            )
            SQL,
        <<<'SQL'
            CREATE TABLE IF NOT EXISTS method_hands (
                method_id bigint unsigned NOT NULL,
                site_id bigint unsigned NOT NULL,
                team_id bigint unsigned,
                person_id bigint unsigned,
                PRIMARY KEY (method_id, site_id),
                FOREIGN KEY (method_id) REFERENCES methods (id),
                FOREIGN KEY (person_id) REFERENCES users (id),
                FOREIGN KEY (site_id) REFERENCES sites (id),
                FOREIGN KEY (team_id, site_id) REFERENCES teams (id, site_id)
            )
            SQL,
        <<<'SQL'
            CREATE TABLE IF NOT EXISTS rounds (
                id bigint unsigned NOT NULL AUTO_INCREMENT,
                site_id bigint unsigned NOT NULL,
                name varchar(120) NOT NULL,
                version int unsigned NOT NULL DEFAULT 1,
                created_at datetime(6),
                updated_at datetime(6),
                PRIMARY KEY (id),
                UNIQUE KEY rounds_site_id_name_unique (site_id, name),
                UNIQUE KEY rounds_id_site_id_unique (id, site_id),
                FOREIGN KEY (site_id) REFERENCES sites (id)
            )
            SQL,
        <<<'SQL'
            CREATE TABLE IF NOT EXISTS stations (
                id bigint unsigned NOT NULL AUTO_INCREMENT,
                round_id bigint unsigned NOT NULL,
                asset_id bigint unsigned NOT NULL,
                position smallint unsigned NOT NULL,
                every smallint unsigned NOT NULL DEFAULT 1,
                PRIMARY KEY (id),
                UNIQUE KEY stations_round_id_asset_id_unique (round_id, asset_id),
                FOREIGN KEY (asset_id) REFERENCES assets (id),
                FOREIGN KEY (round_id) REFERENCES rounds (id),
                CONSTRAINT stations_every CHECK (every > 0)
            )
            SQL,
        <<<'SQL'
            CREATE TABLE IF NOT EXISTS schedules (
                id bigint unsigned NOT NULL AUTO_INCREMENT,
                site_id bigint unsigned NOT NULL,
                asset_id bigint unsigned NOT NULL,
                method_id bigint unsigned NOT NULL,
                team_id bigint unsigned,
                round_id bigint unsigned,
                name varchar(120) NOT NULL,
                rule varchar(16) NOT NULL,
                every smallint unsigned NOT NULL,
                unit varchar(8) NOT NULL,
                weekdays varchar(15),
                nth tinyint,
                months varchar(30),
                non_working varchar(8) NOT NULL DEFAULT 'keep',
                late_share tinyint unsigned NOT NULL DEFAULT 0,
                early_share tinyint unsigned NOT NULL DEFAULT 0,
                least_gap smallint unsigned NOT NULL DEFAULT 0,
                meter_id bigint unsigned,
                usage_every decimal(14,3),
                gauge_id bigint unsigned,
                condition_beyond varchar(4),
                condition_limit decimal(14,3),
                condition_readings tinyint unsigned,
                condition_hysteresis decimal(14,3),
                `lead` smallint unsigned NOT NULL,
                lead_unit varchar(8) NOT NULL DEFAULT 'days',
                near_days smallint unsigned,
                tolerance_days smallint unsigned,
                statutory tinyint NOT NULL DEFAULT 0,
                approve_at_once tinyint NOT NULL DEFAULT 1,
                ladder_start int unsigned NOT NULL DEFAULT 1,
                anchor_on date NOT NULL,
                last_done_on date,
                ends_on date,
                paused_from date,
                paused_until date,
                pause_reason varchar(250),
                held_from date,
                ended tinyint NOT NULL DEFAULT 0,
                version int unsigned NOT NULL DEFAULT 1,
                created_at datetime(6),
                updated_at datetime(6),
                PRIMARY KEY (id),
                UNIQUE KEY schedules_id_site_id_unique (id, site_id),
                KEY schedules_asset_id_index (asset_id, site_id),
                KEY schedules_site_id_name_index (site_id, name),
                KEY schedules_by_name (site_id, ended, name, asset_id),
                KEY schedules_of_method (method_id, ended),
                KEY schedules_site_id_paused_from_index (site_id, paused_from),
                FOREIGN KEY (site_id) REFERENCES sites (id),
                FOREIGN KEY (asset_id, site_id) REFERENCES assets (id, site_id),
                FOREIGN KEY (method_id) REFERENCES methods (id),
                FOREIGN KEY (team_id, site_id) REFERENCES teams (id, site_id),
                FOREIGN KEY (round_id, site_id) REFERENCES rounds (id, site_id),
                FOREIGN KEY (meter_id, site_id) REFERENCES meters (id, site_id),
                FOREIGN KEY (gauge_id, site_id) REFERENCES meters (id, site_id),
                CONSTRAINT schedules_rule CHECK (rule IN ('interval', 'weekdays', 'nth', 'usage', 'condition')),
                CONSTRAINT schedules_unit CHECK (every > 0 AND unit IN ('days', 'weeks', 'months', 'years')),
                CONSTRAINT schedules_non_working CHECK (non_working IN ('keep', 'forward', 'back', 'nearest')),
                CONSTRAINT schedules_shares CHECK (late_share <= 100 AND early_share <= 100),
                CONSTRAINT schedules_lead_unit CHECK (lead_unit IN ('days', 'percent')),
                CONSTRAINT schedules_flags CHECK (
                    statutory IN (0, 1) AND approve_at_once IN (0, 1) AND ended IN (0, 1)
                ),
                CONSTRAINT schedules_usage CHECK (
                    (meter_id IS NULL) = (usage_every IS NULL) AND (usage_every IS NULL OR usage_every > 0)
                ),
                CONSTRAINT schedules_condition CHECK (
                    (gauge_id IS NULL) = (condition_limit IS NULL)
                    AND (gauge_id IS NULL) = (condition_readings IS NULL)
                    AND (condition_readings IS NULL OR condition_readings > 0)
                    AND (condition_hysteresis IS NULL OR condition_hysteresis >= 0)
                ),
                CONSTRAINT schedules_condition_beyond CHECK (condition_beyond IN ('low', 'high')),
                CONSTRAINT schedules_pause CHECK (paused_until IS NULL OR paused_until >= paused_from)
            )
            SQL,
        <<<'SQL'
            CREATE TABLE IF NOT EXISTS schedule_rules (
                schedule_id bigint unsigned NOT NULL,
                number int unsigned NOT NULL,
                from_on date NOT NULL,
                agreed json NOT NULL,
                user_id bigint unsigned,
                who varchar(100) NOT NULL,
                made_at datetime(6) NOT NULL,
                PRIMARY KEY (schedule_id, number),
                CONSTRAINT schedule_rules_number CHECK (number > 0)
            )
            SQL,
        <<<'SQL'
            CREATE TABLE IF NOT EXISTS schedule_decisions (
                id bigint unsigned NOT NULL AUTO_INCREMENT,
                schedule_id bigint unsigned NOT NULL,
                what varchar(16) NOT NULL,
                on_day date,
                state json NOT NULL,
                user_id bigint unsigned,
                who varchar(100) NOT NULL,
                made_at datetime(6) NOT NULL,
                PRIMARY KEY (id),
                KEY schedule_decisions_schedule_id_id_index (schedule_id, id),
                CONSTRAINT schedule_decisions_what CHECK (what IN ('begin', 'rule', 'from here', 'skip',
                    'skip taken back', 'move', 'hold', 'pause', 'go on', 'end', 'reopen'))
            )
            SQL,
        <<<'SQL'
            CREATE TABLE IF NOT EXISTS schedule_changes (
                schedule_id bigint unsigned NOT NULL,
                site_id bigint unsigned NOT NULL,
                from_on date NOT NULL,
                input json NOT NULL,
                user_id bigint unsigned,
                who varchar(100) NOT NULL,
                made_at datetime(6) NOT NULL,
                PRIMARY KEY (schedule_id),
                KEY schedule_changes_site_id_from_on_index (site_id, from_on),
                FOREIGN KEY (schedule_id) REFERENCES schedules (id),
                FOREIGN KEY (site_id) REFERENCES sites (id)
            )
            SQL,
        <<<'SQL'
            CREATE TABLE IF NOT EXISTS visits (
                id bigint unsigned NOT NULL AUTO_INCREMENT,
                schedule_id bigint unsigned NOT NULL,
                number int unsigned NOT NULL,
                point_on date,
                planned_on date NOT NULL,
                state varchar(12) NOT NULL,
                done_on date,
                label varchar(40),
                note varchar(250),
                `before` json,
                `leading` varchar(10) NOT NULL DEFAULT 'calendar',
                expected tinyint NOT NULL DEFAULT 0,
                due_total decimal(14,3),
                done_total decimal(14,3),
                done_at datetime(6),
                level smallint unsigned,
                reading_id bigint unsigned,
                created_at datetime(6),
                updated_at datetime(6),
                PRIMARY KEY (id),
                UNIQUE KEY visits_schedule_id_number_unique (schedule_id, number),
                FOREIGN KEY (reading_id) REFERENCES readings (id),
                FOREIGN KEY (schedule_id) REFERENCES schedules (id),
                CONSTRAINT visits_state CHECK (state IN ('in hand', 'given back', 'done', 'skipped', 'missed',
                    'suspended')),
                CONSTRAINT visits_leading CHECK (`leading` IN ('calendar', 'usage', 'condition')),
                CONSTRAINT visits_expected CHECK (expected IN (0, 1)),
                CONSTRAINT visits_done CHECK ((state = 'done') = (done_on IS NOT NULL))
            )
            SQL,
        <<<'SQL'
            CREATE TABLE IF NOT EXISTS schedule_standings (
                schedule_id bigint unsigned NOT NULL,
                site_id bigint unsigned NOT NULL,
                state json NOT NULL,
                next_number int unsigned NOT NULL,
                next_point_on date,
                moved_from date,
                base_on date NOT NULL,
                usage_due decimal(14,3),
                next_due_on date,
                calendar_on date,
                usage_on date,
                usage_reached tinyint NOT NULL DEFAULT 0,
                condition_on date,
                condition_reading_id bigint unsigned,
                `leading` varchar(10) NOT NULL,
                expected tinyint NOT NULL DEFAULT 0,
                early_on date,
                late_on date,
                late_from date,
                near_from date,
                release_on date,
                interval_days smallint unsigned NOT NULL,
                visit_id bigint unsigned,
                in_hand varchar(40),
                nearness varchar(8) CHARACTER SET ascii COLLATE ascii_bin,
                nearness_changes_on date,
                outlook_until date,
                next_method_id bigint unsigned,
                next_level smallint unsigned,
                PRIMARY KEY (schedule_id),
                KEY schedule_standings_release (site_id, release_on, visit_id),
                KEY schedule_standings_in_hand (site_id, visit_id, next_due_on, next_method_id, next_level),
                KEY schedule_standings_due (site_id, next_due_on),
                KEY schedule_standings_usage (site_id, usage_reached, usage_on),
                KEY schedule_standings_nearness (site_id, nearness, next_due_on),
                KEY schedule_standings_changes (site_id, nearness_changes_on),
                KEY schedule_standings_outlook (outlook_until),
                FOREIGN KEY (schedule_id) REFERENCES schedules (id),
                FOREIGN KEY (condition_reading_id) REFERENCES readings (id),
                FOREIGN KEY (visit_id) REFERENCES visits (id),
                CONSTRAINT schedule_standings_leading CHECK (`leading` IN ('calendar', 'usage', 'condition')),
                CONSTRAINT schedule_standings_flags CHECK (usage_reached IN (0, 1) AND expected IN (0, 1)),
                CONSTRAINT schedule_standings_hand CHECK ((visit_id IS NULL) = (in_hand IS NULL)),
                CONSTRAINT schedule_standings_nearness CHECK (
                    nearness IN ('clear', 'near', 'due', 'late', 'in hand')
                ),
                CONSTRAINT schedule_standings_span CHECK (early_on IS NULL OR late_on IS NULL OR early_on <= late_on)
            )
            SQL,
        <<<'SQL'
            CREATE TABLE IF NOT EXISTS coming_visits (
                schedule_id bigint unsigned NOT NULL,
                planned_on date NOT NULL,
                site_id bigint unsigned NOT NULL,
                asset_id bigint unsigned NOT NULL,
                method_id bigint unsigned NOT NULL,
                week_on date NOT NULL,
                expected tinyint NOT NULL DEFAULT 0,
                early_on date,
                late_on date,
                level smallint unsigned NOT NULL DEFAULT 1,
                PRIMARY KEY (schedule_id, planned_on),
                KEY coming_visits_site_id_planned_on_index (site_id, planned_on),
                KEY coming_visits_asset_id_planned_on_index (asset_id, planned_on),
                KEY coming_visits_by_level (site_id, week_on, method_id, level, expected),
                KEY coming_visits_of_method (method_id, planned_on, level),
                FOREIGN KEY (asset_id) REFERENCES assets (id),
                FOREIGN KEY (method_id) REFERENCES methods (id),
                FOREIGN KEY (schedule_id) REFERENCES schedules (id),
                FOREIGN KEY (site_id) REFERENCES sites (id),
                CONSTRAINT coming_visits_expected CHECK (expected IN (0, 1)),
                CONSTRAINT coming_visits_week CHECK (week_on <= planned_on),
                CONSTRAINT coming_visits_span CHECK (early_on IS NULL OR late_on IS NULL OR early_on <= late_on)
            )
            SQL,
        <<<'SQL'
            CREATE TABLE IF NOT EXISTS outlook_loads (
                id bigint unsigned NOT NULL AUTO_INCREMENT,
                site_id bigint unsigned NOT NULL,
                planned_on date NOT NULL,
                method_id bigint unsigned NOT NULL,
                level smallint unsigned NOT NULL,
                visits int NOT NULL,
                expected int NOT NULL,
                PRIMARY KEY (id),
                KEY outlook_loads_of_day (site_id, planned_on, method_id, level, visits, expected)
            )
            SQL,
        <<<'SQL'
            CREATE TABLE IF NOT EXISTS meters_to_follow (
                id bigint unsigned NOT NULL AUTO_INCREMENT,
                meter_id bigint unsigned NOT NULL,
                PRIMARY KEY (id),
                KEY meters_to_follow_meter_id_index (meter_id, id),
                FOREIGN KEY (meter_id) REFERENCES meters (id) ON DELETE CASCADE
            )
            SQL,
    ];

    public function up(): void
    {
        foreach (self::TABLES as $table) {
            DB::statement($table);
        }
        $position = 0;
        foreach (OrderType::SHIPPED as $name => $kind) {
            DB::table('order_types')->insertOrIgnore([
                'name' => $name,
                'kind' => $kind->value,
                'position' => ++$position,
            ]);
        }
        Ledgers::close('schedule_rules', 'schedule_decisions');
    }
};
