<?php

declare(strict_types=1);

use App\Platform\Writing\Ledgers;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;
use Sundial\Work\HoldReason;
use Sundial\Work\Isolation\Permits;

/** Requests, releases and work orders: what is planned, what was done, what failed and what it cost. */
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
            CREATE TABLE IF NOT EXISTS hold_reasons (
                name varchar(40) NOT NULL,
                days smallint unsigned NOT NULL,
                position smallint unsigned NOT NULL DEFAULT 0,
                retired tinyint(1) NOT NULL DEFAULT 0,
                PRIMARY KEY (name)
            )
            SQL,
        <<<'SQL'
            CREATE TABLE IF NOT EXISTS order_stages (
                state varchar(12) NOT NULL,
                name varchar(40) NOT NULL,
                position smallint unsigned NOT NULL DEFAULT 0,
                retired tinyint(1) NOT NULL DEFAULT 0,
                PRIMARY KEY (state, name),
                CONSTRAINT order_stages_state CHECK (
                    state IN ('draft', 'planned', 'approved', 'under way', 'on hold', 'done')
                )
            )
            SQL,
        <<<'SQL'
            CREATE TABLE IF NOT EXISTS permit_kinds (
                name varchar(40) NOT NULL,
                position smallint unsigned NOT NULL DEFAULT 0,
                retired tinyint(1) NOT NULL DEFAULT 0,
                PRIMARY KEY (name)
            )
            SQL,
        <<<'SQL'
            CREATE TABLE IF NOT EXISTS agreed_stays (
                site_id bigint unsigned NOT NULL,
                lane varchar(12) NOT NULL,
                days smallint unsigned NOT NULL,
                PRIMARY KEY (site_id, lane),
                FOREIGN KEY (site_id) REFERENCES sites (id),
                CONSTRAINT agreed_stays_lane CHECK (
                    lane IN ('requests', 'planned', 'approved', 'under way', 'on hold', 'done')
                )
            )
            SQL,
        <<<'SQL'
            CREATE TABLE IF NOT EXISTS emergency_duties (
                id bigint unsigned NOT NULL AUTO_INCREMENT,
                site_id bigint unsigned NOT NULL,
                class_id bigint unsigned,
                position smallint unsigned NOT NULL,
                what varchar(250) NOT NULL,
                PRIMARY KEY (id),
                KEY emergency_duties_site_id_class_id_index (site_id, class_id, position),
                FOREIGN KEY (class_id) REFERENCES equipment_classes (id),
                FOREIGN KEY (site_id) REFERENCES sites (id)
            )
            SQL,
        <<<'SQL'
            CREATE TABLE IF NOT EXISTS work_rules (
                site_id bigint unsigned NOT NULL,
                limits json NOT NULL,
                own_above int unsigned,
                second_to_close varchar(3) NOT NULL,
                hand_back varchar(3) NOT NULL,
                PRIMARY KEY (site_id),
                FOREIGN KEY (site_id) REFERENCES sites (id),
                CONSTRAINT work_rules_second CHECK (second_to_close IN ('no', 'yes')),
                CONSTRAINT work_rules_hand_back CHECK (hand_back IN ('no', 'yes'))
            )
            SQL,
        <<<'SQL'
            CREATE TABLE IF NOT EXISTS standing_orders (
                id bigint unsigned NOT NULL AUTO_INCREMENT,
                site_id bigint unsigned NOT NULL,
                title varchar(120) NOT NULL,
                team_id bigint unsigned,
                type varchar(40) NOT NULL,
                retired tinyint(1) NOT NULL DEFAULT 0,
                PRIMARY KEY (id),
                UNIQUE KEY standing_orders_site_id_title_unique (site_id, title),
                UNIQUE KEY standing_orders_id_site_id_unique (id, site_id),
                FOREIGN KEY (site_id) REFERENCES sites (id),
                FOREIGN KEY (team_id, site_id) REFERENCES teams (id, site_id),
                FOREIGN KEY (type) REFERENCES order_types (name)
            )
            SQL,
        <<<'SQL'
            CREATE TABLE IF NOT EXISTS work_orders (
                id bigint unsigned NOT NULL AUTO_INCREMENT,
                site_id bigint unsigned NOT NULL,
                number bigint unsigned NOT NULL,
                title varchar(160) NOT NULL,
                type varchar(40) NOT NULL,
                kind varchar(10) NOT NULL,
                priority varchar(12) NOT NULL,
                state varchar(12) NOT NULL,
                stage varchar(40),
                asset_id bigint unsigned,
                location_id bigint unsigned,
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
                hold_reason varchar(40),
                look_again_on date,
                reason varchar(500),
                finding text,
                review text,
                open_due_on date GENERATED ALWAYS AS (
                    IF(state IN ('draft', 'planned', 'approved', 'under way', 'on hold'),
                        COALESCE(due_on, '9999-12-31'), NULL)
                ) STORED,
                spread varchar(8) NOT NULL DEFAULT 'equal',
                planned_cents int unsigned,
                booked_cents bigint,
                tools text,
                about text,
                raised_by bigint unsigned,
                raised_who varchar(80),
                confirmed_at datetime(6),
                confirmed_who varchar(80),
                approved_plan json,
                grown varchar(12),
                rest_id bigint unsigned,
                repeats_id bigint unsigned,
                from_order_id bigint unsigned,
                from_step smallint unsigned,
                handed_back_at datetime(6),
                handed_back_who varchar(80),
                former varchar(40),
                since_at datetime(6) NOT NULL,
                standing_id bigint unsigned,
                standing_month char(7),
                version int unsigned NOT NULL DEFAULT 1,
                created_at datetime(6),
                updated_at datetime(6),
                PRIMARY KEY (id),
                KEY work_orders_of_revision (revision_id, open_due_on, planned_on),
                UNIQUE KEY work_orders_number_unique (number),
                UNIQUE KEY work_orders_site_id_former_unique (site_id, former),
                UNIQUE KEY work_orders_standing_id_standing_month_unique (standing_id, standing_month),
                KEY work_orders_by_state (site_id, state, open_due_on, number),
                KEY work_orders_site_id_state_since_at_index (site_id, state, since_at),
                KEY work_orders_site_id_due_on_kind_state_index (site_id, due_on, kind, state),
                KEY work_orders_site_id_closed_at_planned_cents_index (site_id, closed_at, planned_cents, booked_cents),
                KEY work_orders_asset_id_state_index (asset_id, site_id, state),
                KEY work_orders_location_id_state_index (location_id, site_id, state),
                KEY work_orders_assignee_id_state_index (assignee_id, state),
                KEY work_orders_batch_id_index (batch_id, site_id),
                KEY work_orders_team_id_state_due_on_index (team_id, site_id, state, due_on, assignee_id),
                KEY work_orders_site_id_open_due_on_number_index (site_id, open_due_on, number),
                KEY work_orders_site_id_open_due_on_planned_on_index (site_id, open_due_on, planned_on, state),
                KEY work_orders_grown (site_id, grown, open_due_on),
                KEY work_orders_of_type (type, state),
                KEY work_orders_site_id_planned_on_open_due_on_index (site_id, planned_on, open_due_on),
                KEY work_orders_site_id_finished_at_index (site_id, finished_at),
                KEY work_orders_site_id_look_again_on_index (site_id, look_again_on),
                UNIQUE KEY work_orders_id_site_id_unique (id, site_id),
                FOREIGN KEY (asset_id, site_id) REFERENCES assets (id, site_id),
                FOREIGN KEY (location_id, site_id) REFERENCES locations (id, site_id),
                FOREIGN KEY (assignee_id) REFERENCES users (id),
                FOREIGN KEY (raised_by) REFERENCES users (id),
                FOREIGN KEY (batch_id, site_id) REFERENCES release_batches (id, site_id),
                FOREIGN KEY (rest_id) REFERENCES work_orders (id),
                FOREIGN KEY (repeats_id, site_id) REFERENCES work_orders (id, site_id),
                FOREIGN KEY (from_order_id, site_id) REFERENCES work_orders (id, site_id),
                FOREIGN KEY (revision_id) REFERENCES method_revisions (id),
                FOREIGN KEY (site_id) REFERENCES sites (id),
                FOREIGN KEY (team_id, site_id) REFERENCES teams (id, site_id),
                FOREIGN KEY (type) REFERENCES order_types (name),
                FOREIGN KEY (hold_reason) REFERENCES hold_reasons (name),
                FOREIGN KEY (state, stage) REFERENCES order_stages (state, name),
                FOREIGN KEY (standing_id, site_id) REFERENCES standing_orders (id, site_id),
                CONSTRAINT work_orders_grown CHECK (grown IS NULL OR grown IN ('hours', 'cost', 'precautions')),
                CONSTRAINT work_orders_handed_back CHECK ((handed_back_at IS NULL) = (handed_back_who IS NULL)),
                CONSTRAINT work_orders_about CHECK ((asset_id IS NULL) <> (location_id IS NULL)),
                CONSTRAINT work_orders_spread CHECK (spread IN ('equal', 'minutes')),
                CONSTRAINT work_orders_kind CHECK (kind IN ('planned', 'unplanned')),
                CONSTRAINT work_orders_look_again CHECK (look_again_on IS NULL OR state = 'on hold'),
                CONSTRAINT work_orders_priority CHECK (priority IN ('routine', 'soon', 'urgent', 'emergency')),
                CONSTRAINT work_orders_state CHECK (
                    state IN ('draft', 'planned', 'approved', 'under way', 'on hold', 'done', 'closed', 'cancelled')
                ),
                CONSTRAINT work_orders_standing CHECK ((standing_id IS NULL) = (standing_month IS NULL)),
                CONSTRAINT work_orders_hold CHECK (state <> 'on hold' OR hold_reason IS NOT NULL),
                CONSTRAINT work_orders_finished CHECK (state NOT IN ('done', 'closed') OR finished_at IS NOT NULL),
                CONSTRAINT work_orders_closed CHECK ((state = 'closed') = (closed_at IS NOT NULL))
            )
            SQL,
        <<<'SQL'
            CREATE TABLE IF NOT EXISTS order_assets (
                id bigint unsigned NOT NULL AUTO_INCREMENT,
                order_id bigint unsigned NOT NULL,
                asset_id bigint unsigned,
                location_id bigint unsigned,
                position smallint unsigned NOT NULL,
                state varchar(8) NOT NULL DEFAULT 'open',
                done_on date,
                who varchar(80),
                reason varchar(250),
                path varchar(400) CHARACTER SET ascii COLLATE ascii_bin,
                class_id bigint unsigned,
                cost_centre_id bigint unsigned,
                PRIMARY KEY (id),
                UNIQUE KEY order_assets_order_id_asset_id_unique (order_id, asset_id),
                KEY order_assets_asset_id_order_id_index (asset_id, order_id),
                FOREIGN KEY (asset_id) REFERENCES assets (id),
                FOREIGN KEY (class_id) REFERENCES equipment_classes (id),
                FOREIGN KEY (cost_centre_id) REFERENCES cost_centres (id),
                FOREIGN KEY (location_id) REFERENCES locations (id),
                FOREIGN KEY (order_id) REFERENCES work_orders (id),
                CONSTRAINT order_assets_about CHECK ((asset_id IS NULL) <> (location_id IS NULL)),
                CONSTRAINT order_assets_state CHECK (state IN ('open', 'done', 'left out')),
                CONSTRAINT order_assets_done CHECK ((state = 'done') = (done_on IS NOT NULL)),
                CONSTRAINT order_assets_left_out CHECK ((state = 'left out') = (reason IS NOT NULL))
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
                supplier_id bigint unsigned,
                rate decimal(12,4) unsigned,
                agreement varchar(60),
                valid_until date,
                visit_id bigint unsigned,
                step_id bigint unsigned,
                PRIMARY KEY (id),
                KEY order_labour_of_order (order_id, trade_id, supplier_id, people, minutes),
                FOREIGN KEY (order_id) REFERENCES work_orders (id),
                FOREIGN KEY (step_id) REFERENCES order_steps (id) ON DELETE SET NULL,
                FOREIGN KEY (supplier_id) REFERENCES suppliers (id),
                FOREIGN KEY (trade_id) REFERENCES trades (id),
                FOREIGN KEY (visit_id) REFERENCES visits (id),
                CONSTRAINT order_labour_contracted CHECK ((supplier_id IS NULL) = (rate IS NULL)),
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
                normal_minutes smallint unsigned NOT NULL DEFAULT 0,
                half_minutes smallint unsigned NOT NULL DEFAULT 0,
                double_minutes smallint unsigned NOT NULL DEFAULT 0,
                minutes smallint unsigned GENERATED ALWAYS AS (normal_minutes + half_minutes + double_minutes) STORED,
                rate decimal(12,4) unsigned,
                cost_cents int unsigned,
                note varchar(250),
                booked_by bigint unsigned,
                created_at datetime(6),
                updated_at datetime(6),
                spent_on varchar(8) NOT NULL DEFAULT 'plan',
                row_id bigint unsigned,
                PRIMARY KEY (id),
                KEY bookings_order_id_index (order_id),
                KEY bookings_user_id_worked_on_index (user_id, worked_on),
                FOREIGN KEY (order_id) REFERENCES work_orders (id),
                FOREIGN KEY (row_id) REFERENCES order_assets (id),
                FOREIGN KEY (user_id) REFERENCES users (id),
                CONSTRAINT bookings_signs CHECK (minutes > 0),
                CONSTRAINT bookings_cost CHECK ((rate IS NULL) = (cost_cents IS NULL)),
                CONSTRAINT bookings_spent_on CHECK (spent_on IN ('plan', 'failure'))
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
            CREATE TABLE IF NOT EXISTS isolation_points (
                id bigint unsigned NOT NULL AUTO_INCREMENT,
                site_id bigint unsigned NOT NULL,
                asset_id bigint unsigned NOT NULL,
                position smallint unsigned NOT NULL,
                what varchar(200) NOT NULL,
                PRIMARY KEY (id),
                UNIQUE KEY isolation_points_asset_id_position_unique (asset_id, position),
                FOREIGN KEY (asset_id, site_id) REFERENCES assets (id, site_id)
            )
            SQL,
        <<<'SQL'
            CREATE TABLE IF NOT EXISTS isolations (
                id bigint unsigned NOT NULL AUTO_INCREMENT,
                site_id bigint unsigned NOT NULL,
                number bigint unsigned NOT NULL,
                asset_id bigint unsigned NOT NULL,
                permit varchar(40),
                points text NOT NULL,
                state varchar(12) NOT NULL,
                valid_until datetime(6) NOT NULL,
                issued_at datetime(6) NOT NULL,
                issued_by bigint unsigned,
                issued_who varchar(80) NOT NULL,
                version int unsigned NOT NULL DEFAULT 1,
                created_at datetime(6),
                updated_at datetime(6),
                PRIMARY KEY (id),
                UNIQUE KEY isolations_number_unique (number),
                KEY isolations_asset_id_state_index (asset_id, site_id, state),
                FOREIGN KEY (asset_id, site_id) REFERENCES assets (id, site_id),
                FOREIGN KEY (permit) REFERENCES permit_kinds (name),
                FOREIGN KEY (issued_by) REFERENCES users (id),
                CONSTRAINT isolations_state CHECK (state IN ('in force', 'suspended', 'lifted')),
                CONSTRAINT isolations_span CHECK (valid_until > issued_at)
            )
            SQL,
        <<<'SQL'
            CREATE TABLE IF NOT EXISTS order_permits (
                order_id bigint unsigned NOT NULL,
                permit varchar(40) NOT NULL,
                PRIMARY KEY (order_id, permit),
                FOREIGN KEY (order_id) REFERENCES work_orders (id),
                FOREIGN KEY (permit) REFERENCES permit_kinds (name)
            )
            SQL,
        <<<'SQL'
            CREATE TABLE IF NOT EXISTS isolation_orders (
                isolation_id bigint unsigned NOT NULL,
                order_id bigint unsigned NOT NULL,
                PRIMARY KEY (isolation_id, order_id),
                KEY isolation_orders_order_id_index (order_id),
                FOREIGN KEY (isolation_id) REFERENCES isolations (id),
                FOREIGN KEY (order_id) REFERENCES work_orders (id)
            )
            SQL,
        <<<'SQL'
            CREATE TABLE IF NOT EXISTS isolation_events (
                id bigint unsigned NOT NULL AUTO_INCREMENT,
                isolation_id bigint unsigned NOT NULL,
                did varchar(60) NOT NULL,
                user_id bigint unsigned,
                who varchar(80) NOT NULL,
                at datetime(6) NOT NULL,
                PRIMARY KEY (id),
                FOREIGN KEY (isolation_id) REFERENCES isolations (id),
                FOREIGN KEY (user_id) REFERENCES users (id)
            )
            SQL,
        <<<'SQL'
            CREATE TABLE IF NOT EXISTS timers (
                user_id bigint unsigned NOT NULL,
                order_id bigint unsigned NOT NULL,
                started_at datetime(6) NOT NULL,
                PRIMARY KEY (user_id),
                FOREIGN KEY (order_id) REFERENCES work_orders (id),
                FOREIGN KEY (user_id) REFERENCES users (id)
            )
            SQL,
        <<<'SQL'
            CREATE TABLE IF NOT EXISTS order_spans (
                id bigint unsigned NOT NULL AUTO_INCREMENT,
                order_id bigint unsigned NOT NULL,
                state varchar(12) NOT NULL,
                stage varchar(40),
                hold_reason varchar(40),
                from_at datetime(6) NOT NULL,
                to_at datetime(6),
                PRIMARY KEY (id),
                KEY order_spans_order_id_from_at_index (order_id, from_at),
                FOREIGN KEY (order_id) REFERENCES work_orders (id),
                CONSTRAINT order_spans_span CHECK (to_at IS NULL OR to_at >= from_at)
            )
            SQL,
        <<<'SQL'
            CREATE TABLE IF NOT EXISTS order_parts (
                id bigint unsigned NOT NULL AUTO_INCREMENT,
                order_id bigint unsigned NOT NULL,
                part_id bigint unsigned,
                name varchar(120) NOT NULL,
                unit varchar(12) NOT NULL,
                quantity decimal(14,3) NOT NULL,
                source varchar(12) NOT NULL,
                price decimal(12,4),
                visit_id bigint unsigned,
                step_id bigint unsigned,
                asset_id bigint unsigned,
                PRIMARY KEY (id),
                KEY order_parts_order_id_index (order_id),
                KEY order_parts_source (source, order_id),
                FOREIGN KEY (asset_id) REFERENCES assets (id),
                FOREIGN KEY (order_id) REFERENCES work_orders (id),
                FOREIGN KEY (part_id) REFERENCES parts (id),
                FOREIGN KEY (step_id) REFERENCES order_steps (id) ON DELETE SET NULL,
                FOREIGN KEY (visit_id) REFERENCES visits (id),
                CONSTRAINT order_parts_signs CHECK (quantity > 0 AND (price IS NULL OR price >= 0)),
                CONSTRAINT order_parts_source CHECK (source IN ('from store', 'bought in')),
                CONSTRAINT order_parts_known CHECK (source = 'bought in' OR part_id IS NOT NULL)
            )
            SQL,
        <<<'SQL'
            CREATE TABLE IF NOT EXISTS order_services (
                id bigint unsigned NOT NULL AUTO_INCREMENT,
                order_id bigint unsigned NOT NULL,
                supplier_id bigint unsigned,
                what varchar(200) NOT NULL,
                planned_cents int unsigned,
                agreed_on date,
                visit_id bigint unsigned,
                PRIMARY KEY (id),
                KEY order_services_order_id_index (order_id),
                FOREIGN KEY (order_id) REFERENCES work_orders (id),
                FOREIGN KEY (supplier_id) REFERENCES suppliers (id),
                FOREIGN KEY (visit_id) REFERENCES visits (id),
                CONSTRAINT order_services_agreed CHECK (agreed_on IS NULL OR planned_cents IS NOT NULL)
            )
            SQL,
        <<<'SQL'
            CREATE TABLE IF NOT EXISTS part_uses (
                id bigint unsigned NOT NULL AUTO_INCREMENT,
                order_id bigint unsigned NOT NULL,
                line_id bigint unsigned,
                part_id bigint unsigned,
                name varchar(120) NOT NULL,
                unit varchar(12) NOT NULL,
                quantity decimal(14,3) NOT NULL,
                value_cents int,
                used_on date NOT NULL,
                note varchar(250),
                user_id bigint unsigned,
                who varchar(80) NOT NULL,
                noted_at datetime(6) NOT NULL,
                spent_on varchar(8) NOT NULL DEFAULT 'plan',
                row_id bigint unsigned,
                PRIMARY KEY (id),
                KEY part_uses_order_id_index (order_id),
                FOREIGN KEY (order_id) REFERENCES work_orders (id),
                FOREIGN KEY (row_id) REFERENCES order_assets (id),
                FOREIGN KEY (part_id) REFERENCES parts (id),
                FOREIGN KEY (user_id) REFERENCES users (id),
                CONSTRAINT part_uses_signs CHECK (quantity <> 0),
                CONSTRAINT part_uses_spent_on CHECK (spent_on IN ('plan', 'failure'))
            )
            SQL,
        <<<'SQL'
            CREATE TABLE IF NOT EXISTS service_bookings (
                id bigint unsigned NOT NULL AUTO_INCREMENT,
                order_id bigint unsigned NOT NULL,
                line_id bigint unsigned,
                supplier_id bigint unsigned,
                what varchar(200) NOT NULL,
                cents int NOT NULL,
                invoice varchar(60),
                booked_on date NOT NULL,
                user_id bigint unsigned,
                who varchar(80) NOT NULL,
                noted_at datetime(6) NOT NULL,
                spent_on varchar(8) NOT NULL DEFAULT 'plan',
                row_id bigint unsigned,
                PRIMARY KEY (id),
                KEY service_bookings_order_id_index (order_id),
                FOREIGN KEY (order_id) REFERENCES work_orders (id),
                FOREIGN KEY (row_id) REFERENCES order_assets (id),
                FOREIGN KEY (supplier_id) REFERENCES suppliers (id),
                FOREIGN KEY (user_id) REFERENCES users (id),
                CONSTRAINT service_bookings_spent_on CHECK (spent_on IN ('plan', 'failure'))
            )
            SQL,
        <<<'SQL'
            CREATE TABLE IF NOT EXISTS cost_entries (
                id bigint unsigned NOT NULL AUTO_INCREMENT,
                site_id bigint unsigned NOT NULL,
                order_id bigint unsigned NOT NULL,
                row_id bigint unsigned NOT NULL,
                kind varchar(8) NOT NULL,
                source_id bigint unsigned NOT NULL,
                spent_on varchar(8) NOT NULL,
                on_day date NOT NULL,
                cents int,
                seconds int NOT NULL DEFAULT 0,
                type varchar(40) NOT NULL,
                work varchar(10) NOT NULL,
                asset_id bigint unsigned,
                path varchar(400) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
                class_id bigint unsigned,
                cost_centre_id bigint unsigned,
                PRIMARY KEY (id),
                KEY cost_entries_by_place_index (site_id, on_day, kind, path, cents, seconds, order_id),
                KEY cost_entries_by_word_index (site_id, on_day, kind, class_id, cost_centre_id, type, work, cents,
                    seconds, order_id),
                KEY cost_entries_asset_id_on_day_index (asset_id, on_day),
                KEY cost_entries_order_id_index (order_id),
                FOREIGN KEY (asset_id, site_id) REFERENCES assets (id, site_id),
                FOREIGN KEY (order_id, site_id) REFERENCES work_orders (id, site_id),
                FOREIGN KEY (row_id) REFERENCES order_assets (id),
                CONSTRAINT cost_entries_kind CHECK (kind IN ('labour', 'parts', 'services')),
                CONSTRAINT cost_entries_work CHECK (work IN ('planned', 'unplanned')),
                CONSTRAINT cost_entries_spent_on CHECK (spent_on IN ('plan', 'failure'))
            )
            SQL,
        <<<'SQL'
            CREATE TABLE IF NOT EXISTS cost_days (
                id bigint unsigned NOT NULL AUTO_INCREMENT,
                site_id bigint unsigned NOT NULL,
                on_day date NOT NULL,
                kind varchar(8) NOT NULL,
                class_id bigint unsigned,
                cost_centre_id bigint unsigned,
                type varchar(40) NOT NULL,
                work varchar(10) NOT NULL,
                cents bigint NOT NULL,
                unknown int NOT NULL,
                seconds int NOT NULL,
                PRIMARY KEY (id),
                KEY cost_days_of_day (site_id, on_day, kind, class_id, cost_centre_id, type, work, cents, unknown,
                    seconds)
            )
            SQL,
        <<<'SQL'
            CREATE TABLE IF NOT EXISTS cost_place_days (
                id bigint unsigned NOT NULL AUTO_INCREMENT,
                site_id bigint unsigned NOT NULL,
                on_day date NOT NULL,
                kind varchar(8) NOT NULL,
                top varchar(24) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
                cents bigint NOT NULL,
                unknown int NOT NULL,
                seconds int NOT NULL,
                PRIMARY KEY (id),
                KEY cost_place_days_of_day (site_id, on_day, kind, top, cents, unknown, seconds)
            )
            SQL,
        <<<'SQL'
            CREATE TABLE IF NOT EXISTS cost_locks (
                site_id bigint unsigned NOT NULL,
                through_on date NOT NULL,
                user_id bigint unsigned,
                who varchar(80) NOT NULL,
                locked_at datetime(6) NOT NULL,
                PRIMARY KEY (site_id, through_on),
                FOREIGN KEY (site_id) REFERENCES sites (id)
            )
            SQL,
        <<<'SQL'
            CREATE TABLE IF NOT EXISTS order_links (
                order_id bigint unsigned NOT NULL,
                other_id bigint unsigned NOT NULL,
                kind varchar(12) NOT NULL,
                PRIMARY KEY (order_id, other_id, kind),
                KEY order_links_other_id_index (other_id),
                FOREIGN KEY (order_id) REFERENCES work_orders (id),
                FOREIGN KEY (other_id) REFERENCES work_orders (id),
                CONSTRAINT order_links_kind CHECK (kind IN ('follows', 'caused by', 'belongs with')),
                CONSTRAINT order_links_two CHECK (order_id <> other_id)
            )
            SQL,
        <<<'SQL'
            CREATE TABLE IF NOT EXISTS failure_words (
                id bigint unsigned NOT NULL AUTO_INCREMENT,
                kind varchar(12) NOT NULL,
                class_id bigint unsigned,
                word varchar(60) NOT NULL,
                position smallint unsigned NOT NULL DEFAULT 0,
                usual tinyint(1) NOT NULL DEFAULT 0,
                retired tinyint(1) NOT NULL DEFAULT 0,
                class_key bigint unsigned GENERATED ALWAYS AS (COALESCE(class_id, 0)) STORED,
                PRIMARY KEY (id),
                UNIQUE KEY failure_words_kind_class_word_unique (kind, class_key, word),
                FOREIGN KEY (class_id) REFERENCES equipment_classes (id),
                CONSTRAINT failure_words_kind CHECK (kind IN ('symptom', 'mode', 'mechanism', 'cause', 'action',
                    'found', 'effect'))
            )
            SQL,
        <<<'SQL'
            CREATE TABLE IF NOT EXISTS failure_records (
                id bigint unsigned NOT NULL AUTO_INCREMENT,
                order_id bigint unsigned NOT NULL,
                asset_id bigint unsigned NOT NULL,
                symptom varchar(60),
                mode varchar(60),
                mechanism varchar(60),
                cause varchar(60),
                action varchar(60),
                found varchar(60),
                effect varchar(60),
                failed_at datetime(6),
                none_because varchar(250),
                done text,
                left_to_do text,
                version int unsigned NOT NULL DEFAULT 1,
                created_at datetime(6),
                updated_at datetime(6),
                PRIMARY KEY (id),
                UNIQUE KEY failure_records_order_id_asset_id_unique (order_id, asset_id),
                KEY failure_records_asset_id_mode_index (asset_id, mode),
                FOREIGN KEY (asset_id) REFERENCES assets (id),
                FOREIGN KEY (order_id) REFERENCES work_orders (id),
                CONSTRAINT failure_records_said CHECK (mode IS NOT NULL OR none_because IS NOT NULL)
            )
            SQL,
        <<<'SQL'
            CREATE TABLE IF NOT EXISTS requests (
                id bigint unsigned NOT NULL AUTO_INCREMENT,
                site_id bigint unsigned NOT NULL,
                number bigint unsigned NOT NULL,
                asset_id bigint unsigned,
                location_id bigint unsigned,
                symptom varchar(60),
                what varchar(1000) NOT NULL,
                how_soon varchar(12) NOT NULL,
                down tinyint(1) NOT NULL DEFAULT 0,
                down_since datetime(6),
                reporter varchar(80) NOT NULL,
                user_id bigint unsigned,
                origin varchar(12) NOT NULL,
                from_order_id bigint unsigned,
                from_step smallint unsigned,
                state varchar(12) NOT NULL,
                may_run varchar(12),
                order_id bigint unsigned,
                into_id bigint unsigned,
                reason varchar(1000),
                secret_hash char(64),
                received_at datetime(6) NOT NULL,
                answered_at datetime(6),
                answered_who varchar(80),
                mended varchar(4),
                mended_at datetime(6),
                version int unsigned NOT NULL DEFAULT 1,
                created_at datetime(6),
                updated_at datetime(6),
                PRIMARY KEY (id),
                UNIQUE KEY requests_number_unique (number),
                UNIQUE KEY requests_secret_hash_unique (secret_hash),
                UNIQUE KEY requests_id_site_id_unique (id, site_id),
                KEY requests_site_id_state_received_at_index (site_id, state, received_at),
                KEY requests_asset_id_state_index (asset_id, site_id, state),
                KEY requests_user_id_index (user_id),
                KEY requests_order_id_index (order_id),
                FOREIGN KEY (asset_id, site_id) REFERENCES assets (id, site_id),
                FOREIGN KEY (from_order_id) REFERENCES work_orders (id),
                FOREIGN KEY (into_id, site_id) REFERENCES requests (id, site_id),
                FOREIGN KEY (location_id, site_id) REFERENCES locations (id, site_id),
                FOREIGN KEY (order_id, site_id) REFERENCES work_orders (id, site_id),
                FOREIGN KEY (site_id) REFERENCES sites (id),
                FOREIGN KEY (user_id) REFERENCES users (id),
                CONSTRAINT requests_about CHECK ((asset_id IS NULL) <> (location_id IS NULL)),
                CONSTRAINT requests_how_soon CHECK (how_soon IN ('can wait', 'this shift', 'at once')),
                CONSTRAINT requests_origin CHECK (origin IN ('label', 'inside', 'order')),
                CONSTRAINT requests_state CHECK (state IN ('received', 'asked back', 'accepted', 'merged', 'declined',
                    'withdrawn')),
                CONSTRAINT requests_may_run CHECK (may_run IS NULL OR may_run IN ('yes', 'restricted', 'no')),
                CONSTRAINT requests_mended CHECK (mended IS NULL OR mended IN ('yes', 'no')),
                CONSTRAINT requests_accepted CHECK (state <> 'accepted' OR order_id IS NOT NULL),
                CONSTRAINT requests_merged CHECK (state <> 'merged' OR into_id IS NOT NULL OR order_id IS NOT NULL)
            )
            SQL,
        <<<'SQL'
            CREATE TABLE IF NOT EXISTS request_words (
                id bigint unsigned NOT NULL AUTO_INCREMENT,
                request_id bigint unsigned NOT NULL,
                user_id bigint unsigned,
                who varchar(80) NOT NULL,
                words varchar(1000) NOT NULL,
                said_at datetime(6) NOT NULL,
                PRIMARY KEY (id),
                FOREIGN KEY (request_id) REFERENCES requests (id),
                FOREIGN KEY (user_id) REFERENCES users (id)
            )
            SQL,
        <<<'SQL'
            CREATE TABLE IF NOT EXISTS request_voices (
                id bigint unsigned NOT NULL AUTO_INCREMENT,
                request_id bigint unsigned NOT NULL,
                user_id bigint unsigned,
                who varchar(80) NOT NULL,
                said_at datetime(6) NOT NULL,
                PRIMARY KEY (id),
                FOREIGN KEY (request_id) REFERENCES requests (id),
                FOREIGN KEY (user_id) REFERENCES users (id)
            )
            SQL,
        <<<'SQL'
            CREATE TABLE IF NOT EXISTS restrictions (
                id bigint unsigned NOT NULL AUTO_INCREMENT,
                site_id bigint unsigned NOT NULL,
                asset_id bigint unsigned NOT NULL,
                request_id bigint unsigned,
                what varchar(250) NOT NULL,
                until_on date,
                user_id bigint unsigned,
                who varchar(80) NOT NULL,
                set_at datetime(6) NOT NULL,
                lifted_at datetime(6),
                lifted_who varchar(80),
                PRIMARY KEY (id),
                KEY restrictions_asset_id_lifted_at_index (asset_id, site_id, lifted_at),
                FOREIGN KEY (asset_id, site_id) REFERENCES assets (id, site_id),
                FOREIGN KEY (request_id, site_id) REFERENCES requests (id, site_id),
                FOREIGN KEY (user_id) REFERENCES users (id),
                CONSTRAINT restrictions_lifted CHECK ((lifted_at IS NULL) = (lifted_who IS NULL))
            )
            SQL,
        <<<'SQL'
            CREATE TABLE IF NOT EXISTS priority_rules (
                how_soon varchar(12) NOT NULL,
                criticality char(1) NOT NULL,
                priority varchar(12) NOT NULL,
                PRIMARY KEY (how_soon, criticality)
            )
            SQL,
        <<<'SQL'
            CREATE TABLE IF NOT EXISTS priority_days (
                priority varchar(12) NOT NULL,
                days smallint unsigned NOT NULL,
                PRIMARY KEY (priority)
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
        <<<'SQL'
            CREATE TABLE IF NOT EXISTS former_costs (
                order_id bigint unsigned NOT NULL,
                on_day date NOT NULL,
                minutes int unsigned NOT NULL DEFAULT 0,
                labour_cents int unsigned,
                parts_cents int unsigned,
                services_cents int unsigned,
                PRIMARY KEY (order_id),
                FOREIGN KEY (order_id) REFERENCES work_orders (id)
            )
            SQL,
        <<<'SQL'
            CREATE TABLE IF NOT EXISTS order_edits (
                id bigint unsigned NOT NULL AUTO_INCREMENT,
                site_id bigint unsigned NOT NULL,
                user_id bigint unsigned,
                what varchar(12) NOT NULL,
                `before` json NOT NULL,
                after json NOT NULL,
                made_at datetime(6) NOT NULL,
                undone_at datetime(6),
                PRIMARY KEY (id),
                FOREIGN KEY (site_id) REFERENCES sites (id),
                FOREIGN KEY (user_id) REFERENCES users (id),
                CONSTRAINT order_edits_what CHECK (what IN ('team', 'person', 'planned', 'due', 'priority', 'stage',
                    'approve', 'hold', 'resume', 'cancel'))
            )
            SQL,
        <<<'SQL'
            CREATE TABLE IF NOT EXISTS warranty_claims (
                id bigint unsigned NOT NULL AUTO_INCREMENT,
                order_id bigint unsigned NOT NULL,
                site_id bigint unsigned NOT NULL,
                asset_id bigint unsigned NOT NULL,
                supplier_id bigint unsigned,
                what varchar(500) NOT NULL,
                kept varchar(250),
                reference varchar(60),
                state varchar(8) NOT NULL,
                claimed_on date NOT NULL,
                who varchar(80) NOT NULL,
                credit_cents int unsigned,
                reason varchar(250),
                decided_on date,
                PRIMARY KEY (id),
                KEY warranty_claims_order_id_index (order_id),
                KEY warranty_claims_site_id_state_index (site_id, state),
                FOREIGN KEY (asset_id, site_id) REFERENCES assets (id, site_id),
                FOREIGN KEY (order_id, site_id) REFERENCES work_orders (id, site_id),
                FOREIGN KEY (supplier_id) REFERENCES suppliers (id),
                CONSTRAINT warranty_claims_state CHECK (state IN ('claimed', 'granted', 'refused')),
                CONSTRAINT warranty_claims_decided CHECK ((state = 'claimed') = (decided_on IS NULL)),
                CONSTRAINT warranty_claims_credit CHECK ((state = 'granted') = (credit_cents IS NOT NULL))
            )
            SQL,
        <<<'SQL'
            CREATE TABLE IF NOT EXISTS recharge_taxes (
                site_id bigint unsigned NOT NULL,
                location_id bigint unsigned NOT NULL DEFAULT 0,
                percent int unsigned NOT NULL,
                PRIMARY KEY (site_id, location_id),
                FOREIGN KEY (site_id) REFERENCES sites (id),
                CONSTRAINT recharge_taxes_percent CHECK (percent <= 1000000)
            )
            SQL,
        <<<'SQL'
            CREATE TABLE IF NOT EXISTS recharge_references (
                name varchar(40) NOT NULL,
                position smallint unsigned NOT NULL DEFAULT 0,
                retired tinyint(1) NOT NULL DEFAULT 0,
                PRIMARY KEY (name)
            )
            SQL,
        <<<'SQL'
            CREATE TABLE IF NOT EXISTS order_recharges (
                order_id bigint unsigned NOT NULL,
                customer varchar(120) NOT NULL,
                customer_order varchar(60),
                discount_cents int unsigned NOT NULL DEFAULT 0,
                set_cents int,
                set_reason varchar(250),
                invoice varchar(60),
                `references` json NOT NULL,
                who varchar(80) NOT NULL,
                version int unsigned NOT NULL DEFAULT 1,
                created_at datetime(6),
                updated_at datetime(6),
                PRIMARY KEY (order_id),
                FOREIGN KEY (order_id) REFERENCES work_orders (id),
                CONSTRAINT order_recharges_set CHECK ((set_cents IS NULL) = (set_reason IS NULL))
            )
            SQL,
        <<<'SQL'
            CREATE TABLE IF NOT EXISTS contracts (
                id bigint unsigned NOT NULL AUTO_INCREMENT,
                order_id bigint unsigned NOT NULL,
                site_id bigint unsigned NOT NULL,
                supplier_id bigint unsigned NOT NULL,
                host_id bigint unsigned NOT NULL,
                state varchar(10) NOT NULL,
                note varchar(1000),
                secret_hash char(64) NOT NULL,
                who varchar(80) NOT NULL,
                ordered_on date NOT NULL,
                report varchar(2000),
                reporter varchar(80),
                minutes int unsigned,
                reported_at datetime(6),
                accepted_on date,
                accepted_who varchar(80),
                PRIMARY KEY (id),
                UNIQUE KEY contracts_order_id_supplier_id_unique (order_id, supplier_id),
                UNIQUE KEY contracts_secret_hash_unique (secret_hash),
                KEY contracts_site_id_state_index (site_id, state),
                FOREIGN KEY (host_id) REFERENCES users (id),
                FOREIGN KEY (order_id, site_id) REFERENCES work_orders (id, site_id),
                FOREIGN KEY (supplier_id) REFERENCES suppliers (id),
                CONSTRAINT contracts_state CHECK (state IN ('ordered', 'reported', 'accepted')),
                CONSTRAINT contracts_reported CHECK ((state = 'ordered') = (reported_at IS NULL)),
                CONSTRAINT contracts_accepted CHECK ((state = 'accepted') = (accepted_on IS NOT NULL))
            )
            SQL,
        <<<'SQL'
            CREATE TABLE IF NOT EXISTS type_accounts (
                type varchar(40) NOT NULL,
                kind varchar(8) NOT NULL,
                account varchar(40) NOT NULL,
                PRIMARY KEY (type, kind),
                FOREIGN KEY (type) REFERENCES order_types (name),
                CONSTRAINT type_accounts_kind CHECK (kind IN ('labour', 'parts', 'services'))
            )
            SQL,
        <<<'SQL'
            CREATE TABLE IF NOT EXISTS shutdowns (
                id bigint unsigned NOT NULL AUTO_INCREMENT,
                site_id bigint unsigned NOT NULL,
                number bigint unsigned NOT NULL,
                title varchar(160) NOT NULL,
                from_at datetime NOT NULL,
                to_at datetime NOT NULL,
                scope_on date,
                about text,
                over_at datetime(6),
                over_who varchar(80),
                version int unsigned NOT NULL DEFAULT 1,
                created_at datetime(6),
                updated_at datetime(6),
                PRIMARY KEY (id),
                UNIQUE KEY shutdowns_number_unique (number),
                UNIQUE KEY shutdowns_id_site_id_unique (id, site_id),
                KEY shutdowns_site_id_from_at_index (site_id, from_at),
                FOREIGN KEY (site_id) REFERENCES sites (id),
                CONSTRAINT shutdowns_span CHECK (to_at > from_at),
                CONSTRAINT shutdowns_over CHECK ((over_at IS NULL) = (over_who IS NULL))
            )
            SQL,
        <<<'SQL'
            CREATE TABLE IF NOT EXISTS shutdown_assets (
                shutdown_id bigint unsigned NOT NULL,
                asset_id bigint unsigned NOT NULL,
                site_id bigint unsigned NOT NULL,
                PRIMARY KEY (shutdown_id, asset_id),
                FOREIGN KEY (asset_id, site_id) REFERENCES assets (id, site_id),
                FOREIGN KEY (shutdown_id, site_id) REFERENCES shutdowns (id, site_id)
            )
            SQL,
        <<<'SQL'
            CREATE TABLE IF NOT EXISTS shutdown_orders (
                order_id bigint unsigned NOT NULL,
                shutdown_id bigint unsigned NOT NULL,
                site_id bigint unsigned NOT NULL,
                turn smallint unsigned NOT NULL DEFAULT 1,
                added_on date NOT NULL,
                added_who varchar(80) NOT NULL,
                late_reason varchar(250),
                PRIMARY KEY (order_id),
                KEY shutdown_orders_shutdown_id_turn_index (shutdown_id, turn),
                FOREIGN KEY (order_id, site_id) REFERENCES work_orders (id, site_id),
                FOREIGN KEY (shutdown_id, site_id) REFERENCES shutdowns (id, site_id),
                CONSTRAINT shutdown_orders_turn CHECK (turn > 0)
            )
            SQL,
    ];

    /** The words by which failures are told at a plant that has not set its own, after the kinds of ISO 14224. */
    private const WORDS = [
        'symptom' => [
            'stops by itself',
            'squeals, knocks',
            'leaks',
            'smells, hot',
            'does not start',
            'something is loose',
            'wrong reading',
        ],
        'mode' => [
            'does not start',
            'stops unexpectedly',
            'runs too slow',
            'leaks outside',
            'leaks inside',
            'overheats',
            'vibrates',
            'makes noise',
            'wrong reading',
            'does not hold pressure',
            'broken or bent',
            'other',
        ],
        'mechanism' => [
            'wear',
            'fatigue',
            'corrosion',
            'looseness',
            'blockage',
            'contamination',
            'misalignment',
            'short circuit',
            'broken wire',
            'electronic fault',
            'not found',
        ],
        'cause' => [
            'age and use',
            'poor lubrication',
            'wrong setting',
            'wrong part',
            'poor repair',
            'wrong operation',
            'weak design',
            'raw material',
            'outside event',
            'unknown',
        ],
        'action' => [
            'replaced',
            'repaired',
            'adjusted',
            'cleaned',
            'lubricated',
            'tightened',
            'reset',
            'patched for now',
            'nothing needed',
        ],
        'found' => [
            'noticed by operator',
            'when it stopped',
            'on a round',
            'on a planned visit',
            'by a signal',
            'by chance',
        ],
        'effect' => ['none yet', 'slowed the machine', 'stopped the machine', 'bad product', 'danger to people'],
    ];

    public function up(): void
    {
        foreach (self::TABLES as $table) {
            DB::statement($table);
        }
        $position = 0;
        foreach (HoldReason::SHIPPED as $name => $days) {
            DB::table('hold_reasons')->insertOrIgnore(['name' => $name, 'days' => $days, 'position' => ++$position]);
        }
        foreach (Permits::SHIPPED as $position => $name) {
            DB::table('permit_kinds')->insertOrIgnore(['name' => $name, 'position' => $position + 1]);
        }
        foreach (self::WORDS as $kind => $words) {
            foreach ($words as $position => $word) {
                DB::table('failure_words')->insertOrIgnore([
                    'kind' => $kind,
                    'word' => $word,
                    'position' => $position,
                ]);
            }
        }
        Ledgers::close('bookings', 'booking_strikes', 'part_uses', 'service_bookings', 'cost_locks');
        Ledgers::close('request_words', 'request_voices', 'isolation_events');
    }
};
