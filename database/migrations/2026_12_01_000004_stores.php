<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/** Parts of the plant, and what they fit. */
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
                retired tinyint(1) NOT NULL DEFAULT 0,
                version int unsigned NOT NULL DEFAULT 1,
                created_at datetime(6),
                updated_at datetime(6),
                PRIMARY KEY (id),
                UNIQUE KEY parts_number_unique (number),
                KEY parts_retired_name_index (retired, name),
                FOREIGN KEY (supplier_id) REFERENCES suppliers (id),
                CONSTRAINT parts_price CHECK (price IS NULL OR price >= 0),
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
    ];

    public function up(): void
    {
        foreach (self::TABLES as $table) {
            DB::statement($table);
        }
    }
};
