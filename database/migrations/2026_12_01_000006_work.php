<?php

declare(strict_types=1);

use App\Platform\Writing\Ledgers;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/** Releases and work orders, with their steps, labour, precautions and hours. */
return new class extends Migration
{
    private const TABLES = [
        <<<'SQL'
            CREATE TABLE IF NOT EXISTS release_batches (
                id bigint unsigned NOT NULL AUTO_INCREMENT,
                site_id bigint unsigned NOT NULL,
                on_day date NOT NULL,
                user_id bigint unsigned,
                who varchar(80) NOT NULL,
                began_at datetime(6) NOT NULL,
                ended_at datetime(6),
                made int unsigned NOT NULL DEFAULT 0,
                left_alone json,
                undone_at datetime(6),
                undone_by varchar(100),
                PRIMARY KEY (id),
                KEY release_batches_site_id_began_at_index (site_id, began_at),
                UNIQUE KEY release_batches_id_site_id_unique (id, site_id),
                FOREIGN KEY (site_id) REFERENCES sites (id),
                CONSTRAINT release_batches_span CHECK (ended_at IS NULL OR ended_at >= began_at)
            )
            SQL,
        <<<'SQL'
            CREATE TABLE IF NOT EXISTS work_orders (
                id bigint unsigned NOT NULL AUTO_INCREMENT,
                site_id bigint unsigned NOT NULL,
                number bigint unsigned NOT NULL,
                title varchar(160) NOT NULL,
                type varchar(20) NOT NULL,
                priority varchar(12) NOT NULL,
                state varchar(12) NOT NULL,
                asset_id bigint unsigned NOT NULL,
                revision_id bigint unsigned,
                batch_id bigint unsigned,
                team_id bigint unsigned,
                assignee_id bigint unsigned,
                due_on date,
                planned_on date,
                planned_minutes int unsigned NOT NULL DEFAULT 0,
                started_at datetime(6),
                finished_at datetime(6),
                closed_at datetime(6),
                hold_reason varchar(16),
                reason varchar(500),
                finding text,
                review text,
                open_due_on date GENERATED ALWAYS AS (
                    IF(state IN ('draft', 'planned', 'approved', 'under way', 'on hold'),
                        COALESCE(due_on, '9999-12-31'), NULL)
                ) STORED,
                tools text,
                version int unsigned NOT NULL DEFAULT 1,
                created_at datetime(6),
                updated_at datetime(6),
                PRIMARY KEY (id),
                UNIQUE KEY work_orders_number_unique (number),
                KEY work_orders_site_id_state_due_on_index (site_id, state, due_on),
                KEY work_orders_asset_id_state_index (asset_id, site_id, state),
                KEY work_orders_assignee_id_state_index (assignee_id, state),
                KEY work_orders_batch_id_index (batch_id, site_id),
                KEY work_orders_team_id_state_due_on_index (team_id, site_id, state, due_on),
                KEY work_orders_site_id_open_due_on_number_index (site_id, open_due_on, number),
                KEY work_orders_site_id_open_due_on_planned_on_index (site_id, open_due_on, planned_on),
                KEY work_orders_site_id_planned_on_open_due_on_index (site_id, planned_on, open_due_on),
                KEY work_orders_site_id_finished_at_index (site_id, finished_at),
                UNIQUE KEY work_orders_id_site_id_unique (id, site_id),
                FOREIGN KEY (asset_id, site_id) REFERENCES assets (id, site_id),
                FOREIGN KEY (assignee_id) REFERENCES users (id),
                FOREIGN KEY (batch_id, site_id) REFERENCES release_batches (id, site_id),
                FOREIGN KEY (revision_id) REFERENCES method_revisions (id),
                FOREIGN KEY (site_id) REFERENCES sites (id),
                FOREIGN KEY (team_id, site_id) REFERENCES teams (id, site_id),
                CONSTRAINT work_orders_type CHECK (type IN ('preventive', 'inspection', 'improvement',
                    'corrective', 'emergency')),
                CONSTRAINT work_orders_priority CHECK (priority IN ('routine', 'soon', 'urgent', 'emergency')),
                CONSTRAINT work_orders_state CHECK (
                    state IN ('draft', 'planned', 'approved', 'under way', 'on hold', 'done', 'closed', 'cancelled')
                ),
                CONSTRAINT work_orders_hold CHECK (state <> 'on hold' OR hold_reason IS NOT NULL),
                CONSTRAINT work_orders_hold_reason CHECK (hold_reason IS NULL OR hold_reason IN ('parts',
                    'access', 'people', 'contractor', 'weather', 'safety', 'other')),
                CONSTRAINT work_orders_finished CHECK (state NOT IN ('done', 'closed') OR finished_at IS NOT NULL),
                CONSTRAINT work_orders_closed CHECK ((state = 'closed') = (closed_at IS NOT NULL))
            )
            SQL,
        <<<'SQL'
            CREATE TABLE IF NOT EXISTS order_assets (
                id bigint unsigned NOT NULL AUTO_INCREMENT,
                order_id bigint unsigned NOT NULL,
                asset_id bigint unsigned NOT NULL,
                position smallint unsigned NOT NULL,
                PRIMARY KEY (id),
                UNIQUE KEY order_assets_order_id_asset_id_unique (order_id, asset_id),
                FOREIGN KEY (asset_id) REFERENCES assets (id),
                FOREIGN KEY (order_id) REFERENCES work_orders (id)
            )
            SQL,
        <<<'SQL'
            CREATE TABLE IF NOT EXISTS order_visits (
                id bigint unsigned NOT NULL AUTO_INCREMENT,
                order_id bigint unsigned NOT NULL,
                visit_id bigint unsigned NOT NULL,
                revision_id bigint unsigned,
                PRIMARY KEY (id),
                UNIQUE KEY order_visits_order_id_visit_id_unique (order_id, visit_id),
                KEY order_visits_visit_id_index (visit_id),
                FOREIGN KEY (order_id) REFERENCES work_orders (id),
                FOREIGN KEY (revision_id) REFERENCES method_revisions (id),
                FOREIGN KEY (visit_id) REFERENCES visits (id)
            )
            SQL,
        <<<'SQL'
            CREATE TABLE IF NOT EXISTS order_steps (
                id bigint unsigned NOT NULL AUTO_INCREMENT,
                order_id bigint unsigned NOT NULL,
                position smallint unsigned NOT NULL,
                text varchar(250) NOT NULL,
                detail text,
                safety text,
                minutes smallint unsigned NOT NULL DEFAULT 0,
                ticked_at datetime(6),
                ticked_by bigint unsigned,
                answer varchar(12) NOT NULL DEFAULT 'tick',
                unit varchar(20),
                low decimal(14,3),
                high decimal(14,3),
                choices varchar(500),
                value varchar(2000),
                verdict varchar(8),
                asset_id bigint unsigned,
                visit_id bigint unsigned,
                reading_id bigint unsigned,
                document_id bigint unsigned,
                PRIMARY KEY (id),
                UNIQUE KEY order_steps_order_id_position_unique (order_id, position),
                KEY order_steps_visit_id_verdict_index (visit_id, verdict),
                FOREIGN KEY (asset_id) REFERENCES assets (id),
                FOREIGN KEY (document_id) REFERENCES documents (id),
                FOREIGN KEY (order_id) REFERENCES work_orders (id),
                FOREIGN KEY (reading_id) REFERENCES readings (id),
                FOREIGN KEY (ticked_by) REFERENCES users (id),
                FOREIGN KEY (visit_id) REFERENCES visits (id),
                CONSTRAINT order_steps_answer CHECK (answer IN ('tick', 'check', 'number', 'reading', 'choice',
                    'text', 'photo', 'signature')),
                CONSTRAINT order_steps_verdict CHECK (verdict IS NULL OR verdict IN ('sound', 'watch', 'faulty')),
                CONSTRAINT order_steps_limits CHECK (low IS NULL OR high IS NULL OR low <= high)
            )
            SQL,
        <<<'SQL'
            CREATE TABLE IF NOT EXISTS order_labour (
                id bigint unsigned NOT NULL AUTO_INCREMENT,
                order_id bigint unsigned NOT NULL,
                trade_id bigint unsigned NOT NULL,
                people smallint unsigned NOT NULL,
                minutes smallint unsigned NOT NULL,
                visit_id bigint unsigned,
                PRIMARY KEY (id),
                FOREIGN KEY (order_id) REFERENCES work_orders (id),
                FOREIGN KEY (trade_id) REFERENCES trades (id),
                FOREIGN KEY (visit_id) REFERENCES visits (id),
                CONSTRAINT order_labour_signs CHECK (people > 0)
            )
            SQL,
        <<<'SQL'
            CREATE TABLE IF NOT EXISTS order_precautions (
                id bigint unsigned NOT NULL AUTO_INCREMENT,
                order_id bigint unsigned NOT NULL,
                position smallint unsigned NOT NULL,
                text varchar(250) NOT NULL,
                confirmed_at datetime(6),
                confirmed_by varchar(100),
                PRIMARY KEY (id),
                UNIQUE KEY order_precautions_order_id_position_unique (order_id, position),
                FOREIGN KEY (order_id) REFERENCES work_orders (id)
            )
            SQL,
        <<<'SQL'
            CREATE TABLE IF NOT EXISTS bookings (
                id bigint unsigned NOT NULL AUTO_INCREMENT,
                order_id bigint unsigned NOT NULL,
                user_id bigint unsigned NOT NULL,
                worked_on date NOT NULL,
                minutes smallint unsigned NOT NULL,
                overtime varchar(16) NOT NULL DEFAULT 'normal',
                cents_per_hour int unsigned,
                cost_cents int unsigned,
                note varchar(250),
                booked_by bigint unsigned,
                created_at datetime(6),
                updated_at datetime(6),
                PRIMARY KEY (id),
                KEY bookings_order_id_index (order_id),
                KEY bookings_user_id_worked_on_index (user_id, worked_on),
                FOREIGN KEY (order_id) REFERENCES work_orders (id),
                FOREIGN KEY (user_id) REFERENCES users (id),
                CONSTRAINT bookings_signs CHECK (minutes > 0),
                CONSTRAINT bookings_cost CHECK ((cents_per_hour IS NULL) = (cost_cents IS NULL)),
                CONSTRAINT bookings_overtime CHECK (overtime IN ('normal', 'time and a half', 'double'))
            )
            SQL,
        <<<'SQL'
            CREATE TABLE IF NOT EXISTS booking_strikes (
                booking_id bigint unsigned NOT NULL,
                user_id bigint unsigned,
                who varchar(80) NOT NULL,
                struck_at datetime(6) NOT NULL,
                PRIMARY KEY (booking_id),
                FOREIGN KEY (booking_id) REFERENCES bookings (id)
            )
            SQL,
        <<<'SQL'
            CREATE TABLE IF NOT EXISTS calendar_feeds (
                id bigint unsigned NOT NULL AUTO_INCREMENT,
                user_id bigint unsigned NOT NULL,
                site_id bigint unsigned NOT NULL,
                what varchar(8) NOT NULL,
                team_id bigint unsigned,
                secret_hash char(64) NOT NULL,
                made_at datetime(6) NOT NULL,
                used_at datetime(6),
                revoked_at datetime(6),
                PRIMARY KEY (id),
                UNIQUE KEY calendar_feeds_secret_hash_unique (secret_hash),
                FOREIGN KEY (site_id) REFERENCES sites (id),
                FOREIGN KEY (team_id, site_id) REFERENCES teams (id, site_id),
                FOREIGN KEY (user_id) REFERENCES users (id)
            )
            SQL,
    ];

    public function up(): void
    {
        foreach (self::TABLES as $table) {
            DB::statement($table);
        }
        Ledgers::close('bookings', 'booking_strikes');
    }
};
