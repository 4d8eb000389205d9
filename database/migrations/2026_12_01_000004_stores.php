<?php

declare(strict_types=1);

use App\Platform\Writing\Ledgers;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/** Parts of the plant and what they fit; where they lie, what moved, to whom they are promised, what is bought. */
return new class extends Migration
{
    private const TABLES = [
        <<<'SQL'
            CREATE TABLE IF NOT EXISTS parts (
                id bigint unsigned NOT NULL AUTO_INCREMENT,
                number varchar(60) NOT NULL,
                name varchar(120) NOT NULL,
                unit varchar(12) NOT NULL DEFAULT 'pc',
                price decimal(12,4),
                currency char(3),
                supplier_id bigint unsigned,
                note varchar(500),
                class varchar(60),
                criticality char(1),
                lead_days smallint unsigned,
                buy_unit varchar(12),
                buy_of decimal(14,3),
                issue_unit varchar(12),
                issue_of decimal(14,3),
                tracked varchar(8),
                shelf_days smallint unsigned,
                repair_days smallint unsigned,
                scrapped_percent tinyint unsigned NOT NULL DEFAULT 0,
                merged_into_id bigint unsigned,
                retired tinyint(1) NOT NULL DEFAULT 0,
                version int unsigned NOT NULL DEFAULT 1,
                created_at datetime(6),
                updated_at datetime(6),
                PRIMARY KEY (id),
                UNIQUE KEY parts_number_unique (number),
                KEY parts_retired_name_index (retired, name, id, number),
                KEY parts_lead_days_index (lead_days),
                FOREIGN KEY (supplier_id) REFERENCES suppliers (id),
                FOREIGN KEY (merged_into_id) REFERENCES parts (id),
                CONSTRAINT parts_buy CHECK ((buy_unit IS NULL) = (buy_of IS NULL) AND (buy_of IS NULL OR buy_of > 0)),
                CONSTRAINT parts_issue CHECK (
                    (issue_unit IS NULL) = (issue_of IS NULL) AND (issue_of IS NULL OR issue_of > 0)
                ),
                CONSTRAINT parts_tracked CHECK (tracked IS NULL OR tracked IN ('batch', 'serial')),
                CONSTRAINT parts_scrapped CHECK (scrapped_percent <= 100),
                CONSTRAINT parts_price CHECK (price IS NULL OR price >= 0),
                CONSTRAINT parts_criticality CHECK (criticality IS NULL OR criticality IN ('A', 'B', 'C')),
                CONSTRAINT parts_currency CHECK ((price IS NULL) = (currency IS NULL))
            )
            SQL,
        <<<'SQL'
            CREATE TABLE IF NOT EXISTS fits (
                id bigint unsigned NOT NULL AUTO_INCREMENT,
                part_id bigint unsigned NOT NULL,
                asset_id bigint unsigned,
                class_id bigint unsigned,
                quantity decimal(14,3) NOT NULL,
                note varchar(200),
                PRIMARY KEY (id),
                UNIQUE KEY fits_asset_id_part_id_unique (asset_id, part_id),
                UNIQUE KEY fits_class_id_part_id_unique (class_id, part_id),
                FOREIGN KEY (asset_id) REFERENCES assets (id),
                FOREIGN KEY (class_id) REFERENCES equipment_classes (id),
                FOREIGN KEY (part_id) REFERENCES parts (id),
                CONSTRAINT fits_one CHECK ((asset_id IS NULL) <> (class_id IS NULL)),
                CONSTRAINT fits_quantity CHECK (quantity > 0)
            )
            SQL,
        <<<'SQL'
            CREATE TABLE IF NOT EXISTS stores (
                id bigint unsigned NOT NULL AUTO_INCREMENT,
                site_id bigint unsigned NOT NULL,
                code varchar(20) NOT NULL,
                name varchar(80) NOT NULL,
                active tinyint NOT NULL DEFAULT 1,
                version int unsigned NOT NULL DEFAULT 1,
                created_at datetime(6),
                updated_at datetime(6),
                PRIMARY KEY (id),
                UNIQUE KEY stores_site_id_code_unique (site_id, code),
                UNIQUE KEY stores_id_site_id_unique (id, site_id),
                FOREIGN KEY (site_id) REFERENCES sites (id),
                CONSTRAINT stores_flags CHECK (active IN (0, 1))
            )
            SQL,
        <<<'SQL'
            CREATE TABLE IF NOT EXISTS stock (
                id bigint unsigned NOT NULL AUTO_INCREMENT,
                site_id bigint unsigned NOT NULL,
                store_id bigint unsigned NOT NULL,
                part_id bigint unsigned NOT NULL,
                class varchar(60),
                bin varchar(20),
                reorder_point decimal(14,3),
                order_quantity decimal(14,3),
                most decimal(14,3),
                on_hand decimal(14,3) NOT NULL DEFAULT 0,
                value_cents bigint NOT NULL DEFAULT 0,
                last_price decimal(14,4),
                promised decimal(14,3) NOT NULL DEFAULT 0,
                short decimal(14,3) NOT NULL DEFAULT 0,
                on_order decimal(14,3) NOT NULL DEFAULT 0,
                kept_on date,
                counted_on date,
                moved_on date,
                taken_on date,
                holding json,
                abc char(1) NOT NULL DEFAULT 'C',
                count_due_on date,
                version int unsigned NOT NULL DEFAULT 1,
                is_low tinyint(1) AS (
                    short > 0 OR on_hand - promised - short <= COALESCE(reorder_point, 0)
                ) PERSISTENT,
                PRIMARY KEY (id),
                UNIQUE KEY stock_part_id_store_id_unique (part_id, store_id),
                UNIQUE KEY stock_id_site_id_unique (id, site_id),
                KEY stock_store_id_bin_index (store_id, bin, value_cents),
                KEY stock_position (site_id, part_id, short, on_hand, promised, reorder_point),
                KEY stock_site_id_short_index (site_id, short),
                KEY stock_low (site_id, is_low, part_id),
                KEY stock_by_class (site_id, store_id, class, value_cents),
                KEY stock_site_id_value_cents_index (site_id, value_cents),
                KEY stock_site_id_count_due_on_index (site_id, count_due_on),
                FOREIGN KEY (store_id, site_id) REFERENCES stores (id, site_id),
                FOREIGN KEY (part_id) REFERENCES parts (id),
                CONSTRAINT stock_on_hand CHECK (on_hand >= 0 AND (on_hand > 0 OR value_cents = 0) AND value_cents >= 0),
                CONSTRAINT stock_promised CHECK (promised >= 0 AND promised <= on_hand AND short >= 0),
                CONSTRAINT stock_on_order CHECK (on_order >= 0),
                CONSTRAINT stock_abc CHECK (abc IN ('A', 'B', 'C')),
                CONSTRAINT stock_levels CHECK (
                    (reorder_point IS NULL OR reorder_point >= 0)
                    AND (order_quantity IS NULL OR order_quantity > 0)
                    AND (most IS NULL OR reorder_point IS NULL OR most >= reorder_point)
                )
            )
            SQL,
        <<<'SQL'
            CREATE TABLE IF NOT EXISTS stock_moves (
                id bigint unsigned NOT NULL AUTO_INCREMENT,
                site_id bigint unsigned NOT NULL,
                stock_id bigint unsigned NOT NULL,
                kind varchar(12) NOT NULL,
                quantity decimal(14,3) NOT NULL,
                value_cents bigint NOT NULL,
                on_hand_after decimal(14,3) NOT NULL,
                value_after_cents bigint NOT NULL,
                variance_cents bigint NOT NULL DEFAULT 0,
                of_id bigint unsigned,
                subject_kind varchar(20),
                subject_id bigint unsigned,
                label varchar(200),
                reason varchar(250),
                moved_on date NOT NULL,
                user_id bigint unsigned,
                who varchar(80) NOT NULL,
                second_who varchar(80),
                noted_at datetime(6) NOT NULL,
                PRIMARY KEY (id),
                KEY stock_moves_stock_id_moved_on_index (stock_id, moved_on),
                KEY stock_moves_site_id_moved_on_index (site_id, moved_on, kind, value_cents),
                KEY stock_moves_subject_index (subject_kind, subject_id, stock_id),
                KEY stock_moves_of_id_index (of_id),
                KEY stock_moves_emptied (site_id, on_hand_after, moved_on, stock_id),
                FOREIGN KEY (stock_id, site_id) REFERENCES stock (id, site_id),
                FOREIGN KEY (of_id) REFERENCES stock_moves (id),
                FOREIGN KEY (user_id) REFERENCES users (id),
                CONSTRAINT stock_moves_kind CHECK (
                    kind IN ('receipt', 'issue', 'return', 'transfer', 'count', 'scrap', 'reversal')
                ),
                CONSTRAINT stock_moves_after CHECK (on_hand_after >= 0 AND value_after_cents >= 0),
                CONSTRAINT stock_moves_signs CHECK (
                    (kind NOT IN ('receipt', 'return') OR quantity > 0)
                    AND (kind NOT IN ('issue', 'scrap') OR quantity < 0)
                )
            )
            SQL,
        <<<'SQL'
            CREATE TABLE IF NOT EXISTS stock_days (
                site_id bigint unsigned NOT NULL,
                moved_on date NOT NULL,
                kind varchar(12) NOT NULL,
                value_cents bigint NOT NULL,
                moves int unsigned NOT NULL,
                PRIMARY KEY (site_id, moved_on, kind),
                FOREIGN KEY (site_id) REFERENCES sites (id)
            )
            SQL,
        <<<'SQL'
            CREATE TABLE IF NOT EXISTS part_claims (
                id bigint unsigned NOT NULL AUTO_INCREMENT,
                site_id bigint unsigned NOT NULL,
                stock_id bigint unsigned NOT NULL,
                subject_kind varchar(20) NOT NULL,
                subject_id bigint unsigned NOT NULL,
                label varchar(200) NOT NULL,
                who varchar(80),
                quantity decimal(14,3) NOT NULL,
                promised decimal(14,3) NOT NULL DEFAULT 0,
                picked decimal(14,3) NOT NULL DEFAULT 0,
                needed_on date,
                strokes tinyint unsigned NOT NULL,
                approved_at datetime(6) NOT NULL,
                is_lacking tinyint(1) AS (IF(promised < quantity, 1, NULL)) PERSISTENT,
                PRIMARY KEY (id),
                UNIQUE KEY part_claims_subject_unique (subject_kind, subject_id, stock_id),
                KEY part_claims_site_id_needed_on_index (site_id, needed_on),
                KEY part_claims_lacking (
                    site_id, is_lacking, stock_id, needed_on, approved_at, quantity, promised
                ),
                KEY part_claims_lacking_by_day (site_id, is_lacking, needed_on),
                FOREIGN KEY (stock_id, site_id) REFERENCES stock (id, site_id),
                CONSTRAINT part_claims_quantities CHECK (
                    quantity > 0 AND promised >= 0 AND promised <= quantity AND picked >= 0 AND picked <= promised
                ),
                CONSTRAINT part_claims_strokes CHECK (strokes BETWEEN 1 AND 4)
            )
            SQL,
        <<<'SQL'
            CREATE TABLE IF NOT EXISTS part_suppliers (
                id bigint unsigned NOT NULL AUTO_INCREMENT,
                part_id bigint unsigned NOT NULL,
                supplier_id bigint unsigned NOT NULL,
                their_number varchar(60),
                lead_days smallint unsigned,
                least decimal(14,3),
                PRIMARY KEY (id),
                UNIQUE KEY part_suppliers_part_id_supplier_id_unique (part_id, supplier_id),
                FOREIGN KEY (part_id) REFERENCES parts (id),
                FOREIGN KEY (supplier_id) REFERENCES suppliers (id),
                CONSTRAINT part_suppliers_least CHECK (least IS NULL OR least > 0)
            )
            SQL,
        <<<'SQL'
            CREATE TABLE IF NOT EXISTS purchases (
                id bigint unsigned NOT NULL AUTO_INCREMENT,
                site_id bigint unsigned NOT NULL,
                number int unsigned NOT NULL,
                supplier_id bigint unsigned NOT NULL,
                store_id bigint unsigned NOT NULL,
                state varchar(16) NOT NULL DEFAULT 'draft',
                currency char(3) NOT NULL,
                note varchar(500),
                expected_on date,
                raised_by bigint unsigned,
                raised_who varchar(80) NOT NULL,
                raised_on date NOT NULL,
                approved_by bigint unsigned,
                approved_who varchar(80),
                sent_on date,
                over_on date,
                over_reason varchar(250),
                mailed_to varchar(120),
                mailed_at datetime(6),
                version int unsigned NOT NULL DEFAULT 1,
                created_at datetime(6),
                updated_at datetime(6),
                PRIMARY KEY (id),
                UNIQUE KEY purchases_number_unique (number),
                UNIQUE KEY purchases_id_site_id_unique (id, site_id),
                KEY purchases_site_id_state_index (site_id, state),
                KEY purchases_supplier_id_index (supplier_id),
                FOREIGN KEY (site_id) REFERENCES sites (id),
                FOREIGN KEY (supplier_id) REFERENCES suppliers (id),
                FOREIGN KEY (store_id, site_id) REFERENCES stores (id, site_id),
                FOREIGN KEY (raised_by) REFERENCES users (id),
                FOREIGN KEY (approved_by) REFERENCES users (id),
                CONSTRAINT purchases_state CHECK (
                    state IN ('draft', 'approved', 'sent', 'part received', 'received', 'closed', 'cancelled')
                )
            )
            SQL,
        <<<'SQL'
            CREATE TABLE IF NOT EXISTS purchase_lines (
                id bigint unsigned NOT NULL AUTO_INCREMENT,
                site_id bigint unsigned NOT NULL,
                purchase_id bigint unsigned NOT NULL,
                part_id bigint unsigned,
                stock_id bigint unsigned,
                subject_kind varchar(20),
                subject_id bigint unsigned,
                subject_line bigint unsigned,
                label varchar(200),
                name varchar(120) NOT NULL,
                unit varchar(12) NOT NULL,
                their_number varchar(60),
                quantity decimal(14,3) NOT NULL,
                pack varchar(12),
                pack_of decimal(14,3),
                price decimal(12,4),
                expected_on date,
                received decimal(14,3) NOT NULL DEFAULT 0,
                why varchar(250),
                PRIMARY KEY (id),
                KEY purchase_lines_purchase_id_index (purchase_id),
                KEY purchase_lines_stock_id_index (stock_id),
                KEY purchase_lines_subject_index (subject_kind, subject_id),
                FOREIGN KEY (purchase_id, site_id) REFERENCES purchases (id, site_id),
                FOREIGN KEY (stock_id, site_id) REFERENCES stock (id, site_id),
                FOREIGN KEY (part_id) REFERENCES parts (id),
                CONSTRAINT purchase_lines_pack CHECK (
                    (pack IS NULL) = (pack_of IS NULL) AND (pack_of IS NULL OR pack_of > 0)
                ),
                CONSTRAINT purchase_lines_signs CHECK (
                    quantity > 0 AND received >= 0 AND (price IS NULL OR price >= 0)
                ),
                CONSTRAINT purchase_lines_for CHECK (
                    (stock_id IS NOT NULL AND part_id IS NOT NULL AND subject_id IS NULL)
                    OR (stock_id IS NULL AND subject_id IS NOT NULL)
                )
            )
            SQL,
        <<<'SQL'
            CREATE TABLE IF NOT EXISTS purchase_receipts (
                id bigint unsigned NOT NULL AUTO_INCREMENT,
                site_id bigint unsigned NOT NULL,
                purchase_id bigint unsigned NOT NULL,
                line_id bigint unsigned NOT NULL,
                quantity decimal(14,3) NOT NULL,
                outcome varchar(12) NOT NULL,
                price decimal(12,4) NOT NULL,
                variance_cents bigint NOT NULL DEFAULT 0,
                note varchar(250),
                move_id bigint unsigned,
                received_on date NOT NULL,
                user_id bigint unsigned,
                who varchar(80) NOT NULL,
                noted_at datetime(6) NOT NULL,
                PRIMARY KEY (id),
                KEY purchase_receipts_line_id_index (line_id),
                FOREIGN KEY (purchase_id, site_id) REFERENCES purchases (id, site_id),
                FOREIGN KEY (line_id) REFERENCES purchase_lines (id),
                FOREIGN KEY (move_id) REFERENCES stock_moves (id),
                FOREIGN KEY (user_id) REFERENCES users (id),
                CONSTRAINT purchase_receipts_outcome CHECK (outcome IN ('kept', 'sent back')),
                CONSTRAINT purchase_receipts_signs CHECK (quantity > 0 AND price >= 0)
            )
            SQL,
        <<<'SQL'
            CREATE TABLE IF NOT EXISTS stock_counts (
                id bigint unsigned NOT NULL AUTO_INCREMENT,
                site_id bigint unsigned NOT NULL,
                store_id bigint unsigned NOT NULL,
                number int unsigned NOT NULL,
                state varchar(10) NOT NULL DEFAULT 'open',
                blind tinyint NOT NULL DEFAULT 1,
                about varchar(120) NOT NULL,
                made_on date NOT NULL,
                made_by bigint unsigned,
                made_who varchar(80) NOT NULL,
                booked_on date,
                booked_who varchar(80),
                version int unsigned NOT NULL DEFAULT 1,
                created_at datetime(6),
                updated_at datetime(6),
                PRIMARY KEY (id),
                UNIQUE KEY stock_counts_number_unique (number),
                UNIQUE KEY stock_counts_id_site_id_unique (id, site_id),
                KEY stock_counts_site_id_state_index (site_id, state),
                FOREIGN KEY (store_id, site_id) REFERENCES stores (id, site_id),
                FOREIGN KEY (made_by) REFERENCES users (id),
                CONSTRAINT stock_counts_state CHECK (state IN ('open', 'booked', 'dropped')),
                CONSTRAINT stock_counts_blind CHECK (blind IN (0, 1))
            )
            SQL,
        <<<'SQL'
            CREATE TABLE IF NOT EXISTS count_lines (
                id bigint unsigned NOT NULL AUTO_INCREMENT,
                site_id bigint unsigned NOT NULL,
                count_id bigint unsigned NOT NULL,
                stock_id bigint unsigned NOT NULL,
                counted decimal(14,3),
                by_books decimal(14,3),
                note varchar(200),
                counted_who varchar(80),
                counted_by bigint unsigned,
                counted_at datetime(6),
                move_id bigint unsigned,
                PRIMARY KEY (id),
                UNIQUE KEY count_lines_count_id_stock_id_unique (count_id, stock_id),
                FOREIGN KEY (count_id, site_id) REFERENCES stock_counts (id, site_id),
                FOREIGN KEY (stock_id, site_id) REFERENCES stock (id, site_id),
                FOREIGN KEY (counted_by) REFERENCES users (id),
                FOREIGN KEY (move_id) REFERENCES stock_moves (id),
                CONSTRAINT count_lines_counted CHECK (
                    (counted IS NULL OR counted >= 0) AND (counted IS NULL) = (by_books IS NULL)
                )
            )
            SQL,
        <<<'SQL'
            CREATE TABLE IF NOT EXISTS store_rules (
                site_id bigint unsigned NOT NULL,
                big_cents int unsigned NOT NULL DEFAULT 10000,
                approve_cents int unsigned NOT NULL DEFAULT 50000,
                separate tinyint NOT NULL DEFAULT 0,
                review_days smallint unsigned NOT NULL DEFAULT 7,
                start_short tinyint NOT NULL DEFAULT 1,
                version int unsigned NOT NULL DEFAULT 1,
                PRIMARY KEY (site_id),
                FOREIGN KEY (site_id) REFERENCES sites (id),
                CONSTRAINT store_rules_flags CHECK (
                    separate IN (0, 1) AND start_short IN (0, 1) AND review_days > 0
                )
            )
            SQL,
        <<<'SQL'
            CREATE TABLE IF NOT EXISTS alternatives (
                id bigint unsigned NOT NULL AUTO_INCREMENT,
                part_id bigint unsigned NOT NULL,
                other_id bigint unsigned NOT NULL,
                allowed tinyint NOT NULL DEFAULT 0,
                note varchar(200),
                proposed_who varchar(80) NOT NULL,
                allowed_who varchar(80),
                PRIMARY KEY (id),
                UNIQUE KEY alternatives_part_id_other_id_unique (part_id, other_id),
                FOREIGN KEY (part_id) REFERENCES parts (id),
                FOREIGN KEY (other_id) REFERENCES parts (id),
                CONSTRAINT alternatives_allowed CHECK (allowed IN (0, 1) AND (allowed = 1) = (allowed_who IS NOT NULL)),
                CONSTRAINT alternatives_two CHECK (part_id <> other_id)
            )
            SQL,
        <<<'SQL'
            CREATE TABLE IF NOT EXISTS part_prices (
                id bigint unsigned NOT NULL AUTO_INCREMENT,
                part_id bigint unsigned NOT NULL,
                supplier_id bigint unsigned NOT NULL,
                from_on date NOT NULL,
                price decimal(12,4) NOT NULL,
                currency char(3) NOT NULL,
                who varchar(80) NOT NULL,
                PRIMARY KEY (id),
                UNIQUE KEY part_prices_unique (part_id, supplier_id, from_on),
                KEY part_prices_from_on_index (from_on),
                FOREIGN KEY (part_id, supplier_id) REFERENCES part_suppliers (part_id, supplier_id),
                CONSTRAINT part_prices_price CHECK (price >= 0)
            )
            SQL,
        <<<'SQL'
            CREATE TABLE IF NOT EXISTS stock_demands (
                id bigint unsigned NOT NULL AUTO_INCREMENT,
                site_id bigint unsigned NOT NULL,
                stock_id bigint unsigned NOT NULL,
                subject_kind varchar(20) NOT NULL,
                subject_id bigint unsigned NOT NULL,
                label varchar(200) NOT NULL,
                quantity decimal(14,3) NOT NULL,
                at_once decimal(14,3) NOT NULL,
                demanded_on date NOT NULL,
                PRIMARY KEY (id),
                KEY stock_demands_reached (site_id, demanded_on, stock_id, quantity, at_once),
                KEY stock_demands_subject_index (subject_kind, subject_id, stock_id),
                FOREIGN KEY (stock_id, site_id) REFERENCES stock (id, site_id),
                CONSTRAINT stock_demands_signs CHECK (quantity > 0 AND at_once >= 0 AND at_once <= quantity)
            )
            SQL,
        <<<'SQL'
            CREATE TABLE IF NOT EXISTS lots (
                id bigint unsigned NOT NULL AUTO_INCREMENT,
                site_id bigint unsigned NOT NULL,
                stock_id bigint unsigned NOT NULL,
                name varchar(60) NOT NULL,
                best_before date,
                quantity decimal(14,3) NOT NULL DEFAULT 0,
                came_on date NOT NULL,
                asset_id bigint unsigned,
                fitted_on date,
                PRIMARY KEY (id),
                UNIQUE KEY lots_stock_id_name_unique (stock_id, name),
                KEY lots_site_id_best_before_index (site_id, best_before),
                KEY lots_asset_id_index (asset_id),
                FOREIGN KEY (stock_id, site_id) REFERENCES stock (id, site_id),
                FOREIGN KEY (asset_id) REFERENCES assets (id),
                CONSTRAINT lots_quantity CHECK (quantity >= 0),
                CONSTRAINT lots_fitted CHECK ((asset_id IS NULL) = (fitted_on IS NULL))
            )
            SQL,
        <<<'SQL'
            CREATE TABLE IF NOT EXISTS lot_moves (
                id bigint unsigned NOT NULL AUTO_INCREMENT,
                lot_id bigint unsigned NOT NULL,
                move_id bigint unsigned NOT NULL,
                quantity decimal(14,3) NOT NULL,
                PRIMARY KEY (id),
                UNIQUE KEY lot_moves_unique (lot_id, move_id),
                KEY lot_moves_move_id_index (move_id),
                FOREIGN KEY (lot_id) REFERENCES lots (id),
                FOREIGN KEY (move_id) REFERENCES stock_moves (id),
                CONSTRAINT lot_moves_quantity CHECK (quantity <> 0)
            )
            SQL,
        <<<'SQL'
            CREATE TABLE IF NOT EXISTS lot_fittings (
                id bigint unsigned NOT NULL AUTO_INCREMENT,
                lot_id bigint unsigned NOT NULL,
                asset_id bigint unsigned NOT NULL,
                did varchar(10) NOT NULL,
                did_on date NOT NULL,
                subject_kind varchar(20),
                subject_id bigint unsigned,
                label varchar(200),
                who varchar(80) NOT NULL,
                PRIMARY KEY (id),
                KEY lot_fittings_lot_id_index (lot_id),
                KEY lot_fittings_asset_id_index (asset_id),
                FOREIGN KEY (lot_id) REFERENCES lots (id),
                FOREIGN KEY (asset_id) REFERENCES assets (id),
                CONSTRAINT lot_fittings_did CHECK (did IN ('fitted', 'removed'))
            )
            SQL,
        <<<'SQL'
            CREATE TABLE IF NOT EXISTS part_repairs (
                id bigint unsigned NOT NULL AUTO_INCREMENT,
                site_id bigint unsigned NOT NULL,
                stock_id bigint unsigned NOT NULL,
                supplier_id bigint unsigned,
                quantity decimal(14,3) NOT NULL,
                value_cents bigint NOT NULL,
                left_cents bigint NOT NULL,
                came_off varchar(200),
                sent_on date NOT NULL,
                expected_on date NOT NULL,
                mended decimal(14,3) NOT NULL DEFAULT 0,
                scrapped decimal(14,3) NOT NULL DEFAULT 0,
                cost_cents bigint NOT NULL DEFAULT 0,
                lost_cents bigint NOT NULL DEFAULT 0,
                sent_who varchar(80) NOT NULL,
                over_on date,
                note varchar(250),
                version int unsigned NOT NULL DEFAULT 1,
                created_at datetime(6),
                updated_at datetime(6),
                PRIMARY KEY (id),
                KEY part_repairs_stock_id_over_on_index (stock_id, over_on),
                KEY part_repairs_site_id_over_on_index (site_id, over_on),
                FOREIGN KEY (stock_id, site_id) REFERENCES stock (id, site_id),
                FOREIGN KEY (supplier_id) REFERENCES suppliers (id),
                CONSTRAINT part_repairs_signs CHECK (
                    quantity > 0 AND value_cents >= left_cents AND left_cents >= 0
                    AND mended >= 0 AND scrapped >= 0 AND cost_cents >= 0
                    AND mended + scrapped <= quantity AND expected_on >= sent_on
                )
            )
            SQL,
        <<<'SQL'
            CREATE TABLE IF NOT EXISTS tools (
                id bigint unsigned NOT NULL AUTO_INCREMENT,
                site_id bigint unsigned NOT NULL,
                number varchar(40) NOT NULL,
                name varchar(120) NOT NULL,
                place varchar(80),
                calibrated_until date,
                note varchar(500),
                retired tinyint(1) NOT NULL DEFAULT 0,
                version int unsigned NOT NULL DEFAULT 1,
                created_at datetime(6),
                updated_at datetime(6),
                PRIMARY KEY (id),
                UNIQUE KEY tools_site_id_number_unique (site_id, number),
                UNIQUE KEY tools_id_site_id_unique (id, site_id),
                KEY tools_site_id_calibrated_until_index (site_id, calibrated_until),
                FOREIGN KEY (site_id) REFERENCES sites (id)
            )
            SQL,
        <<<'SQL'
            CREATE TABLE IF NOT EXISTS tool_loans (
                id bigint unsigned NOT NULL AUTO_INCREMENT,
                site_id bigint unsigned NOT NULL,
                tool_id bigint unsigned NOT NULL,
                to_id bigint unsigned,
                to_who varchar(80) NOT NULL,
                subject_kind varchar(20),
                subject_id bigint unsigned,
                label varchar(200),
                lent_on date NOT NULL,
                back_by date,
                back_on date,
                lent_who varchar(80) NOT NULL,
                back_who varchar(80),
                note varchar(250),
                PRIMARY KEY (id),
                KEY tool_loans_tool_id_back_on_index (tool_id, back_on),
                KEY tool_loans_site_id_back_on_index (site_id, back_on),
                FOREIGN KEY (tool_id, site_id) REFERENCES tools (id, site_id),
                FOREIGN KEY (to_id) REFERENCES users (id),
                CONSTRAINT tool_loans_days CHECK (back_by IS NULL OR back_by >= lent_on)
            )
            SQL,
        <<<'SQL'
            CREATE TABLE IF NOT EXISTS tool_bookings (
                id bigint unsigned NOT NULL AUTO_INCREMENT,
                site_id bigint unsigned NOT NULL,
                tool_id bigint unsigned NOT NULL,
                subject_kind varchar(20) NOT NULL,
                subject_id bigint unsigned NOT NULL,
                label varchar(200) NOT NULL,
                from_on date NOT NULL,
                to_on date NOT NULL,
                who varchar(80) NOT NULL,
                PRIMARY KEY (id),
                UNIQUE KEY tool_bookings_unique (tool_id, subject_kind, subject_id),
                KEY tool_bookings_subject_index (subject_kind, subject_id),
                KEY tool_bookings_site_id_to_on_index (site_id, to_on),
                FOREIGN KEY (tool_id, site_id) REFERENCES tools (id, site_id),
                CONSTRAINT tool_bookings_days CHECK (to_on >= from_on)
            )
            SQL,
    ];

    public function up(): void
    {
        foreach (self::TABLES as $table) {
            DB::statement($table);
        }
        Ledgers::close('stock_moves', 'purchase_receipts', 'stock_demands', 'lot_moves', 'lot_fittings');
    }
};
